#!/usr/bin/env bash
# npm run backup [FILE]: everything that is stored, in one file that is checked after it is written.
#
# Without FILE it goes into FLINT_BACKUPS, or .flint/backups, under the date; there the last seven days and one of
# each of the last four weeks are kept. Works while Flint Shelf runs, and while it does not.
set -euo pipefail
WHERE_CALLED=$PWD
cd "$(dirname "$0")/.."
STATE="$PWD/.flint"
for part in say node packages cluster stored; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done
need_node
need_postgres
need_npm_packages
install -d -m 755 "$STATE"
stored_database "$STATE"
if [ $# -gt 0 ]; then
  FILE=$(cd "$WHERE_CALLED" && realpath -m -- "$1")
  node scripts/lib/backup.mjs make "$FILE"
else
  FOLDER=${FLINT_BACKUPS:-$STATE/backups}
  (umask 077 && mkdir -p "$FOLDER") 2>/dev/null || fail "Nothing can be written in $FOLDER; set FLINT_BACKUPS to another folder."
  node scripts/lib/backup.mjs make "$FOLDER/flint-shelf-$(date +%Y-%m-%d-%H%M%S).tar"
  node scripts/lib/backup.mjs prune "$FOLDER"
fi
