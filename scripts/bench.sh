#!/usr/bin/env bash
# Measures speed and memory side by side in one run; no test depends on it.
source "$(dirname "$0")/common.sh"
need_node
need_packages
# The long run of the rules needs no browser.
if [ "${1:-}" != rules ]; then
  need_chromium
  build_app
fi
step "Measuring"
# Bundled, so that no loader's helpers stand between the code and the engine that runs it.
mkdir -p node_modules/.cache
npx esbuild bench/all.ts --bundle --platform=node --format=esm --packages=external --log-level=error --outfile=node_modules/.cache/tavu-bench.mjs
exec node node_modules/.cache/tavu-bench.mjs "$@"
