#!/usr/bin/env bash
# npm run bench: how fast the core and the built application are on this machine.
set -euo pipefail
cd "$(dirname "$0")/.."
STATE="$PWD/.flint"
for part in say node packages cluster throwaway; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done
need_node
install -d -m 755 "$STATE"
need_postgres
need_chromium
need_npm_packages
bash scripts/build.sh
THROWAWAY=
trap throwaway_end EXIT
for bench in evaluations layouts paths large boards tracing; do
  # Built as the application is: the loader of the tests makes every function slower.
  npx --no-install esbuild "bench/$bench.ts" --bundle --platform=node --format=esm \
    --outfile="$STATE/bench/$bench.mjs" --log-level=error
  node "$STATE/bench/$bench.mjs"
done
throwaway_cluster
NODE_OPTIONS='' node --import tsx bench/pages.ts
NODE_OPTIONS='' node --import tsx bench/manyParts.ts
npx --no-install playwright test -c bench --reporter=dot
