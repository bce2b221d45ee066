#!/usr/bin/env bash
# Takes the pictures in docs/screenshots/ again: the demo galley in a database of its own, served for the occasion.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh

need_runtime
need_browser
need_php_packages
need_js_packages
need_assets
need_env

PORT=8435
export LENTO_LEARN=true DB_DATABASE="$PWD/build/shots.sqlite" APP_ENV=testing PHP_CLI_SERVER_WORKERS=4
mkdir -p build docs/screenshots
rm -f "$DB_DATABASE"*
touch "$DB_DATABASE"
"${PHP[@]}" artisan migrate --force --quiet
"${PHP[@]}" artisan db:seed --force --quiet
setsid bash tests/Browser/serve.sh "$PORT" build/shots.sqlite >/dev/null 2>&1 &
SERVER=$!
trap 'kill -- -$SERVER 2>/dev/null || true' EXIT
node bin/shots.mjs "http://127.0.0.1:$PORT" docs/screenshots
say "Pictures are in docs/screenshots/"
