#!/usr/bin/env bash
# npm run soak: what takes too long for npm test. 200,000 generated requests, 30 kills while six people save, and
# the memory of the server under minutes of work. About half an hour.
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
need_npm_packages
bash scripts/build.sh
THROWAWAY=
trap throwaway_end EXIT
throwaway_cluster
export NODE_OPTIONS="--experimental-vm-modules --no-warnings"
export FLINT_REQUESTS=${FLINT_REQUESTS:-200000} FLINT_KILLS=${FLINT_KILLS:-30}
npx --no-install jest --selectProjects api --testPathPatterns anyRequest
npx --no-install jest --selectProjects house --testPathPatterns kills
npx --no-install jest --selectProjects soak
