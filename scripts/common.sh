# Shared by the commands: where we are, what is missing, and saying so in plain words.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export NEXT_TELEMETRY_DISABLED=1

step() { printf '\n== %s\n' "$1"; }
fail() { printf '\nStopped: %s\n' "$1" >&2; exit 1; }

need_node() {
  command -v node >/dev/null || fail "Node.js is not installed. Tavu needs Node 20 or newer."
  local major
  major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || fail "This is Node $major; Tavu needs Node 20 or newer."
}

# Packages are installed when they are missing or the lock file is newer than what is installed. Not with `npm ci`: the
# lock lists no builds for other systems where a registry has none, and `ci` refuses such a lock.
need_packages() {
  if [ ! -e node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
    step "Installing packages"
    npm install --no-audit --no-fund || fail "The packages could not be installed. Is there a network, and room on the disk? (df -h .)"
  fi
}

# Debian's headless Chromium without a window of its own costs the machine less than the whole browser.
need_chromium() {
  local path
  for path in "${CHROMIUM_PATH:-}" /usr/bin/chromium-headless-shell /usr/bin/chromium; do
    [ -x "$path" ] && export CHROMIUM_PATH="$path" && return
  done
  step "Installing Chromium from Debian's packages"
  local as=""
  [ "$(id -u)" = 0 ] || as=sudo
  command -v apt-get >/dev/null || fail "There is no Chromium and no apt-get to install it with. Set CHROMIUM_PATH to a Chromium."
  $as apt-get update -qq || fail "Debian's package lists could not be fetched. Is there a network?"
  for path in chromium-headless-shell chromium; do
    DEBIAN_FRONTEND=noninteractive $as apt-get install -y -qq --no-install-recommends "$path" >/dev/null &&
      export CHROMIUM_PATH="/usr/bin/$path" && return
  done
  fail "Chromium could not be installed from Debian's packages."
}

build_app() {
  step "Building the application"
  npm run --silent build || fail "The application could not be built; the reason stands above."
}

# Whether a port is taken on this machine.
port_taken() {
  node -e 'const s=require("net").createServer();s.once("error",()=>process.exit(0));s.once("listening",()=>s.close(()=>process.exit(1)));s.listen(Number(process.argv[1]))' "$1"
}
