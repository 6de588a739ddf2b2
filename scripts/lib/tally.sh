# Counts what passed and failed, and says what each step of the tests does. Sourced by test.sh.

PASSED=0
FAILED=0

# check NAME COMMAND…: one check, its output shown only when it fails.
check() {
  local name=$1 log started=$SECONDS
  shift
  log=$(mktemp)
  if "$@" >"$log" 2>&1; then
    PASSED=$((PASSED + 1))
    say "ok    $name ($((SECONDS - started)) s)"
  else
    FAILED=$((FAILED + 1))
    say "FAIL  $name ($((SECONDS - started)) s)"
    cat "$log"
  fi
  rm -f "$log"
}

# count_checks FILE: adds the numbers of checks that ran in a shell of their own.
count_checks() {
  local numbers
  if ! numbers=$(cat "$1" 2>/dev/null); then
    FAILED=$((FAILED + 1))
    say "FAIL  the checks did not come to their end"
    return 0
  fi
  PASSED=$((PASSED + ${numbers% *}))
  FAILED=$((FAILED + ${numbers#* }))
}

# count REPORT KIND: adds the numbers of a report that a test runner wrote.
count() {
  local numbers
  if ! numbers=$(node scripts/lib/count.mjs "$1" "$2"); then
    FAILED=$((FAILED + 1))
    say "FAIL  $2 left no report"
    return 0
  fi
  PASSED=$((PASSED + ${numbers% *}))
  FAILED=$((FAILED + ${numbers#* }))
}
