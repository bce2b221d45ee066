#!/usr/bin/env bash
# All checks and tests: of the code as it reads, of the core, the pages and the browser. Ends with "N passed, N failed".
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

need_runtime
# What a PDF of ours says is read by another program.
need_browser "poppler-utils:command -v pdftotext"
mkdir -p build
rm -f build/scripts.there
# What is PHP begins as soon as its own packages are there.
(need_js_packages && need_assets && touch build/scripts.there) >build/packages.log 2>&1 &
JS=$!
need_php_packages
need_env

# In large pages where the system has them: what the core's tests take and give back costs the system a sixth of their time otherwise.
export USE_ZEND_ALLOC_HUGE_PAGES=1

# What was compiled is kept, see there.
export LENTO_COMPILED="$PWD/build/compiled" PHP_INI_SCAN_DIR=":$PWD/tests/php.d"
mkdir -p "$LENTO_COMPILED"
# Compiled down to the machine: what only reckons takes a quarter less. Pages are tested as they are served, without.
RECKONS=(-d opcache.file_cache= -d opcache.jit=function -d opcache.jit_buffer_size=128M)

# The tests of layers hold the syntax of every file at once: 575 MB with 1,150 files, and more with each.
PEST=(-d memory_limit=2G vendor/bin/pest --colors=never --compact)

rm -f build/*.xml build/browser.json
FAILED_STEPS=0
step() {
    local what=$1; shift
    say "$what"
    local code=0
    "$@" || code=$?
    # Above 128 it was ended by a signal, an interpreter that fell over: that says nothing of the code, so it is asked once more.
    if [ "$code" -gt 128 ]; then
        printf 'lento: %s: ended by signal %d; once more\n' "$what" $((code - 128)) >&2
        code=0
        "$@" || code=$?
    fi
    if [ "$code" -ne 0 ]; then
        printf 'lento: %s: failed (%d)\n' "$what" "$code" >&2
        FAILED_STEPS=$((FAILED_STEPS + 1))
    fi
}

# Ends when the packages and assets of JavaScript have come, well or not.
scripts_there() {
    until [ -f build/scripts.there ] || ! kill -0 "$JS" 2>/dev/null; do sleep 0.5; done
    [ -f build/scripts.there ] || { cat build/packages.log >&2; return 1; }
}

# Two cores, two rows as long as one another: what reads the code line by line, tests the core and tries to break in; what tests the
# pages, and how the rooms hang together. The words of the first come when both are done.
(
    step "Formatting"        "${PHP[@]}" "${RECKONS[@]}" vendor/bin/php-cs-fixer check --show-progress=none
    step "Static analysis"   "${PHP[@]}" vendor/bin/phpstan analyse --no-progress --memory-limit=1G
    step "Analysis of tests" "${PHP[@]}" vendor/bin/phpstan analyse -c phpstan.tests.neon --no-progress --memory-limit=1G
    step "Packages, assets"  scripts_there
    step "Scripts"           npx --no-install eslint resources/js tests/Browser tests/Serving tests/Load *.js --max-warnings 0
    step "Core tests"        "${PHP[@]}" "${RECKONS[@]}" "${PEST[@]}" --testsuite Core --log-junit build/core.xml
    step "Security tests"    "${PHP[@]}" "${PEST[@]}" --testsuite Security --log-junit build/security.xml
    exit "$FAILED_STEPS"
) >build/core.log 2>&1 &
CORE=$!

step "Feature tests"     "${PHP[@]}" "${PEST[@]}" --testsuite Feature --log-junit build/feature.xml
step "Architecture"      "${PHP[@]}" "${PEST[@]}" --testsuite Architecture --log-junit build/architecture.xml
# The same on the other engine, where it is asked for and can be had: CI does.
REPORTS=(build/core.xml build/architecture.xml build/security.xml build/feature.xml build/browser.json)
if [ "${LENTO_ENGINES:-}" = both ]; then
    if (need_system "postgresql-15:test -x /usr/lib/postgresql/15/bin/postgres" "php8.2-pgsql:php -m | grep -qi pdo_pgsql"); then
        step "Feature tests on PostgreSQL" bin/postgres.sh "${PHP[@]}" "${PEST[@]}" --testsuite Feature,Security \
            --log-junit build/feature-pgsql.xml
        REPORTS+=(build/feature-pgsql.xml)
    else
        say "PostgreSQL 15 is not to be had here; its tests were left out"
    fi
fi
CORE_FAILED=0
wait "$CORE" || CORE_FAILED=$?
cat build/core.log
scripts_there || fail "JavaScript packages or assets: failed"
step "Browser tests"     npx --no-install playwright test

# Once more at the end, where it is looked for.
if [ "$CORE_FAILED" -ne 0 ]; then
    FAILED_STEPS=$((FAILED_STEPS + CORE_FAILED))
    say "What failed in the first row"
    grep -vE '^ +[.]+$' build/core.log | tail -n 60
fi

exec "${PHP[@]}" bin/tally.php "$FAILED_STEPS" "${REPORTS[@]}"
