# Starting and stopping: a private PostgreSQL cluster on loopback, then the application. Sourced, not run.
PORT=${WEXIS_PORT:-5180}
BIN=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1 || true)

# Where the cluster lives: .wexis/pg, or beside Debian's own when root's clone lies where the postgres account may not enter.
cluster_folder() {
  local kind=${1:-pg}
  if as_root && ! setpriv --reuid=postgres --regid=postgres --init-groups --reset-env test -x "$STATE" 2>/dev/null; then
    printf '/var/lib/postgresql/wexis-%s-%s' "$(printf '%s' "$ROOT" | sha256sum | cut -c1-10)" "$kind"
  else
    printf '%s/%s' "$STATE" "$kind"
  fi
}

# PostgreSQL refuses to run as root: then it runs as Debian's own account for it.
pg() { if as_root; then (cd / && setpriv --reuid=postgres --regid=postgres --init-groups --reset-env "$@"); else "$@"; fi; }

port_free() { ! (exec 3<> "/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
free_port() { local p=$1; while ! port_free "$p"; do p=$((p + 1)); done; printf '%s' "$p"; }

ensure_postgres() {
  if [ -z "$BIN" ]; then ensure_packages postgresql; BIN=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -n 1); fi
}

pg_running() { pg "$BIN/pg_ctl" -D "$1" status > /dev/null 2>&1; }

# Makes the cluster when it is not there. A half-made one (interrupted initdb: no .made mark) is set aside, never deleted.
make_cluster() {
  local folder=$1
  [ -f "$folder/wexis.made" ] && return
  if [ -e "$folder" ] && [ -n "$(ls -A "$folder" 2>/dev/null)" ]; then
    say "The database folder is only half made; it is set aside as $(basename "$folder").half-made-$(date +%s)."
    mv "$folder" "$folder.half-made-$(date +%s)"
  fi
  say "Making a private PostgreSQL cluster …"
  mkdir -p "$folder"; chmod 700 "$folder"; if as_root; then chown postgres:postgres "$folder"; fi
  local secret; secret=$(head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9')
  local pwfile; pwfile=$(mktemp); printf '%s\n' "$secret" > "$pwfile"; if as_root; then chown postgres "$pwfile"; fi
  pg "$BIN/initdb" -D "$folder" -U wexis --pwfile="$pwfile" --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8 > "$STATE/initdb.log" 2>&1 || { rm -f "$pwfile"; fail "the cluster could not be made: $(tail -n 1 "$STATE/initdb.log")" "read .wexis/initdb.log."; }
  rm -f "$pwfile"
  (umask 077; printf '%s' "$secret" > "$STATE/$(basename "$folder").secret")
  pg touch "$folder/wexis.made"
}

# Starts a cluster on a free port; prints nothing, leaves the port in $STATE/NAME.port.
start_cluster() {
  local folder=$1 first=$2 extra=${3:-} name; name=$(basename "$folder")
  ensure_postgres
  make_cluster "$folder"
  if pg_running "$folder"; then return; fi
  local port; port=$(free_port "$(cat "$STATE/$name.port" 2>/dev/null || printf '%s' "$first")")
  pg "$BIN/pg_ctl" -D "$folder" -w -t 60 -l "$folder/server.log" -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $extra" start > "$STATE/$name-start.log" 2>&1 \
    || fail "PostgreSQL does not start: $(pg tail -n 1 "$folder/server.log" 2>/dev/null)" "read $folder/server.log. Your data is in $folder and was not touched."
  printf '%s' "$port" > "$STATE/$name.port"
}

stop_cluster() { if [ -n "$BIN" ] && [ -d "$1" ] && pg_running "$1"; then pg "$BIN/pg_ctl" -D "$1" -m fast -w stop > /dev/null; fi; }

# The application comes in as wexis_app, which owns its databases and may do nothing else; wexis, who made the cluster, stays at this desk.
connection() { local name; name=$(basename "$1"); printf 'Host=127.0.0.1;Port=%s;Username=wexis_app;Password=%s;Database=%s' "$(cat "$STATE/$name.port")" "$(cat "$STATE/$name.app.secret")" "$2"; }

sql() { local name; name=$(basename "$1"); PGPASSWORD=$(cat "$STATE/$name.secret") "$BIN/psql" -h 127.0.0.1 -p "$(cat "$STATE/$name.port")" -U wexis -d "${3:-postgres}" -v ON_ERROR_STOP=1 -qtAc "$2"; }

# The application's own role, made once for each cluster.
ensure_app_role() {
  local secret; secret="$STATE/$(basename "$1").app.secret"
  [ -s "$secret" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9' > "$secret")
  [ "$(sql "$1" "SELECT 1 FROM pg_roles WHERE rolname = 'wexis_app'")" = 1 ] || sql "$1" "CREATE ROLE wexis_app LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE"
  sql "$1" "ALTER ROLE wexis_app PASSWORD '$(cat "$secret")'"
}

# The database is there and the application's; one that an older Wexis made as its cluster's owner is handed over whole.
ensure_database() {
  ensure_app_role "$1"
  [ "$(sql "$1" "SELECT 1 FROM pg_database WHERE datname = '$2'")" = 1 ] || { sql "$1" "CREATE DATABASE $2 OWNER wexis_app"; return; }
  [ "$(sql "$1" "SELECT pg_get_userbyid(datdba) FROM pg_database WHERE datname = '$2'")" = wexis_app ] || sql "$1" "$(cat scripts/hand-over.sql)" "$2"
}

last_house() { cat "$STATE/last" 2>/dev/null || printf 'house'; }

server_pid() { local p; p=$(cat "$STATE/server.pid" 2>/dev/null) && [ -n "$p" ] && kill -0 "$p" 2>/dev/null && tr '\0' ' ' < "/proc/$p/cmdline" 2>/dev/null | grep -q "$STATE/app/Wexis.Server.dll" && printf '%s' "$p"; }

stop_server() {
  local p; p=$(server_pid) || return 0
  kill "$p"; for _ in $(seq 1 200); do kill -0 "$p" 2>/dev/null || break; sleep 0.1; done
  if kill -0 "$p" 2>/dev/null; then kill -9 "$p"; fi
  rm -f "$STATE/server.pid"
}

# start [house|demo] [--studio], in any order.
start_words() {
  local what='' word
  for word in "$@"; do
    case "$word" in --studio) STUDIO=${WEXIS_STUDIO_PORT:-5443} ;; *) what=$word ;; esac
  done
  start_all "${what:-$(last_house)}"
}

# start_all house|demo: build what changed, start database and application, say where.
start_all() {
  local what=$1 folder; folder=$(cluster_folder pg)
  case "$what" in demo|house) ;; *) fail "There is no '$what' to start." "./wexis start house, or ./wexis start demo." ;; esac
  ensure_postgres
  build_web
  build_server
  local stamp; stamp="$what ${STUDIO:-} $(cat "$STATE/server.built") $(cat "$STATE/web.built")"
  if [ -n "$(server_pid || true)" ] && [ "$(cat "$STATE/running" 2>/dev/null)" = "$stamp" ] && pg_running "$folder" && healthy; then announce "$what"; return; fi
  stop_server
  port_free "$PORT" || fail "port $PORT on this machine is taken by another program." "stop that program, or choose another port: WEXIS_PORT=$((PORT + 1)) ./wexis $([ "$what" = demo ] && echo demo || echo start)"
  start_cluster "$folder" 5480
  ensure_database "$folder" "wexis_$what"
  mkdir -p "$STATE/keys"; chmod 700 "$STATE/keys"; rm -f "$STATE/studio.txt"
  [ -z "${STUDIO:-}" ] || port_free "$STUDIO" || fail "port $STUDIO on this machine is taken by another program." "choose another: WEXIS_STUDIO_PORT=$((STUDIO + 1)) ./wexis start --studio"
  say "Starting Wexis …"
  ConnectionStrings__Wexis="$(connection "$folder" "wexis_$what")" Wexis__Demo=$([ "$what" = demo ] && echo true || echo false) Wexis__WebRoot="$ROOT/web/dist" Wexis__Keys="$STATE/keys" Wexis__Log="$STATE/log" Wexis__StudioPort="${STUDIO:-}" Wexis__StudioNote="$STATE/studio.txt" Wexis__FirstLeadCode="$([ "$what" = house ] && first_lead_code)" \
    ASPNETCORE_URLS="http://127.0.0.1:$PORT" ASPNETCORE_ENVIRONMENT=Production Logging__LogLevel__Microsoft=Warning \
    nohup setsid dotnet "$STATE/app/Wexis.Server.dll" > "$STATE/server.log" 2>&1 < /dev/null &
  printf '%s' $! > "$STATE/server.pid"
  for _ in $(seq 1 300); do healthy && break; kill -0 "$(cat "$STATE/server.pid")" 2>/dev/null || break; sleep 0.1; done
  healthy || { tail -n 15 "$STATE/server.log" >&2; fail "the application does not answer on port $PORT." "read .wexis/server.log. The database is untouched."; }
  printf '%s' "$what" > "$STATE/last"; printf '%s' "$stamp" > "$STATE/running"
  announce "$what"
}

# Who may be the first lead trainer reads this where Wexis was started.
first_lead_code() {
  [ -s "$STATE/first-lead.code" ] || (umask 077; head -c 8 /dev/urandom | od -An -tu8 | tr -dc '0-9' | cut -c1-6 > "$STATE/first-lead.code")
  cat "$STATE/first-lead.code"
}

healthy() { (exec 3<> "/dev/tcp/127.0.0.1/$PORT" && printf 'GET /api/ready HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 && timeout 3 cat <&3 | grep -q '"ready"') 2>/dev/null; }

announce() {
  say ""
  say "Wexis is ready:  http://127.0.0.1:$PORT"
  if [ "$1" = demo ]; then
    say ""
    say "Demo accounts (the sign-in page offers them too):"
    sed -n 's/.*"login": *"\([^"]*\)".*"password": *"\([^"]*\)".*"name": *"\([^"]*\)".*"role": *"\([^"]*\)".*/  \1\t\2\t\3, \4/p' data/demo/people.json
  else
    say "On first opening it asks for the lead trainer, and for this code: $(first_lead_code)"
    say "There is no default password."
  fi
  [ ! -s "$STATE/studio.txt" ] || { say ""; cat "$STATE/studio.txt"; }
  say ""
  say "Stop with ./wexis stop; nothing is lost."
}

stop_all() {
  stop_server
  stop_cluster "$(cluster_folder pg)"
  rm -f "$STATE/running"
  say "Wexis is stopped. Data stays in .wexis."
}

# with_store COMMAND…: with the address of the house that was open last, as PostgreSQL's own tools read it.
with_store() {
  local folder name; folder=$(cluster_folder pg); name=$(basename "$folder")
  start_cluster "$folder" 5480
  ensure_app_role "$folder"
  PGHOST=127.0.0.1 PGPORT=$(cat "$STATE/$name.port") PGUSER=wexis PGPASSWORD=$(cat "$STATE/$name.secret") OWNER=wexis_app "$@"
}

backup_to() {
  local file=${1:-}; [ -n "$file" ] || fail "Into which file?" "./wexis backup FILE"
  ensure_postgres
  DATABASE="wexis_$(last_house)" with_store bash scripts/backup.sh save "$file" || fail "the backup was not made." "is there room, and may this account write there?"
  say "Kept: $file ($(du -h "$file" | cut -f1)). It holds everything, health answers too: keep it as safely."
}

# What stands now is set aside under another name before the restored one takes its place; it is never deleted.
restore_from() {
  local file=${1:-} what aside; [ -n "$file" ] || fail "From which file?" "./wexis restore FILE"
  ensure_postgres
  what=$(last_house); aside="wexis_${what}_before_$(date +%Y%m%d_%H%M%S)"
  start_cluster "$(cluster_folder pg)" 5480
  PGOPTIONS='-c client_min_messages=warning' sql "$(cluster_folder pg)" "DROP DATABASE IF EXISTS wexis_${what}_restored WITH (FORCE)"
  DATABASE="wexis_${what}_restored" with_store bash scripts/backup.sh bring "$file" || fail "nothing was restored." "take another backup; what is stored was not touched."
  stop_server
  if [ "$(sql "$(cluster_folder pg)" "SELECT 1 FROM pg_database WHERE datname = 'wexis_$what'")" = 1 ]; then
    sql "$(cluster_folder pg)" "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = 'wexis_$what'" > /dev/null
    sql "$(cluster_folder pg)" "ALTER DATABASE wexis_$what RENAME TO $aside"
  fi
  sql "$(cluster_folder pg)" "ALTER DATABASE wexis_${what}_restored RENAME TO wexis_$what"
  say "Restored. What stood here before is kept in the database $aside."
  start_all "$what"
}
