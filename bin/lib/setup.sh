# Shared by bin/demo and bin/test: puts in place whatever a fresh machine lacks, and only that.
# Stamps in .stamps/ remember what was last done, so that a second run does nothing twice.

cd "$(dirname "${BASH_SOURCE[0]}")/../.." || exit 1
mkdir -p .stamps
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '\033[1m%s\033[0m\n' "$*"; }

fail() {
    printf '%s\n' "$*" >&2
    exit 1
}

# stamp NAME FILE... : true when the files are not as they were when NAME was stamped
changed() {
    local name=$1
    shift
    [ "$(cat "$@" 2>/dev/null | sha256sum)" != "$(cat ".stamps/$name" 2>/dev/null)" ]
}

stamp() {
    local name=$1
    shift
    cat "$@" | sha256sum >".stamps/$name"
}

# debian PACKAGE... : installs Debian packages through apt, or says exactly what to install
debian() {
    local missing=()
    local package
    for package in "$@"; do
        dpkg-query -W -f '${db:Status-Abbrev}' "$package" 2>/dev/null | grep -q '^ii' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    if command -v apt-get >/dev/null && [ "$(id -u)" -eq 0 ]; then
        say "Installing ${missing[*]}"
        apt-get update -qq && DEBIAN_FRONTEND=noninteractive \
            apt-get install -qq -y --no-install-recommends "${missing[@]}" >/dev/null && return
    fi
    fail "These Debian packages are needed and could not be installed: ${missing[*]}
Run:  sudo apt-get update && sudo apt-get install ${missing[*]}"
}

php_version() { php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;'; }

need_php() {
    local php
    command -v php >/dev/null || debian php8.2-cli
    php=$(php_version)
    php -r 'exit(extension_loaded("pdo_sqlite") ? 0 : 1);' || debian "php$php-sqlite3"
    php -r 'exit(extension_loaded("mbstring") && extension_loaded("xml") ? 0 : 1);' || debian "php$php-mbstring" "php$php-xml"
    php -r 'exit(extension_loaded("curl") ? 0 : 1);' || debian "php$php-curl"
    php -r 'exit(extension_loaded("zip") ? 0 : 1);' || debian "php$php-zip"
    php -r 'exit(extension_loaded("gd") ? 0 : 1);' || debian "php$php-gd"
    command -v composer >/dev/null || debian composer
}

# What drawings in PDF are read with.
need_pdf_tools() {
    command -v pdftocairo >/dev/null || debian poppler-utils
    command -v qpdf >/dev/null || debian qpdf
}

# What bin/serve stands on.
need_server() {
    command -v nginx >/dev/null || debian nginx
    need_pdf_tools
    command -v "php-fpm$(php_version)" >/dev/null || debian "php$(php_version)-fpm"
    php -r 'exit(extension_loaded("Zend OPcache") ? 0 : 1);' || debian "php$(php_version)-opcache"
    [ -x /usr/sbin/logrotate ] || debian logrotate
}

need_node() {
    command -v node >/dev/null || debian nodejs npm
    [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] || fail "Node 20 or newer is needed; this is $(node -v)."
}

install_php_packages() {
    if [ ! -d vendor ] || changed composer composer.json; then
        say "Installing PHP packages"
        composer update --no-progress --quiet
        stamp composer composer.json
    fi
}

install_node_packages() {
    if [ ! -d node_modules ] || changed npm package-lock.json; then
        say "Installing front-end packages"
        npm ci --no-audit --no-fund --loglevel=error
        stamp npm package-lock.json
    fi
}

sources() {
    find resources vite.config.ts tsconfig.json package-lock.json -type f -print0 | sort -z | tr '\0' '\n'
}

build_front_end() {
    local files
    mapfile -t files < <(sources)
    if [ ! -f public/build/manifest.json ] || changed build "${files[@]}"; then
        say "Building the front end"
        npx --no-install vite build --logLevel error
        stamp build "${files[@]}"
    fi
}

prepare_environment() {
    if [ ! -f .env ]; then
        local key
        key="base64:$(head -c 32 /dev/urandom | base64)"
        sed -e "s|^APP_KEY=.*|APP_KEY=$key|" .env.example >.env
    fi
}
