#!/usr/bin/env bash
# One database into one file, and back. Called by ./wexis backup and restore, and by the tests.
#   backup.sh save FILE   writes DATABASE into FILE, which is there whole or not at all
#   backup.sh bring FILE  makes DATABASE from FILE: everything in it, or no database at all
# Where: PGHOST, PGPORT, PGUSER, PGPASSWORD, DATABASE. Whose the restored one is: OWNER.
set -euo pipefail
verb=${1:?save or bring} file=${2:?a file} bin=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -n 1)
export LC_ALL=C

case "$verb" in
  save)
    "$bin/pg_dump" --format=custom --no-owner --no-privileges --dbname="$DATABASE" --file="$file.part" || { rm -f "$file.part"; exit 1; }
    mv "$file.part" "$file"
    ;;
  bring)
    [ -r "$file" ] || { echo "There is no file $file." >&2; exit 1; }
    "$bin/pg_restore" --list "$file" > /dev/null || { echo "$file is no backup of Wexis. Nothing was changed." >&2; exit 1; }
    "$bin/createdb" --owner="$OWNER" "$DATABASE"
    if ! "$bin/pg_restore" --no-owner --role="$OWNER" --no-privileges --single-transaction --exit-on-error --dbname="$DATABASE" "$file"; then
      "$bin/dropdb" --force "$DATABASE"
      echo "$file is torn: not all of it could be read. Nothing was changed." >&2
      exit 1
    fi
    ;;
  *) echo "save or bring, not $verb" >&2; exit 2 ;;
esac
