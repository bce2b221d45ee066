#!/usr/bin/env bash
# Serves Lento for a browser test on its own port and database: serve.sh PORT DATABASE [fresh|seeded]
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
export LENTO_DEMO="${LENTO_DEMO:-true}" LENTO_HASH_KB=64
export LENTO_MADE_A_MINUTE=100000 LENTO_READINGS_A_MINUTE=100000 LENTO_IMPORTS_AN_HOUR=100000
export LENTO_LEARN="${LENTO_LEARN:-false}" APP_ENV=testing DB_DATABASE="$PWD/$2" LENTO_TEST_CLOCK="$PWD/$2-clock" PHP_CLI_SERVER_WORKERS=4
if [ -n "${3:-}" ]; then
    mkdir -p "$(dirname "$DB_DATABASE")"
    rm -f "$DB_DATABASE"*
    touch "$DB_DATABASE"
    php -d pcov.enabled=0 artisan migrate --force --quiet
    # With the demo's pots, tubs and service in it.
    [ "$3" != seeded ] || php -d pcov.enabled=0 artisan db:seed --force --quiet
fi
cd public
# Options of PHP, as words: a measurement keeps what was compiled.
read -ra more <<<"${LENTO_PHP:-}"
exec php -d pcov.enabled=0 "${more[@]}" -d upload_max_filesize=17M -d post_max_size=18M -d memory_limit=512M \
    -S "127.0.0.1:$1" ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php
