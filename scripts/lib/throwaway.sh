# A cluster for tests and measurements, gone when they end. Needs say.sh, cluster.sh and PG_BIN.

# throwaway_cluster: makes and starts one on a free port and exports how to reach it.
throwaway_cluster() {
  THROWAWAY=$(mktemp -d /tmp/flint-shelf-test.XXXXXX)
  chmod 755 "$THROWAWAY"
  cluster_create "$THROWAWAY/cluster" throwaway
  cluster_start "$THROWAWAY/cluster" "$(node scripts/lib/port.mjs any)"
  set -a
  # shellcheck source=/dev/null
  . "$THROWAWAY/cluster/database.env"
  FLINT_DB_PORT=$DB_PORT
  set +a
}

throwaway_end() {
  [ -n "${THROWAWAY:-}" ] || return 0
  cluster_stop "$THROWAWAY/cluster"
  rm -rf "$THROWAWAY"
}
