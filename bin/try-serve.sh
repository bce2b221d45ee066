#!/usr/bin/env bash
# Brings `./lento serve` up on this machine, from Debian's packages to a pot in the browser, and takes it down again. Loopback addresses
# alone; what it lays out goes into a folder of its own. try-serve.sh [--database pgsql://…]
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh
[ "$(id -u)" = 0 ] || fail "try-serve sets a machine up: run it as root."
need_browser
HOME_DIR=$(mktemp -d /srv/lento-try-XXXXXX)
NAME=marigold.test HTTPS=9443 HTTP=9080
LOG=build/try-serve.log
if [ "${LOAD:-}${PRACTISE:-}" != "" ]; then
    # Fifty tablets are paired from one address in a minute.
    mkdir -p "$HOME_DIR/etc"
    printf '%s="100000"\n' LENTO_MADE_A_MINUTE LENTO_WRONG_TOKENS_A_MINUTE >"$HOME_DIR/etc/env"
fi
mkdir -p build
bin/serve.sh --foreground --home "$HOME_DIR" --name "$NAME,127.0.0.1" --https $HTTPS --http $HTTP "$@" >"$LOG" 2>&1 &
SERVING=$!
trap 'kill $SERVING 2>/dev/null; wait $SERVING 2>/dev/null || true; rm -rf "$HOME_DIR"' EXIT
until curl -fs --cacert "$HOME_DIR/data/tls/root.crt" --resolve "$NAME:$HTTPS:127.0.0.1" "https://$NAME:$HTTPS/up" >/dev/null 2>&1; do
    kill -0 $SERVING 2>/dev/null || { tail -20 "$LOG" >&2; fail "It did not come up."; }
    sleep 1
done
value() { sed -n "s/^$1=\"\(.*\)\"/\1/p" "$HOME_DIR/etc/env"; }
if [ "${LOAD:-}" != "" ]; then
    # Bounded, against this machine alone, and over by itself: LOAD is in seconds.
    node tests/Load/drive.mjs $NAME $HTTPS "$HOME_DIR" "$(sed -n 's/.*with the code //p' "$LOG")" "$LOAD"
    exit 0
fi
if [ "${PRACTISE:-}" != "" ]; then
    # A hundred cooks practising, for so many seconds.
    node tests/Load/practise.mjs $NAME $HTTPS "$HOME_DIR" "$(sed -n 's/.*with the code //p' "$LOG")" "$PRACTISE"
    exit 0
fi
node tests/Serving/walk.mjs $NAME $HTTPS $HTTP "$(sed -n 's/.*with the code //p' "$LOG")" "$HOME_DIR" "$(value LENTO_METRICS_TOKEN)"
# While it serves nothing is laid over its database.
cd "$HOME_DIR/app"
run() { runuser -u lento -- env LARAVEL_STORAGE_PATH="$HOME_DIR/data/storage" "$@"; }
run bin/nightly.sh "$HOME_DIR" | tail -1
if [ $# = 0 ]; then
    COPY=$(compgen -G "$HOME_DIR/data/backups/lento-*.sqlite" | tail -1)
    SAID=$(run php artisan lento:restore "$COPY" 2>&1) && fail "It restored under a serving server."
    [[ "$SAID" == *serving* ]] || fail "It refused for another reason: $SAID"
    say "The copy of the night is kept, and is not laid over what serves."
fi
