#!/usr/bin/env bash
# What the serving recipe does by night: a copy of the kitchen, and a new certificate in time. nightly.sh HOME
set -euo pipefail
HOME_DIR=$1
cd "$HOME_DIR/app"
umask 077
export LARAVEL_STORAGE_PATH="$HOME_DIR/data/storage"
php -d memory_limit=256M artisan lento:backup
source bin/certificate.sh
renew_certificate "$HOME_DIR/data/tls"
