# Shared by the parts in bin/: saying what happens, and the set-up steps. Sourced, never run.

export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1 DEBIAN_FRONTEND=noninteractive
# So that a log of 16 MB can be taken in; what is larger is refused unread, by Lento's own words.
PHP=(php -d pcov.enabled=0 -d upload_max_filesize=17M -d post_max_size=18M -d memory_limit=512M)

say()  { printf '\033[1m•\033[0m %s\n' "$*"; }
fail() { printf 'lento: %s\n' "$*" >&2; exit 1; }

# Runs a long step with its output kept in a file; a dot every two seconds shows that it is alive.
long() {
    local what=$1 log; shift
    log=$(mktemp)
    printf '\033[1m•\033[0m %s ' "$what"
    "$@" >"$log" 2>&1 &
    local pid=$! start=$SECONDS
    while kill -0 "$pid" 2>/dev/null; do printf '.'; sleep 2; done
    if wait "$pid"; then
        printf ' %ss\n' $((SECONDS - start)); rm -f "$log"
    else
        printf '\n'; tail -n 20 "$log" >&2; fail "$what: failed; the whole output is in $log"
    fi
}

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }

apt_install() {
    as_root apt-get update -qq
    as_root apt-get -o DPkg::Lock::Timeout=300 install -y --no-install-recommends "$@" && return 0
    as_root dpkg --configure -a; as_root apt-get -f install -y
    as_root apt-get -o DPkg::Lock::Timeout=300 install -y --no-install-recommends "$@"
}

# Installs those of the named Debian packages whose check fails: "package:check command".
need_system() {
    local missing=() item
    for item in "$@"; do
        bash -c "${item#*:}" >/dev/null 2>&1 || missing+=("${item%%:*}")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    command -v apt-get >/dev/null || fail "Missing ${missing[*]}, and this is not a Debian to install them on."
    long "Installing system packages: ${missing[*]}" apt_install "${missing[@]}"
}

# With curl Composer asks for what there is of a hundred packages at once, not one after the other: 12 s for 52.
need_runtime() {
    command -v php >/dev/null || fail "PHP 8.2 is needed and not here (Debian 12: apt-get install php8.2-cli)."
    command -v composer >/dev/null || fail "Composer 2 is needed and not here (Debian 12: apt-get install composer)."
    command -v npm >/dev/null || fail "Node 20 with npm is needed and not here."
    need_system "php8.2-sqlite3:php -m | grep -qi pdo_sqlite" "php8.2-mbstring:php -m | grep -qi mbstring" \
        "php8.2-xml:php -m | grep -qi '^dom$'" "unzip:command -v unzip" "git:command -v git" \
        "php8.2-curl:php -m | grep -qi '^curl$'"
}

# Also those that are named, in one go.
need_browser() {
    need_system "chromium:command -v chromium" "fonts-liberation:fc-list | grep -qi liberation" "$@"
    # The same Chromium without a desktop round it: quicker, and not needed (tests/Browser/support/driven.js).
    (need_system "chromium-headless-shell:command -v chromium-headless-shell") \
        || say "chromium-headless-shell is not to be had here; every browser test goes through chromium, which takes longer"
}

composer_install() {
    mkdir -p bootstrap/cache storage/framework/{cache/data,sessions,views} storage/{app,logs}
    # Composer writes no lock here: the committed list of every version stands in for it.
    # shellcheck disable=SC2046
    composer update "$@" --optimize-autoloader --no-progress --no-ansi $(sed 's/^/--with /' composer.versions) && return 0
    echo "lento: a listed version is no longer served; taking the newest that fits composer.json" >&2
    composer update "$@" --optimize-autoloader --no-progress --no-ansi
}

# A stamp of the inputs makes a second run quick.
stamp_differs() { [ "$(cat "$1" 2>/dev/null)" != "$2" ]; }

need_php_packages() {
    local stamp; stamp=$(cat composer.json composer.versions | sha256sum)
    if [ ! -f vendor/autoload.php ] || stamp_differs vendor/.lento-stamp "$stamp"; then
        if [ "${1:-}" = quietly ]; then
            long "Installing PHP packages" composer_install >&2
        else
            long "Installing PHP packages" composer_install
        fi
        printf '%s' "$stamp" >vendor/.lento-stamp
    fi
}

need_js_packages() {
    local stamp; stamp=$(cat package.json package-lock.json | sha256sum)
    if [ ! -d node_modules ] || stamp_differs node_modules/.lento-stamp "$stamp"; then
        long "Installing JavaScript packages" npm ci --no-progress
        printf '%s' "$stamp" >node_modules/.lento-stamp
    fi
}

build_assets() {
    npx --no-install vite build && npx --no-install vite build -c vite.worker.config.js && node bin/worker.mjs
}

need_assets() {
    local stamp; stamp=$(cat package-lock.json vite.config.js vite.worker.config.js bin/worker.mjs \
        $(find resources/js resources/scss public/*.* -type f ! -name sw.js | sort) | sha256sum)
    if [ ! -f public/sw.js ] || stamp_differs public/build/.lento-stamp "$stamp"; then
        long "Building styles and scripts" build_assets
        printf '%s' "$stamp" >public/build/.lento-stamp
    fi
}

need_env() {
    [ -f .env ] && grep -q '^APP_KEY=base64:' .env && return 0
    say "Writing .env with a new key"
    [ -f .env ] || cp .env.example .env
    "${PHP[@]}" artisan key:generate --force --quiet
}

# For commands that other programs call, NAME FILE|- [--json]: paths are as seen from where ./lento was called, and bad use ends with 2.
calls() {
    local name=$1 file='' json='' arg; local -a more=(); shift
    for arg in "$@"; do
        case "$arg" in
            --json) json=--json ;;
            --nth=*|--as=*) [ "$name" = assay ] || misused "$name" "does not know “$arg”"; more+=("$arg") ;;
            --*) misused "$name" "does not know “$arg”" ;;
            *) [ -z "$file" ] || misused "$name" "reads one file, not several"; file=$arg ;;
        esac
    done
    [ -n "$file" ] || misused "$name" "needs a file, or - for standard input"
    case "$file" in
        -|/*) ;;
        *) file="$LENTO_CALLED_FROM/$file" ;;
    esac
    need_php_packages quietly
    exec "${PHP[@]}" artisan "lento:$name" "$file" $json "${more[@]}"
}

# A stand-in for a probe or a scale.
stands_in() {
    need_php_packages quietly
    exec "${PHP[@]}" artisan lento:device "$@"
}

rebuilds() {
    need_php_packages quietly
    exec "${PHP[@]}" artisan lento:rebuild "$@"
}

misused() { printf 'lento %s %s: ./lento %s FILE|- [--json]\n' "$1" "$2" "$1" >&2; exit 2; }
