#!/usr/bin/env bash
# Times the core, a crowded stove, a full log, a shelf with a year behind it and a service without PHP's JIT, which is what the budgets
# are held against; then the core with it.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

need_runtime
need_php_packages

printf '%s, %s cores\n' "$(sed -n 's/^model name.*: //p' /proc/cpuinfo | head -n 1)" "$(nproc)"
STATUS=0
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench-stove.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench-log.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench-shelf.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench-family.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=disable bin/bench-score.php || STATUS=$?
printf '\n'
"${PHP[@]}" -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bin/bench.php || true
exit "$STATUS"
