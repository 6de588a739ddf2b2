# Words on the terminal. Sourced by the other scripts.

say() { printf '%s\n' "$*"; }

# One sentence, exit status 1.
fail() {
  printf 'flint-shelf: %s\n' "$*" >&2
  exit 1
}
