#!/usr/bin/env bash
# All checks and tests: of the code as it reads, of the core, the pages and the browser. Ends with "N passed, N failed".
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

need_runtime
need_browser
need_php_packages
need_js_packages
need_assets
need_env

mkdir -p build
rm -f build/*.xml build/browser.json
FAILED_STEPS=0
step() {
    local what=$1; shift
    say "$what"
    if ! "$@"; then
        printf 'lento: %s: failed\n' "$what" >&2
        FAILED_STEPS=$((FAILED_STEPS + 1))
    fi
}

# What only reads the code keeps one core busy while the tests of PHP keep the other; its words come when both are done.
(
    step "Formatting"        "${PHP[@]}" vendor/bin/php-cs-fixer check --show-progress=none
    step "Static analysis"   "${PHP[@]}" vendor/bin/phpstan analyse --no-progress --memory-limit=1G
    step "Analysis of tests" "${PHP[@]}" vendor/bin/phpstan analyse -c phpstan.tests.neon --no-progress --memory-limit=1G
    step "Scripts"           npx --no-install eslint resources/js tests/Browser tests/Serving tests/Load --max-warnings 0
    exit "$FAILED_STEPS"
) >build/reading.log 2>&1 &
READING=$!

step "Core tests"        "${PHP[@]}" vendor/bin/pest --colors=never --compact --testsuite Core --log-junit build/core.xml
step "Architecture"      "${PHP[@]}" vendor/bin/pest --colors=never --compact --testsuite Architecture --log-junit build/architecture.xml
step "Feature tests"     "${PHP[@]}" vendor/bin/pest --colors=never --compact --testsuite Feature --log-junit build/feature.xml
# The same on the other engine, where it is asked for and can be had: CI does.
REPORTS=(build/core.xml build/architecture.xml build/feature.xml build/browser.json)
if [ "${LENTO_ENGINES:-}" = both ]; then
    if (need_system "postgresql-15:test -x /usr/lib/postgresql/15/bin/postgres" "php8.2-pgsql:php -m | grep -qi pdo_pgsql"); then
        step "Feature tests on PostgreSQL" bin/postgres.sh "${PHP[@]}" vendor/bin/pest --colors=never --compact --testsuite Feature \
            --log-junit build/feature-pgsql.xml
        REPORTS+=(build/feature-pgsql.xml)
    else
        say "PostgreSQL 15 is not to be had here; its tests were left out"
    fi
fi
wait "$READING" || FAILED_STEPS=$((FAILED_STEPS + $?))
cat build/reading.log
step "Browser tests"     npx --no-install playwright test

exec "${PHP[@]}" bin/tally.php "$FAILED_STEPS" "${REPORTS[@]}"
