#!/usr/bin/env bash
# Types, lint, unit and browser tests, with all set-up; ends with one line: N passed, N failed.
source "$(dirname "$0")/common.sh"
need_node
need_packages
need_chromium
mkdir -p test-results
passed=0
failed=0

# One check that either holds or does not.
check() {
  step "$1"
  shift
  if "$@"; then passed=$((passed + 1)); else failed=$((failed + 1)); fi
}

# Adds up a runner's own counts; a runner that gave none counts as one failure.
count() {
  local counts
  counts=$(node scripts/counts.mjs "$1" "$2") || counts="0 1"
  passed=$((passed + ${counts% *}))
  failed=$((failed + ${counts#* }))
}

step "Building the application"
if npm run --silent build; then passed=$((passed + 1)); built=yes; else failed=$((failed + 1)); built=no; fi
check "Types" npm run --silent types
check "Lint" npm run --silent lint

step "Unit tests"
rm -f test-results/unit.json
npx jest --json --outputFile=test-results/unit.json || true
count jest test-results/unit.json

if [ "$built" = yes ]; then
  step "Browser tests"
  export TAVU_TEST_PORT="${TAVU_TEST_PORT:-4199}"
  port_taken "$TAVU_TEST_PORT" && fail "Port $TAVU_TEST_PORT is in use. Choose another: TAVU_TEST_PORT=4200 npm test"
  rm -f test-results/e2e.json
  TAVU_REPORT=$PWD/test-results/e2e.json npx playwright test || true
  count playwright test-results/e2e.json
fi

printf '\n%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" = 0 ]
