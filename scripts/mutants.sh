#!/usr/bin/env bash
# Changes the core's code in every way that a slip of the hand would, and counts what its tests notice; one folder at a time.
#   npm run mutants                  all folders that are measured
#   npm run mutants -- expression    one of them; only what has changed since is tried again
#   npm run mutants -- run/step      one file of one
source "$(dirname "$0")/common.sh"
need_node
need_packages
[ $# -gt 0 ] || set -- expression layout motion schema run
for what in "$@"; do
  [ -d "packages/core/src/$what" ] || [ -f "packages/core/src/$what.ts" ] || fail "There is no packages/core/src/$what."
  step "$what"
  TAVU_MUTANTS="$what" npx stryker run mutants/stryker.config.js
done
