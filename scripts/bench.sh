#!/usr/bin/env bash
# Measures speed and memory side by side in one run; no test depends on it.
source "$(dirname "$0")/common.sh"
need_node
need_packages
need_chromium
build_app
step "Measuring"
exec npx tsx bench/all.ts
