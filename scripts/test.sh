#!/usr/bin/env bash
# npm test: everything from a fresh clone to "N passed, N failed".
set -euo pipefail
cd "$(dirname "$0")/.."
STATE="$PWD/.flint"
for part in say node packages cluster throwaway tally; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done

need_node
install -d -m 755 "$STATE"
need_postgres
need_chromium
need_npm_packages

reports=$(mktemp -d)
THROWAWAY=
CHECKS=
HOUSE=
clean_up() {
  for child in $CHECKS $HOUSE; do pkill -P "$child" 2>/dev/null || true; done
  throwaway_end
  rm -rf "$reports"
}
trap clean_up EXIT
trap 'exit 130' INT TERM

# What only reads the code runs beside the unit tests.
(
  check "lock file" node scripts/lib/check-lock.mjs
  check "format" npm run -s format:check
  check "types" npm run -s types
  check "lint" npm run -s lint
  check "import rules" npm run -s imports
  check "unused code" npm run -s unused
  printf '%s %s' "$PASSED" "$FAILED" >"$reports/checks"
) >"$reports/checks.log" 2>&1 &
CHECKS=$!
check "build" bash scripts/build.sh

throwaway_cluster
# run_jest NAME WORKERS: the tests of a project, to be counted afterwards.
run_jest() {
  say "Running the $1 tests …"
  NODE_OPTIONS="--experimental-vm-modules --no-warnings" npx --no-install jest --selectProjects "$1" \
    --maxWorkers="$2" --silent --json --outputFile="$reports/$1.json" >"$reports/$1.log" 2>&1 || touch "$reports/$1.failed"
}
# count_jest NAME: what came of them, and all that failed.
count_jest() {
  if [ -e "$reports/$1.failed" ]; then sed -n '/●/,$p' "$reports/$1.log"; fi
  count "$reports/$1.json" jest
}
run_jest unit 2
count_jest unit
wait "$CHECKS" || true
CHECKS=
cat "$reports/checks.log"
count_checks "$reports/checks"
# Some of these hold answers to a time, so nothing else runs beside them.
run_jest api 2
count_jest api
# These mostly wait for servers that start and end, so the browser need not wait for them.
run_jest house 1 &
HOUSE=$!

say "Running the browser tests …"
PLAYWRIGHT_JSON_OUTPUT_NAME="$reports/browser.json" npx --no-install playwright test -c e2e \
  --reporter=line,json >"$reports/browser.log" 2>&1 || tail -n 200 "$reports/browser.log"
count "$reports/browser.json" playwright
wait "$HOUSE" || true
HOUSE=
count_jest house

say "$PASSED passed, $FAILED failed"
[ "$FAILED" = 0 ]
