# Who may come in, and how. Needs say.sh.

# need_certificate: reads the certificate and its key, when there are any, into the environment of the server, which
# may not be allowed to read the files itself.
need_certificate() {
  [ -n "${FLINT_CERTIFICATE:-}${FLINT_KEY:-}" ] || return 0
  [ -n "${FLINT_CERTIFICATE:-}" ] && [ -n "${FLINT_KEY:-}" ] ||
    fail "FLINT_CERTIFICATE and FLINT_KEY go together: set both, or none."
  local file
  for file in "$FLINT_CERTIFICATE" "$FLINT_KEY"; do
    grep -q -- '-----BEGIN' "$file" 2>/dev/null || fail "$file cannot be read as PEM."
  done
  FLINT_CERTIFICATE_PEM=$(cat "$FLINT_CERTIFICATE")
  FLINT_KEY_PEM=$(cat "$FLINT_KEY")
  export FLINT_CERTIFICATE_PEM FLINT_KEY_PEM
}

scheme() { if [ -n "${FLINT_CERTIFICATE:-}" ]; then echo https; else echo http; fi; }

# session_secret STATE: what the cookies are signed with; made once, and readable by its owner alone.
session_secret() {
  local file="$1/session.secret"
  if [ ! -s "$file" ]; then
    (umask 077 && random_password >"$file")
  fi
  cat "$file"
}

# first_code: eight letters and digits that are not mistaken for each other, new at every start.
first_code() {
  local code
  code=$(set +o pipefail && LC_ALL=C tr -dc 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789' </dev/urandom | head -c 8)
  printf '%s-%s' "${code:0:4}" "${code:4}"
}

# as_web_user ROOT COMMAND…: as root, the server runs as the user nobody. Where that user cannot enter the folder, as
# in root's home, it keeps one right of root, that to read.
as_web_user() {
  local root=$1 rights=-all
  shift
  if [ "$(id -u)" != 0 ]; then
    exec "$@"
  fi
  if ! setpriv --reuid=nobody --regid=nogroup --clear-groups test -r "$root/dist/server/main.js"; then
    rights=-all,+dac_read_search
  fi
  exec setpriv --reuid=nobody --regid=nogroup --clear-groups --no-new-privs \
    --bounding-set="$rights" --inh-caps="$rights" --ambient-caps="$rights" "$@"
}

# say_who_may_in URL: how the first account is made, as long as there is none.
say_who_may_in() {
  case $(node scripts/lib/session.mjs "$1") in
    house) ;;
    'no account yet')
      say "It can be reached from other machines, so people sign in. Make the first account at $1 with the code $FLINT_FIRST_CODE."
      ;;
    *) say "It can be reached from other machines; people sign in." ;;
  esac
}
