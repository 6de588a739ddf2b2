# Is this a Node the project runs on? Its interface is built by a tool that asks for 20.19 or later.

need_node() {
  local version
  command -v node >/dev/null 2>&1 || fail "Node.js is missing; install version 20.19 or later."
  version=$(node -p 'process.versions.node' 2>/dev/null) || version=unknown
  case "$version" in
    20.19.* | 20.[2-9][0-9].* | 22.1[2-9].* | 22.[2-9][0-9].* | 2[3-9].* | [3-9][0-9].*) ;;
    *) fail "Node.js $version does not suffice; install 20.19 or later, or 22.12 or later." ;;
  esac
}

# Puts the packages of package-lock.json in place when they are not there already.
need_npm_packages() {
  local wanted have
  wanted=$(sha256sum package-lock.json | cut -d' ' -f1)
  have=$(cat node_modules/.flint-lock-sum 2>/dev/null || true)
  [ "$wanted" = "$have" ] && return 0
  say "Fetching the npm packages (a minute or two, the first time) …"
  if ! npm ci --no-audit --no-fund >"$STATE/npm-ci.log" 2>&1; then
    fail "The npm packages could not be fetched; is the network there? The details are in $STATE/npm-ci.log."
  fi
  printf '%s' "$wanted" >node_modules/.flint-lock-sum
}
