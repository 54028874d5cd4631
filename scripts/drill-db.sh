#!/usr/bin/env bash
# Kills the drill's own PostgreSQL as a power cut would (no shutdown, no checkpoint) and starts it again. Called by the long drill.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
. scripts/common.sh
. scripts/run.sh
folder=$(cluster_folder drillpg)
server=$(pg head -n 1 "$folder/postmaster.pid")
all="$server $(pgrep -P "$server" | tr '\n' ' ')"
pg "$BIN/pg_ctl" -D "$folder" kill KILL "$server"
# Its children notice that it is gone and leave; only when all of them have is its port and its memory free for the next.
for _ in $(seq 1 200); do
  left=0
  for p in $all; do [ ! -e "/proc/$p" ] || left=1; done
  [ "$left" = 1 ] || break
  sleep 0.05
done
[ "$left" = 0 ] || fail "the killed database does not leave." "look for postgres processes of $folder."
start_cluster "$folder" 5680 "-c max_connections=200"
