#!/usr/bin/env bash
# Builds the web application and the server into dist/, unless nothing has changed since.
set -euo pipefail
cd "$(dirname "$0")/.."
# shellcheck source=lib/say.sh
. scripts/lib/say.sh

stamp=dist/.built
if [ -f "$stamp" ] && [ -z "$(find apps packages package-lock.json tsconfig.base.json scripts/build-server.mjs scripts/compress-web.mjs \
  -newer "$stamp" -type f -not -path '*/node_modules/*' -print -quit)" ]; then
  exit 0
fi
say "Building …"
mkdir -p dist
log=dist/build.log
if ! { npx --no-install vite build apps/web --logLevel warn && node scripts/compress-web.mjs && node scripts/build-server.mjs; } >"$log" 2>&1; then
  cat "$log" >&2
  fail "The application could not be built."
fi
touch "$stamp"
