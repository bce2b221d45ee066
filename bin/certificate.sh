# A certificate authority of the kitchen's own, for a kitchen whose name no public one vouches for. Sourced, never run.

# A year and a month: what browsers take at most from an authority that was installed by hand.
CERTIFICATE_DAYS=397
RENEWED_DAYS_BEFORE=30
ROOT_DAYS=3650

# make_authority FOLDER KITCHEN NAMES: once; its key stays on this machine, and it vouches for nothing but this kitchen's names.
make_authority() {
    [ -f "$1/root.crt" ] && return 0
    mkdir -p "$1"
    openssl ecparam -name prime256v1 -genkey -noout -out "$1/root.key"
    openssl req -x509 -new -key "$1/root.key" -days "$ROOT_DAYS" -subj "/CN=Lento of ${2//\//-}" -out "$1/root.crt" \
        -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
        -addext "nameConstraints=critical,$(permitted "$3")"
    chmod 600 "$1/root.key"
    chmod 644 "$1/root.crt"
}

# permitted NAMES: names with commas between, as what the root may vouch for.
permitted() {
    local out='' name
    for name in ${1//,/ }; do
        case "$name" in
            *[!0-9.]*) out="$out,permitted;DNS:$name" ;;
            *) out="$out,permitted;IP:$name/255.255.255.255" ;;
        esac
    done
    printf '%s' "${out#,}"
}

# make_certificate FOLDER NAMES
make_certificate() {
    local san='' name
    for name in ${2//,/ }; do
        case "$name" in
            *[!0-9.]*) san="$san,DNS:$name" ;;
            *) san="$san,IP:$name" ;;
        esac
    done
    openssl ecparam -name prime256v1 -genkey -noout -out "$1/server.key.new"
    openssl req -new -key "$1/server.key.new" -subj "/CN=${2%%,*}" -out "$1/server.csr"
    printf 'basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=%s\n' \
        "${san#,}" >"$1/server.ext"
    openssl x509 -req -in "$1/server.csr" -CA "$1/root.crt" -CAkey "$1/root.key" -CAcreateserial -days "$CERTIFICATE_DAYS" \
        -extfile "$1/server.ext" -out "$1/server.crt.new"
    mv "$1/server.key.new" "$1/server.key"
    mv "$1/server.crt.new" "$1/server.crt"
    printf '%s' "$2" >"$1/names"
    chmod 600 "$1/server.key"
}

# renew_certificate FOLDER: where it would run out within a month. Given files are the kitchen's own to renew.
renew_certificate() {
    [ -f "$1/root.key" ] || return 0
    openssl x509 -checkend $((86400 * RENEWED_DAYS_BEFORE)) -noout -in "$1/server.crt" >/dev/null && return 0
    make_certificate "$1" "$(cat "$1/names")"
    echo "A new certificate: nginx reads it with its next reload."
}
