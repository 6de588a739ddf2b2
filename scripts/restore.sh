#!/usr/bin/env bash
# npm run restore FILE: puts back everything that a backup holds, in place of what is stored now.
#
# What is stored now goes into a backup of its own first. Flint Shelf must not run.
set -euo pipefail
WHERE_CALLED=$PWD
cd "$(dirname "$0")/.."
STATE="$PWD/.flint"
for part in say node packages cluster stored watch; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done
[ $# -eq 1 ] || fail "Name the backup that is to be restored: npm run restore -- FILE."
FILE=$(cd "$WHERE_CALLED" && realpath -m -- "$1")
[ -r "$FILE" ] || fail "$FILE cannot be read."
need_node
install -d -m 755 "$STATE"
one_at_a_time "$STATE"
need_postgres
need_npm_packages
stored_database "$STATE" make
(umask 077 && mkdir -p "$STATE/backups")
node scripts/lib/backup.mjs check "$FILE"
node scripts/lib/backup.mjs make "$STATE/backups/before-restore-$(date +%Y-%m-%d-%H%M%S).tar"
node scripts/lib/backup.mjs restore "$FILE"
