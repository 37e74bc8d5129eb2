#!/usr/bin/env bash
# Installs, builds and starts Tavu with the demo project open.
source "$(dirname "$0")/common.sh"
PORT="${PORT:-3000}"
need_node
port_taken "$PORT" && fail "Port $PORT is in use. Stop what uses it, or choose another: PORT=3001 npm run demo"
need_packages
build_app
step "Tavu is at http://localhost:$PORT with Saltwick Light open. Ctrl C stops it."
exec npm run --silent start -w @tavu/web -- -p "$PORT"
