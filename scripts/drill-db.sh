#!/usr/bin/env bash
# Kills the drill's own PostgreSQL as a power cut would (no shutdown, no checkpoint) and starts it again. Called by the long drill.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
. scripts/common.sh
. scripts/run.sh
folder=$(cluster_folder drillpg)
pg "$BIN/pg_ctl" -D "$folder" kill KILL "$(pg head -n 1 "$folder/postmaster.pid")"
# Its children notice that it is gone and leave; only then is its memory free for the next.
for _ in $(seq 1 100); do pgrep -f "postgres.*$(basename "$folder")" > /dev/null || break; sleep 0.05; done
start_cluster "$folder" 5680 "-c max_connections=200"
