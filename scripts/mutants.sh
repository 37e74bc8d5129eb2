#!/usr/bin/env bash
# Changes the core's code in every way that a slip of the hand would, and counts what its tests notice; one folder at a time.
#   npm run mutants                  all folders that are measured
#   npm run mutants -- expression    one of them; only what has changed since is tried again
source "$(dirname "$0")/common.sh"
need_node
need_packages
[ $# -gt 0 ] || set -- expression layout motion schema run
for folder in "$@"; do
  [ -d "packages/core/src/$folder" ] || fail "There is no folder packages/core/src/$folder."
  step "$folder"
  TAVU_MUTANTS="$folder" npx stryker run mutants/stryker.config.js
done
