#!/usr/bin/env bash
# npm run check: reads every document and data sheet that is stored and says what is wrong with it. Changes nothing.
#
# Works while Flint Shelf runs, and while it does not. Exit status 1 when anything is wrong.
set -euo pipefail
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
node --import tsx scripts/lib/check.ts
