#!/usr/bin/env bash
# Sets Lento up on a fresh Debian 12 with PHP 8.2 and Node 20, seeds the demo galley, and serves it.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

PORT=${LENTO_PORT:-8420}
FRESH=no
SERVE=yes
for arg in "$@"; do
    case "$arg" in
        --fresh) FRESH=yes ;;
        --no-serve) SERVE=no ;;
        *) fail "demo knows --fresh, not “$arg”." ;;
    esac
done

need_runtime
need_php_packages
need_js_packages
need_assets
need_env

umask 077
mkdir -p storage/app
# What has been a kitchen is never thrown away, or replaced by an empty one, without a copy or a word.
pending() { "${PHP[@]}" artisan migrate:status --pending 2>/dev/null | grep -q Pending; }
if [ -f database/lento.sqlite ] && { [ "$FRESH" = yes ] || pending; }; then
    "${PHP[@]}" artisan lento:backup || fail "The database could not be copied; it stays as it is."
fi
LAST=$(compgen -G 'storage/app/backups/lento-*.sqlite' | sort | tail -1 || true)
if [ "$FRESH" = no ] && [ ! -f database/lento.sqlite ] && [ -n "$LAST" ]; then
    fail "The database is gone, and there are copies of it: ./lento restore $LAST, or ./lento demo --fresh"
fi
if [ "$FRESH" = yes ] || [ ! -f database/lento.sqlite ]; then
    long "Making a new database with the demo galley" bash -c \
        "rm -f database/lento.sqlite database/lento.sqlite-wal database/lento.sqlite-shm && touch database/lento.sqlite \
        && php artisan migrate --force && php artisan db:seed --force"
else
    long "Bringing the database up to date" "${PHP[@]}" artisan migrate --force
    "${PHP[@]}" artisan lento:demo
fi

[ "$SERVE" = yes ] || exit 0
if (exec 3<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null; then
    fail "Port $PORT is taken. Free it, or choose another: LENTO_PORT=8421 ./lento demo"
fi
say "Lento is at http://127.0.0.1:$PORT (stop it with Ctrl-C)"
# Several workers, so that one slow page does not hold up another tablet; PHP's own server, for artisan's hands no settings on.
cd public
# Held for as long as it serves, however it ends: a copy is not brought back under it.
export PHP_CLI_SERVER_WORKERS=4
ROUTER=../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php
exec flock --no-fork --shared --nonblock ../storage/app/serving.lock "${PHP[@]}" -S "127.0.0.1:$PORT" "$ROUTER"
