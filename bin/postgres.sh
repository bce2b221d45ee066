#!/usr/bin/env bash
# A PostgreSQL 15 of its own for one command, thrown away after it: postgres.sh COMMAND …, which finds it by DB_CONNECTION and DB_URL.
# Nothing of it outlives the command, so nothing of it waits for the disk.
set -euo pipefail
PROGRAMS=/usr/lib/postgresql/15/bin
FOLDER=$(mktemp -d /tmp/lento-postgres-XXXXXX)
PORT=${LENTO_POSTGRES_PORT:-5543}
# The server refuses to run as root.
if [ "$(id -u)" = 0 ]; then chown postgres "$FOLDER"; AS=(runuser -u postgres --); else AS=(); fi
"${AS[@]}" "$PROGRAMS/initdb" -D "$FOLDER/data" -A trust -E UTF8 --locale=C.UTF-8 -U lento >/dev/null
SETTINGS="-p $PORT -k $FOLDER -c listen_addresses=127.0.0.1 -c fsync=off -c full_page_writes=off"
"${AS[@]}" "$PROGRAMS/pg_ctl" -D "$FOLDER/data" -l "$FOLDER/log" -w -o "$SETTINGS" start >/dev/null
trap '"${AS[@]}" "$PROGRAMS/pg_ctl" -D "$FOLDER/data" -m immediate stop >/dev/null; rm -rf "$FOLDER"' EXIT
"${AS[@]}" psql -q -h 127.0.0.1 -p "$PORT" -U lento -d postgres -c 'create database lento'
export DB_CONNECTION=pgsql DB_URL="pgsql://lento@127.0.0.1:$PORT/lento"
"$@"
