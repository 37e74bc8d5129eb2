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

# Whether what ran in the background ended well; its words are shown when it did not.
finished() { wait "$1" || { cat "$2"; return 1; }; }

# Adds up a runner's own counts; a runner that gave none counts as one failure.
count() {
  local counts
  counts=$(node scripts/counts.mjs "$1" "$2") || counts="0 1"
  passed=$((passed + ${counts% *}))
  failed=$((failed + ${counts#* }))
}

# Three that each keep one core busy run side by side; what they print is shown in turn.
step "Building the application, types, lint"
npm run --silent types >test-results/types.txt 2>&1 &
types=$!
npm run --silent lint >test-results/lint.txt 2>&1 &
lint=$!
if npm run --silent build; then passed=$((passed + 1)); built=yes; else failed=$((failed + 1)); built=no; fi
check "Types" finished "$types" test-results/types.txt
check "Lint" finished "$lint" test-results/lint.txt

step "Unit tests"
rm -f test-results/unit.json
npx jest --json --outputFile=test-results/unit.json || true
count jest test-results/unit.json

# In parts, begun with another one at each commit: a machine too slow for all of them in time has run some, says which
# it has not, and has run those by the next commits.
PARTS=8
if [ "$built" = yes ]; then
  export TAVU_TEST_PORT="${TAVU_TEST_PORT:-4199}"
  port_taken "$TAVU_TEST_PORT" && fail "Port $TAVU_TEST_PORT is in use. Choose another: TAVU_TEST_PORT=4200 npm test"
  first=$((0x$(git rev-parse --short=6 HEAD 2>/dev/null || echo 0) % PARTS))
  unrun=""
  for turn in $(seq 0 $((PARTS - 1))); do
    part=$(((first + turn) % PARTS + 1))
    if [ "$turn" -gt 0 ] && [ "$SECONDS" -gt $((60 * ${TAVU_TEST_MINUTES:-30})) ]; then
      unrun="$unrun $part"
      continue
    fi
    step "Browser tests, part $part of $PARTS"
    rm -f test-results/e2e.json
    TAVU_REPORT=$PWD/test-results/e2e.json npx playwright test --shard="$part/$PARTS" || true
    count playwright test-results/e2e.json
  done
  [ -z "$unrun" ] || printf '\nNot run, since this machine was too slow for all in %s minutes: browser tests, of %s parts:%s\n' \
    "${TAVU_TEST_MINUTES:-30}" "$PARTS" "$unrun"
fi

printf '\n%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" = 0 ]
