# A PostgreSQL of the product's own: on loopback, on a free port, as an unprivileged user, in a folder
# of its own. Sourced by ./zesty.

PG_BIN=
DATABASE_FOLDER=
DATABASE_PORT=

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

# postgres_for FILES: a database is run by the PostgreSQL that made it; one that Debian no longer has is named.
postgres_for() {
  local major
  major=$(cat "$1/PG_VERSION" 2>/dev/null) || return 0
  [ "$PG_BIN" != "/usr/lib/postgresql/$major/bin" ] || return 0
  if [ ! -x "/usr/lib/postgresql/$major/bin/pg_ctl" ]; then
    say "$1 was made by PostgreSQL $major, and this machine has another."
    (install_packages "PostgreSQL $major" "postgresql-$major") ||
      die "with PostgreSQL $major (postgresql-$major) it starts as it is. Or save a backup on the machine where it still
      runs, start here with another --data folder, and restore the backup there"
  fi
  PG_BIN=/usr/lib/postgresql/$major/bin
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

# A file for each day of the week, written anew after a week.
LOGGING="-c logging_collector=on -c log_filename=%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d -c log_rotation_size=0"

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
    # Made beside and moved when it is whole: what a making that was cut off leaves is begun anew.
    rm -rf "$files.making"
    secret_in "$secret"
    as_database_user "$PG_BIN/initdb" -D "$files.making" -U zesty -A scram-sha-256 --pwfile="$secret" \
      -E UTF8 --locale=C.UTF-8 >/dev/null
    mv "$files.making" "$files"
  fi
  [ -s "$DATABASE_FOLDER/app-password" ] || secret_in "$DATABASE_FOLDER/app-password"
  postgres_for "$files"
  if as_database_user "$PG_BIN/pg_ctl" -D "$files" status >/dev/null 2>&1; then
    if is_owned; then
      # It is another's, and is not stopped from here.
      local used=$DATABASE_FOLDER
      DATABASE_FOLDER=
      die "the database in $used is in use already; stop the other ./zesty, or choose another folder with --data"
    fi
    say "the last run was cut off; tidying up after it ..."
    as_database_user "$PG_BIN/pg_ctl" -D "$files" -m fast -w -s stop ||
      die "the database left from the last run does not stop; see $DATABASE_FOLDER/postgres.log"
  fi
  echo $$ >"$DATABASE_FOLDER/owner"
  port=$(free_port 54320 127.0.0.1)
  as_database_user "$PG_BIN/pg_ctl" -D "$files" -l "$DATABASE_FOLDER/postgres.log" -w -s start \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $LOGGING" ||
    die "the database did not start; see $DATABASE_FOLDER/postgres.log and $files/log"
  export ZESTY_DB_USER=zesty_app ZESTY_DB_PASSWORD
  ZESTY_DB_PASSWORD=$(cat "$DATABASE_FOLDER/app-password")
  export ZESTY_DB_URL=jdbc:postgresql://127.0.0.1:$port/postgres
  DATABASE_PORT=$port
  as_owner <"$ROOT/scripts/roles.sql" || die "the app's role in the database could not be made"
}

# secret_in FILE: a new password, for the database's user alone.
secret_in() {
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$1")
  if is_root; then chown postgres: "$1"; fi
}

# What the database's owner says to it, from standard input. No password stands on a command line, which everybody may read.
as_owner() {
  { echo '\set password `printenv ZESTY_DB_PASSWORD`' && cat; } |
    PGPASSWORD=$(cat "$DATABASE_FOLDER/password") PGOPTIONS="-c client_min_messages=warning" \
    "$PG_BIN/psql" -X -q -v ON_ERROR_STOP=1 \
    -h 127.0.0.1 -p "$DATABASE_PORT" -U zesty -d postgres >/dev/null
}

database_stop() {
  local i
  if [ -n "$DATABASE_FOLDER" ] && [ -f "$DATABASE_FOLDER/owner" ]; then
    # Ctrl-C may come while it starts, before it can be told to stop.
    for ((i = 0; i < 20; i++)); do
      if as_database_user "$PG_BIN/pg_ctl" -D "$DATABASE_FOLDER/postgres" -m fast -w -s stop 2>/dev/null; then break; fi
      pgrep -f -- "-D $DATABASE_FOLDER/postgres" >/dev/null 2>&1 || break
      sleep 0.2
    done
    rm -f "$DATABASE_FOLDER/owner"
  fi
  DATABASE_FOLDER=
}
