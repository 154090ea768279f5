# A PostgreSQL of the product's own: on loopback, on a free port, as an unprivileged user, in a folder
# of its own. Sourced by ./zesty.

PG_BIN=
DATABASE_FOLDER=

need_postgres() {
  PG_BIN=$(newest_postgres)
  if [ -z "$PG_BIN" ]; then
    # Debian would start a server of its own on install; this product starts one itself.
    install_packages "PostgreSQL" postgresql-common
    if is_root && [ -f /etc/postgresql-common/createcluster.conf ] && [ ! -d /etc/postgresql ]; then
      sed -i 's/^#\?create_main_cluster.*/create_main_cluster = false/' /etc/postgresql-common/createcluster.conf
    fi
    install_packages "PostgreSQL" postgresql
    PG_BIN=$(newest_postgres)
  fi
  [ -n "$PG_BIN" ] || die "PostgreSQL's programs were not found"
}

newest_postgres() {
  local dir
  for dir in $(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -Vr); do
    if [ -x "$dir/initdb" ]; then
      echo "$dir"
      return
    fi
  done
}

default_data() {
  if is_root; then
    echo /var/lib/zesty-thumb
  else
    echo "${XDG_DATA_HOME:-$HOME/.local/share}/zesty-thumb"
  fi
}

# PostgreSQL refuses to run as root: then Debian's user for it does.
as_database_user() {
  if is_root; then
    (cd / && setpriv --reuid postgres --regid postgres --init-groups env HOME=/tmp "$@")
  else
    "$@"
  fi
}

# Whether the ./zesty that started the database still runs.
is_owned() {
  local owner
  owner=$(cat "$DATABASE_FOLDER/owner" 2>/dev/null) || return 1
  [ -n "$owner" ] && grep -qs zesty "/proc/$owner/cmdline"
}

# Where in a folder the database is kept. One that is the database's own, or is made for it, holds it itself; in any
# other, which people may share, it gets a folder of its own, and nothing else there is touched.
database_home() {
  if [ -e "$1" ] && [ ! -f "$1/postgres/PG_VERSION" ] && [ -n "$(ls -A "$1")" ]; then
    echo "$1/zesty-thumb"
  elif [ -e "$1" ] && is_root && [ "$(stat -c %U "$1")" != postgres ]; then
    echo "$1/zesty-thumb"
  else
    echo "$1"
  fi
}

# database_start FOLDER: makes the database there if there is none, starts it, sets ZESTY_DB_*.
database_start() {
  local home
  home=$(database_home "$1")
  mkdir -p "$home"
  DATABASE_FOLDER=$(cd "$home" && pwd)
  local files=$DATABASE_FOLDER/postgres secret=$DATABASE_FOLDER/password port
  if is_root; then chown postgres: "$DATABASE_FOLDER"; fi
  as_database_user test -x "$DATABASE_FOLDER" ||
    die "the user postgres cannot reach $DATABASE_FOLDER; choose another folder with --data"
  if [ ! -f "$files/PG_VERSION" ]; then
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$secret")
    if is_root; then chown postgres: "$secret"; fi
    as_database_user "$PG_BIN/initdb" -D "$files" -U zesty -A scram-sha-256 --pwfile="$secret" \
      -E UTF8 --locale=C.UTF-8 >/dev/null
  fi
  if as_database_user "$PG_BIN/pg_ctl" -D "$files" status >/dev/null 2>&1; then
    if is_owned; then
      die "the database in $DATABASE_FOLDER is in use already; stop the other ./zesty, or choose another folder with --data"
    fi
    say "the last run was cut off; tidying up after it ..."
    as_database_user "$PG_BIN/pg_ctl" -D "$files" -m fast -w -s stop ||
      die "the database left from the last run does not stop; see $DATABASE_FOLDER/postgres.log"
  fi
  echo $$ >"$DATABASE_FOLDER/owner"
  port=$(free_port 54320 127.0.0.1)
  as_database_user "$PG_BIN/pg_ctl" -D "$files" -l "$DATABASE_FOLDER/postgres.log" -w -s start \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" ||
    die "the database did not start; see $DATABASE_FOLDER/postgres.log"
  export ZESTY_DB_USER=zesty ZESTY_DB_PASSWORD
  ZESTY_DB_PASSWORD=$(cat "$secret")
  export ZESTY_DB_URL=jdbc:postgresql://127.0.0.1:$port/postgres
}

database_stop() {
  if [ -n "$DATABASE_FOLDER" ]; then
    as_database_user "$PG_BIN/pg_ctl" -D "$DATABASE_FOLDER/postgres" -m fast -w -s stop || true
    DATABASE_FOLDER=
  fi
}
