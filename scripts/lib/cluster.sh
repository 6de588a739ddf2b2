# The project's own PostgreSQL cluster. Needs say.sh and PG_BIN.
#
# A cluster's home holds data/, server.log and database.env (user, name and password of the
# application's login). It is made under another name and moved into place at the very end, so a
# home that exists is always complete.

SCRIPTS=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

# PostgreSQL refuses to run as root, so as root it runs as Debian's own database user.
cluster_user() {
  if [ "$(id -u)" = 0 ]; then echo postgres; else id -un; fi
}

# The database user may not be able to enter this folder, so commands run from the root folder.
as_cluster_user() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && runuser -u postgres -- "$@")
  else
    (cd / && "$@")
  fi
}

# cluster_home STATE: where this clone's cluster lives. Normally in the state folder, so that it moves
# with the clone; when the database user cannot enter that (a clone in root's home), below /var/lib,
# and a note says where.
cluster_home() {
  local state=$1 note="$1/cluster.path" home
  home="$state/cluster"
  if [ ! -d "$home" ] && [ -s "$note" ]; then
    home=$(cat "$note")
  elif [ ! -d "$home" ] && ! as_cluster_user test -x "$state"; then
    home="/var/lib/flint-shelf/$(printf '%s' "$state" | sha256sum | cut -c1-12)/cluster"
    printf '%s' "$home" >"$note"
  fi
  printf '%s' "$home"
}

random_password() { head -c 24 /dev/urandom | base64 | tr '+/' '-_'; }

# cluster_create HOME [throwaway]
cluster_create() {
  local home=$1 new="$1.new" password admin_file user
  user=$(cluster_user)
  rm -rf "$new"
  install -d -m 755 "$(dirname "$home")"
  install -d -m 711 "$new"
  [ "$(id -u)" = 0 ] && chown postgres "$new"

  # The administrator's password is needed by nobody: roles are made in single-user mode below.
  admin_file=$(mktemp)
  random_password >"$admin_file"
  [ "$(id -u)" = 0 ] && chown postgres "$admin_file"
  as_cluster_user "$PG_BIN/initdb" -D "$new/data" -U postgres --encoding=UTF8 --locale=C.UTF-8 \
    --data-checksums --auth=scram-sha-256 --pwfile="$admin_file" >"$STATE/initdb.log" 2>&1 ||
    fail "The database cluster could not be made; the details are in $STATE/initdb.log."
  rm -f "$admin_file"

  as_cluster_user tee -a "$new/data/postgresql.conf" >/dev/null <<CONF

# Flint Shelf: loopback only, no socket files.
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
timezone = 'UTC'
CONF
  if [ "${2:-}" = throwaway ]; then
    printf 'fsync = off\nfull_page_writes = off\n' |
      as_cluster_user tee -a "$new/data/postgresql.conf" >/dev/null
  fi

  password=$(random_password)
  printf "CREATE ROLE flint LOGIN %s PASSWORD '%s';\nCREATE DATABASE flint OWNER flint;\n" \
    "$([ "${2:-}" = throwaway ] && echo CREATEDB)" "$password" |
    as_cluster_user "$PG_BIN/postgres" --single -D "$new/data" postgres >>"$STATE/initdb.log" 2>&1 ||
    fail "The database could not be made; the details are in $STATE/initdb.log."

  (
    umask 077
    printf 'FLINT_DB_USER=flint\nFLINT_DB_NAME=flint\nFLINT_DB_PASSWORD=%s\n' "$password" >"$new/database.env"
  )
  mv "$new" "$home"
  sync "$(dirname "$home")"
}

# cluster_running HOME: is a server at work on this cluster? Leaves nothing behind that is stale.
cluster_running() {
  local pid_file="$1/data/postmaster.pid" pid
  pid=$(head -n 1 "$pid_file" 2>/dev/null) || return 1
  # After a power cut the number in the file may belong to any process; only a server of this very
  # cluster counts. A stale file would keep the real one from starting.
  if [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF -- "$1/data"; then
    return 0
  fi
  rm -f "$pid_file"
  return 1
}

# postgres_of HOME: sets PG_BIN to the programs of the version that made the cluster; another one cannot read it.
postgres_of() {
  local made bin
  made=$(as_cluster_user cat "$1/data/PG_VERSION")
  bin="${FLINT_PG_SEARCH:-/usr/lib/postgresql}/$made/bin"
  [ -x "$bin/pg_ctl" ] ||
    fail "The designs were stored by PostgreSQL $made, which is not installed; have an administrator run: apt-get install postgresql-$made."
  PG_BIN=$bin
}

# cluster_start HOME PORT: sets DB_PORT to the port in use; STARTED_CLUSTER=1 if it was started here.
cluster_start() {
  local home=$1 port=$2 owner
  STARTED_CLUSTER=0
  owner=$(stat -c %U "$home/data")
  [ "$owner" = "$(cluster_user)" ] ||
    fail "The database in $home belongs to the user $owner; start Flint Shelf as you did the first time."
  postgres_of "$home"
  if cluster_running "$home"; then
    DB_PORT=$(sed -n 4p "$home/data/postmaster.pid")
    return 0
  fi
  node "$SCRIPTS/lib/port.mjs" free "$port" ||
    fail "Port $port, meant for the database, is taken; set FLINT_DB_PORT to another one."
  as_cluster_user "$PG_BIN/pg_ctl" -D "$home/data" -l "$home/server.log" -w -t 60 \
    -o "-p $port" start >/dev/null 2>&1 9>&- ||
    fail "The database did not start; the details are in $home/server.log."
  DB_PORT=$port
  STARTED_CLUSTER=1
}

cluster_stop() {
  as_cluster_user "$PG_BIN/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null 2>&1 || true
}
