#!/usr/bin/env bash
# npm start: everything from a fresh clone to a running Flint Shelf.
#
#   FLINT_PORT      where the application answers, 4810 if not set
#   FLINT_DB_PORT   where its database answers, 54810 if not set
#   FLINT_HOST      127.0.0.1 if not set; another address opens it to your network, and people sign in
#   FLINT_HOST_NAMES  names, with commas between, under which it may be opened beside localhost and addresses
#   FLINT_CERTIFICATE, FLINT_KEY  files of a certificate and its key (PEM), to speak HTTPS
#   FLINT_PROXY     address of a proxy before it whose X-Forwarded-For and X-Forwarded-Proto are believed, or
#                   "loopback"; people sign in then
#   FLINT_BACKUPS   a folder into which a backup goes every day; none if not set
set -euo pipefail
cd "$(dirname "$0")/.."
ROOT=$PWD
STATE="$ROOT/.flint"
for part in say node packages cluster watch door; do
  # shellcheck source=/dev/null
  . "scripts/lib/$part.sh"
done

PORT=${FLINT_PORT:-4810}
HOST=${FLINT_HOST:-127.0.0.1}
# Where it is asked whether it runs: everywhere means here too.
case $HOST in
  0.0.0.0 | ::) ASKED=127.0.0.1 ;;
  *:*) ASKED="[$HOST]" ;;
  *) ASKED=$HOST ;;
esac
URL="$(scheme)://$ASKED:$PORT"

for port in "$PORT" "${FLINT_DB_PORT:-54810}"; do
  [[ $port =~ ^[1-9][0-9]{0,4}$ ]] && [ "$port" -le 65535 ] ||
    fail "A port is a whole number from 1 to 65535, not $port; look at FLINT_PORT and FLINT_DB_PORT."
done
need_certificate
need_node
install -d -m 755 "$STATE" 2>/dev/null && [ -w "$STATE" ] ||
  fail "Nothing can be written in $ROOT, where the designs are to be kept."
if ! node scripts/lib/port.mjs free "$PORT" "$HOST"; then
  if node scripts/lib/health.mjs "$URL" 0 2>/dev/null; then
    fail "Flint Shelf already runs at $URL; open it there, or set FLINT_PORT to start another."
  fi
  node scripts/lib/port.mjs free 0 "$HOST" ||
    fail "$HOST is no address of this machine; set FLINT_HOST to one that is."
  fail "Port $PORT is taken by another program; set FLINT_PORT to another one."
fi
one_at_a_time "$STATE"
need_postgres
need_npm_packages
bash scripts/build.sh

HOME_OF_CLUSTER=$(cluster_home "$STATE")
if [ ! -d "$HOME_OF_CLUSTER" ]; then
  say "Making the database in $HOME_OF_CLUSTER …"
  cluster_create "$HOME_OF_CLUSTER"
fi
SERVER=
STARTED_CLUSTER=0
LOG="$STATE/server.log"
stop_all() {
  trap - EXIT INT TERM HUP
  if [ -n "$SERVER" ]; then
    kill -TERM "$SERVER" 2>/dev/null || true
    wait "$SERVER" 2>/dev/null || true
  fi
  rm -f "$STATE/address"
  [ "$STARTED_CLUSTER" = 1 ] && cluster_stop "$HOME_OF_CLUSTER"
  return 0
}
trap stop_all EXIT
trap 'stop_all; exit 0' INT TERM HUP
cluster_start "$HOME_OF_CLUSTER" "${FLINT_DB_PORT:-54810}"

set -a
# shellcheck source=/dev/null
. "$HOME_OF_CLUSTER/database.env"
FLINT_PORT=$PORT
FLINT_HOST=$HOST
FLINT_DB_PORT=$DB_PORT
FLINT_WEB_FOLDER="$ROOT/dist/web"
FLINT_DEMO_FOLDER="$ROOT/demo"
FLINT_SESSION_SECRET=$(session_secret "$STATE")
FLINT_FIRST_CODE=$(first_code)
set +a
export PG_BIN
node scripts/lib/backup.mjs upgrade "$STATE/backups" ||
  fail "What is stored could not be backed up before it is changed for this Flint Shelf, so nothing was started."
private_log "$LOG"
as_web_user "$ROOT" env NODE_ENV=production node --enable-source-maps dist/server/main.js >>"$LOG" 2>&1 9>&- &
SERVER=$!
node scripts/lib/health.mjs "$URL" 60 &
WAITING=$!
# Whichever comes first: an answer, the end of the waiting, or the end of a server that failed.
wait -n "$WAITING" "$SERVER" || { kill "$WAITING" 2>/dev/null || true; fail "The server did not start; the details are in $LOG."; }

say "Flint Shelf is at $URL (stop it with Ctrl-C; its log is .flint/server.log)."
say_who_may_in "$URL"
printf '%s' "$URL" >"$STATE/address"
watch_over "$SERVER" "$HOME_OF_CLUSTER"
wait "$SERVER" || fail "The server ended by itself; the details are in $LOG."
