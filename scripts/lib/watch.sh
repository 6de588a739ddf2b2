# What the start command looks after while the application runs. Needs say.sh and cluster.sh.

# one_at_a_time STATE: keeps a second start of the same clone away, as long as this one runs. Descriptor 9 holds the
# lock, so what outlives this script must not have it.
one_at_a_time() {
  exec 9>"$1/start.lock"
  flock -n 9 || fail "Flint Shelf already runs from this folder$(running_at "$1"); stop that one first."
}

running_at() {
  [ -s "$1/address" ] && printf ' at %s' "$(cat "$1/address")"
}

LARGEST_LOG_BYTES=5000000

# private_log FILE: only its owner reads it; a large one is put aside, in place of the one before.
private_log() {
  if [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt "$LARGEST_LOG_BYTES" ]; then
    mv -f "$1" "$1.1"
  fi
  (umask 077 && : >>"$1")
  chmod 600 "$1"
}

# watch_over SERVER HOME: returns when the server has ended, or ends everything when npm, which ran this, has gone
# without passing a signal on. A database that has ended is started again; the server waits for it.
watch_over() {
  local server=$1 home=$2 parent is_told= backup_at=0
  parent=$(parent_of_this)
  while kill -0 "$server" 2>/dev/null; do
    # A signal is heard while waiting for a job, not while a command runs.
    sleep 1 9>&- &
    wait $! || true
    if [ -n "${npm_lifecycle_event:-}" ] && [ "$(parent_of_this)" != "$parent" ]; then
      stop_all
      exit 0
    fi
    if cluster_running "$home"; then
      is_told=
      if [ -n "${FLINT_BACKUPS:-}" ] && [ "$SECONDS" -ge "$backup_at" ]; then
        backup_at=$((SECONDS + 600))
        backup_when_due "$FLINT_BACKUPS" 9>&- &
      fi
    elif kill -0 "$server" 2>/dev/null; then
      [ -n "$is_told" ] ||
        say "The database has ended. It is started again, and the application goes on when it is back."
      is_told=1
      # In a shell of its own, which may fail without ending this one.
      (cluster_start "$home" "$DB_PORT") 2>/dev/null || true
    fi
  done
}

# backup_when_due FOLDER: makes a backup when the newest there is a day old.
backup_when_due() {
  [ -z "$(find "$1" -maxdepth 1 -name 'flint-shelf-*.tar' -mmin -1440 -print -quit 2>/dev/null)" ] || return 0
  bash scripts/backup.sh || say "The daily backup was not made."
}

parent_of_this() { sed -n 's/^PPid:[[:space:]]*//p' "/proc/$$/status"; }
