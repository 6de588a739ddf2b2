#!/usr/bin/env bash
# npm run forget -- --yes: deletes every design, part, revision and setting that is stored here. Backups stay.
set -euo pipefail
cd "$(dirname "$0")/.."
STATE="$PWD/.flint"
for part in say cluster watch; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done
HOME_OF_CLUSTER=$(cluster_home "$STATE" 2>/dev/null)
[ -d "$HOME_OF_CLUSTER" ] || fail "Nothing is stored here."
[ "${1:-}" = --yes ] ||
  fail "This deletes everything that is stored in $HOME_OF_CLUSTER, for good. Make a backup first (npm run backup), then say so: npm run forget -- --yes."
one_at_a_time "$STATE"
cluster_running "$HOME_OF_CLUSTER" && fail "The database in $HOME_OF_CLUSTER still runs; stop it first."
rm -rf "$HOME_OF_CLUSTER"
# Below /var/lib its own folder goes too.
case $HOME_OF_CLUSTER in /var/lib/flint-shelf/*) rmdir "$(dirname "$HOME_OF_CLUSTER")" ;; esac
rm -f "$STATE/cluster.path" "$STATE"/*.log "$STATE"/*.log.1
say "Everything that was stored here is deleted. Backups in $STATE/backups are still there."
