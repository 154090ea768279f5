#!/usr/bin/env bash
# Starts and stops the real thing as a teacher would, and looks at what is left. Run by ./zesty test.
set -euo pipefail
# Bare machines have no locale.
unset LANG LC_ALL LC_CTYPE
cd "$(dirname "${BASH_SOURCE[0]}")/.."

FOLDER=$(mktemp -d "${TMPDIR:-/tmp}/zesty-start.XXXXXX")
PORT=18080 RUN=
chmod 755 "$FOLDER"
trap '[ -z "$RUN" ] || kill -TERM "$RUN" 2>/dev/null || true; rm -rf "$FOLDER"' EXIT

fail() {
  printf 'start-test: %s\n' "$*" >&2
  if [ -f "$FOLDER/log" ]; then cat "$FOLDER/log" >&2; fi
  exit 1
}
is() { [ "$2" = "$3" ] || fail "$1: expected \"$3\", found \"$2\""; }
holds() { case $2 in *"$3"*) ;; *) fail "$1: \"$2\" does not say \"$3\"" ;; esac; }

# start KIND FOLDER: runs in the background until it prints its address; its id in RUN, the page's in ADDRESS.
start() {
  local i
  # A job of its own, for a background job of a script would not hear Ctrl-C.
  set -m
  ./zesty "$1" --port "$PORT" --data "$2" >"$FOLDER/log" 2>&1 &
  RUN=$!
  set +m
  for ((i = 0; i < 3000; i++)); do
    ADDRESS=$(sed -n 's/^ *Zesty Thumb is ready: *//p' "$FOLDER/log")
    if [ -n "$ADDRESS" ]; then return; fi
    kill -0 "$RUN" 2>/dev/null || fail "it ended before it was ready"
    read -rt 0.1 <> <(:) || true
  done
  fail "it is not ready after five minutes"
}

# Ctrl-C, as a shell sends it: to the whole group, and again by somebody who cannot wait.
interrupt() {
  kill -INT -- "-$RUN"
  read -rt 0.3 <> <(:) || true
  kill -INT -- "-$RUN" 2>/dev/null || true
  wait "$RUN" || true
  RUN=
  if curl -sf -o /dev/null "$ADDRESS"; then fail "the page still answers after Ctrl-C"; fi
}

said=$(./zesty demo --port nine 2>&1) && fail "a port that is no number is taken"
holds "a port that is no number" "$said" "--port takes a number"
said=$(./zesty demo --colour blue 2>&1) && fail "an unknown option is taken"
holds "an unknown option" "$said" "unknown option --colour"

# A folder that people share: what is in it and whose it is stays as it was.
mkdir "$FOLDER/shared"
echo "our own" >"$FOLDER/shared/letter.txt"
owner=$(stat -c %U:%a "$FOLDER/shared")
start demo "$FOLDER/shared"
tunes=$(curl -sf "${ADDRESS}api/tunes" | grep -o '"title"' | wc -l)
charts=(app/src/main/resources/demo/*.chart)
is "tunes of the demo" "$tunes" "${#charts[@]}"
holds "the page" "$(curl -sf "$ADDRESS")" "<title>"
holds "what is measured" "$(curl -sf "${ADDRESS}api/prometheus")" "http_server_requests_seconds_count"
holds "who waits" "$(curl -sf "${ADDRESS}api/prometheus")" "zesty_computations_waiting"
if grep -n -e '-v password' zesty scripts/*.sh | grep -v start-test; then fail "a password stands on a command line"; fi
if [ "$(id -u)" = 0 ]; then
  # The brackets keep the search from finding itself.
  app=$(grep -ls -e "--server[.]port=$PORT" /proc/[0-9]*/cmdline | head -n 1)
  is "who runs the app" "$(stat -c %U "$(dirname "$app")")" nobody
fi
role=$(PGPASSWORD=$(cat "$FOLDER/shared/zesty-thumb/app-password") psql -X -tA -h 127.0.0.1 -U zesty_app -d postgres \
  -p "$(sed -n 4p "$FOLDER/shared/zesty-thumb/postgres/postmaster.pid")" -c "
  select rolsuper or rolcreatedb or rolcreaterole or rolreplication or rolbypassrls
         or has_database_privilege('postgres', 'CREATE') or has_database_privilege('postgres', 'TEMP'),
         (select pg_get_userbyid(nspowner) from pg_namespace where nspname = 'public'),
         (select string_agg(distinct tableowner::text, ' ') from pg_tables where schemaname = 'public')
  from pg_roles where rolname = current_user")
is "what the app may do in the database" "$role" "f|zesty_app|zesty_app"
said=$(./zesty start --port "$PORT" --data "$FOLDER/shared" 2>&1) && fail "two apps share one database"
holds "a database in use" "$said" "in use already"
curl -sf -X DELETE "${ADDRESS}api/tunes/$(curl -sf "${ADDRESS}api/tunes" | sed 's/.*"id":\([0-9]*\).*/\1/')" ||
  fail "a tune cannot be removed"
interrupt
is "whose the shared folder is" "$(stat -c %U:%a "$FOLDER/shared")" "$owner"
is "what lay in it" "$(cat "$FOLDER/shared/letter.txt")" "our own"
if [ -e "$FOLDER/shared/zesty-thumb/postgres/postmaster.pid" ]; then fail "the database still runs after Ctrl-C"; fi

# What a making that was cut off leaves is begun anew; a database of another PostgreSQL is not touched.
mkdir -p "$FOLDER/cut/postgres.making" "$FOLDER/old/postgres"
touch "$FOLDER/cut/postgres.making/PG_VERSION"
echo 9.1 >"$FOLDER/old/postgres/PG_VERSION"
if [ "$(id -u)" = 0 ]; then chown -R postgres: "$FOLDER/old" "$FOLDER/cut"; fi
said=$(timeout 60 ./zesty start --port "$PORT" --data "$FOLDER/old" 2>&1) && fail "a database of PostgreSQL 9.1 is taken"
holds "a database of old" "$said" "made by PostgreSQL 9.1"
is "what lies in a database of old" "$(ls "$FOLDER/old/postgres")" PG_VERSION

# Ctrl-C while the database comes up leaves nothing running.
set -m
./zesty start --port "$PORT" --data "$FOLDER/cut" >"$FOLDER/log" 2>&1 &
RUN=$!
set +m
for ((i = 0; i < 600; i++)); do
  if [ -e "$FOLDER/cut/owner" ] || [ -e "$FOLDER/cut/zesty-thumb/owner" ]; then break; fi
  read -rt 0.1 <> <(:) || true
done
kill -INT -- "-$RUN"
wait "$RUN" || true
RUN=
if pgrep -f "$FOLDER/cut" >/dev/null; then fail "something still runs after an early Ctrl-C: $(pgrep -fa "$FOLDER/cut")"; fi

# Started again it knows what was done, and does not build anew.
start demo "$FOLDER/shared"
is "tunes after a second start" "$(curl -sf "${ADDRESS}api/tunes" | grep -o '"title"' | wc -l)" "$((${#charts[@]} - 1))"
if grep -q building "$FOLDER/log"; then fail "it was built anew though nothing has changed"; fi
interrupt
echo "start-test: started, stopped and started again"
