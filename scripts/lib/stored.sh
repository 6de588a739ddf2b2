# The database with what is stored, for commands beside the application. Needs say.sh and cluster.sh.

# stored_database STATE [make]: exports how to reach it; starts it when it does not run, and stops it again at the end.
# With `make` it is made when there is none.
stored_database() {
  local home
  home=$(cluster_home "$1")
  if [ ! -d "$home" ]; then
    [ "${2:-}" = make ] || fail "Nothing is stored here yet, so there is nothing to back up."
    cluster_create "$home"
  fi
  STORED_HOME=$home
  STARTED_CLUSTER=0
  trap 'if [ "$STARTED_CLUSTER" = 1 ]; then cluster_stop "$STORED_HOME"; fi' EXIT
  cluster_start "$home" "${FLINT_DB_PORT:-54810}"
  set -a
  # shellcheck source=/dev/null
  . "$home/database.env"
  FLINT_DB_PORT=$DB_PORT
  set +a
  export PG_BIN
}
