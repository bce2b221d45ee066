#!/usr/bin/env bash
# Changes the core line by line and asks whether its tests notice: room by room, against the tests that cover() that room.
#
#   ./lento mutate [ROOM ...]            e.g. ./lento mutate Roux Pour; all rooms when left out
#   SAMPLE=3 ./lento mutate [ROOM ...]   one mutant in three, always the same ones: an estimate in a third of the time
#
# A mutant that ran into the time limit does not count as noticed. Ends with 1 below MIN per cent (80).
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

need_runtime
need_system "php8.2-pcov:php -m | grep -qi pcov"
need_php_packages
need_system "patch:command -v patch"
MIN="${MIN:-80}"
# The archive of the plugin lacks this folder; without it every mutant counts as noticed.
mkdir -p vendor/pestphp/pest-plugin-mutate/.temp/mutations build/mutate
# The plugin has no sampling, and loads every test file for every mutant: what bin/mutate.patch adds.
export LENTO_MUTANT_SAMPLE="${SAMPLE:-1}"
patch --forward --silent --reject-file=- -p1 <bin/mutate.patch >/dev/null \
    || grep -q LENTO_MUTANT_SAMPLE vendor/pestphp/pest-plugin-mutate/src/Tester/MutationTestRunner.php \
    || fail "bin/mutate.patch no longer fits the plugin"

rooms=("$@")
[ ${#rooms[@]} -gt 0 ] || mapfile -t rooms < <(find core -mindepth 1 -maxdepth 1 -type d -printf '%f\n' | sort)

one_room() {
    local room=$1 tests
    mapfile -t tests < <(grep -lE "covers\(\.\.\.Room::of\([^)]*'$room'" -r tests/Core | sort)
    [ ${#tests[@]} -gt 0 ] || { echo "no test covers $room" >"build/mutate/$room.log"; return 0; }
    nice php -d pcov.enabled=1 -d pcov.directory=core vendor/bin/pest --mutate --everything --no-cache \
        --path="core/$room" --colors=never "${tests[@]}" >"build/mutate/$room.log" 2>&1
    printf '.'
}
# One after the other: two runs would overwrite each other's coverage, and a mutant that nothing covers is never run.
say "Mutating ${#rooms[@]} rooms (a dot for each; their logs are in build/mutate/)"
for room in "${rooms[@]}"; do one_room "$room"; done
printf '\n'
exec "${PHP[@]}" bin/mutants.php "$MIN" "${rooms[@]}"
