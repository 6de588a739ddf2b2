# Debian packages the project needs, installed when they are missing.

# Runs a command with the right to install, or says that there is none.
as_root() {
  if [ "$(id -u)" = 0 ]; then
    "$@"
  elif command -v sudo >/dev/null 2>&1 && { sudo -n true 2>/dev/null || [ -t 0 ]; }; then
    sudo "$@"
  else
    return 77
  fi
}

# install_debian WHAT PACKAGE…
install_debian() {
  local what=$1 log="$STATE/apt.log" status=0
  shift
  command -v apt-get >/dev/null 2>&1 ||
    fail "$what is missing and this is not a Debian machine; install it by hand."
  say "Installing $what from Debian's packages …"
  as_root env DEBIAN_FRONTEND=noninteractive apt-get update >"$log" 2>&1 || status=$?
  [ "$status" = 77 ] && fail "$what is missing and this user has no right to install it; have an administrator run: apt-get install $*."
  as_root env DEBIAN_FRONTEND=noninteractive \
    apt-get install -y --no-install-recommends "$@" >>"$log" 2>&1 ||
    fail "$what could not be installed; is the network there? The details are in $log."
}

# Sets PG_BIN to the folder with initdb and pg_ctl.
find_postgres() {
  local search=${FLINT_PG_SEARCH:-/usr/lib/postgresql} newest
  newest=$(ls -d "$search"/*/bin/initdb 2>/dev/null | sort -V | tail -n 1)
  PG_BIN=${newest%/initdb}
  [ -n "$PG_BIN" ]
}

need_postgres() {
  find_postgres && return 0
  # Debian would make a cluster of its own on port 5432; ours is all that is wanted.
  local conf=/etc/postgresql-common/createcluster.d/flint-shelf.conf status=0
  as_root sh -c "mkdir -p ${conf%/*} && echo 'create_main_cluster = false' >$conf" 2>/dev/null || true
  (install_debian PostgreSQL postgresql) || status=$?
  as_root rm -f "$conf" 2>/dev/null || true
  [ "$status" = 0 ] || exit "$status"
  find_postgres || fail "PostgreSQL was installed but is not where it is expected, below /usr/lib/postgresql."
}

need_chromium() {
  # The headless shell draws pages as Chromium does, without what a desktop needs: a fifth less time.
  command -v chromium-headless-shell >/dev/null 2>&1 && return 0
  install_debian Chromium chromium-headless-shell
}
