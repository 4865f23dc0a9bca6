# Installs what is missing: Debian packages, PHP and JavaScript packages, the built front end.
# Each part is done again only when what it depends on has changed.

export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
PHP=/usr/bin/php8.2
INSTALL_LOG=$ROOT/var/log

RUN_PACKAGES="php8.2-cli php8.2-fpm php8.2-mysql php8.2-curl php8.2-intl php8.2-mbstring php8.2-xml php8.2-zip
    php8.2-gd php8.2-bcmath php8.2-apcu php8.2-imap php8.2-mailparse mariadb-server nginx libnginx-mod-nchan supervisor procps util-linux qrencode poppler-utils unzip curl ca-certificates"
TEST_PACKAGES="age git openssl oathtool chromium dovecot-imapd python3 python3-aiosmtpd python3-dateutil python3-icalendar python3-caldav radicale xandikos coinor-cbc"

# What a school has besides: backups that are encrypted, certificates.
SCHOOL_PACKAGES="age openssl"
MOVING_PACKAGES="prometheus rclone lintian adduser php-cli"

missing_packages() {
    local package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || printf '%s ' "$package"
    done
}

install_debian() {
    local missing
    command -v dpkg-query >/dev/null || fail "This is not Debian." "Recess installs itself on Debian 12; elsewhere, install: $*"
    missing=$(missing_packages "$@")
    command -v composer >/dev/null || missing+="composer "
    node_is_new_enough || command -v npm >/dev/null || missing+="nodejs npm "
    [ -n "$missing" ] || return 0
    [ "$(id -u)" = 0 ] || fail "These Debian packages are missing: $missing" "Install them: sudo apt-get install $missing"
    step "Installing Debian packages: $missing"
    watched "$INSTALL_LOG/apt-update.log" 'lists of packages' apt-get update
    # In a shell of its own, whose end takes the policy away, however it ends.
    # shellcheck disable=SC2086
    (
        services_stay_off
        watched "$INSTALL_LOG/apt-install.log" "$(wc -w <<<"$missing") packages and what they need" \
            env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing
    )
}

# Keeps the packages from starting services of their own, until this shell ends: ours are private.
services_stay_off() {
    local policy=/usr/sbin/policy-rc.d
    [ ! -e $policy ] || return 0
    # shellcheck disable=SC2064
    trap "rm -f $policy" EXIT
    trap 'exit 130' INT TERM
    printf '#!/bin/sh\nexit 101\n' >$policy
    chmod +x $policy
}

node_is_new_enough() {
    command -v node >/dev/null && node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)'
}

# Debian 12's Node.js is too old for the front end's build; a newer one comes as an npm package.
install_node() {
    PATH=$ROOT/var/tools/node_modules/.bin:$PATH
    node_is_new_enough && return
    step "Installing Node.js 20"
    watched "$INSTALL_LOG/node.log" 'Node.js' npm install --prefix "$ROOT/var/tools" --no-audit --no-fund node@20
    node_is_new_enough || fail "Node.js 20.19 or newer is needed to build the pages." "Install it and run this again."
}

# stamped STAMP FILES…: whether the files are still what they were when STAMP was written; what the build makes itself aside.
stamp_of() { find "$@" -type f ! -name api.d.ts ! -path "web/fonts/*" -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }
stamped() { [ -f "$1" ] && [ "$(cat "$1")" = "$(stamp_of "${@:2}")" ]; }

# dev: with what the tests need; run: without, as at a school.
PACKAGES_FOR=${PACKAGES_FOR:-dev}

PAGES_ARE_MADE_OF="web ops/fonts.mjs ops/page-words.mjs vite.config.ts package-lock.json docs/formats/recess.openapi.yaml"

# built_fits WHAT: whether what was built is of the code that lies here.
built_fits() {
    # shellcheck disable=SC2086
    case $1 in
        vendor) stamped "vendor/.stamp-$PACKAGES_FOR" composer.json php-packages.lock ;;
        node_modules) stamped node_modules/.stamp package-lock.json ;;
        public/build) stamped public/build/.stamp $PAGES_ARE_MADE_OF ;;
    esac
}

# Those of php-packages.lock and no others, each made of the files that it names.
install_php_packages() {
    local flags='' stamp=vendor/.stamp-$PACKAGES_FOR
    [ "$PACKAGES_FOR" = dev ] || flags=--no-dev
    built_fits vendor && php_packages_are_ours 2>/dev/null && return
    step "Installing PHP packages"
    rm -f vendor/.stamp*
    "$PHP" ops/php-lock.php pin
    # shellcheck disable=SC2086
    COMPOSER=composer.pinned.json watched "$INSTALL_LOG/composer.log" 'PHP packages' composer install --prefer-dist --no-progress $flags
    php_packages_are_ours || fail "The PHP packages are not those that were tried." "Nothing was started. What differs stands above; if the lock is older than composer.json: php ops/php-lock.php write."
    # Some archives unpack readable by their owner only; the web server is another user.
    chmod -R a+rX vendor
    stamp_of composer.json php-packages.lock >"$stamp"
}

php_packages_are_ours() {
    # shellcheck disable=SC2046
    "$PHP" ops/php-lock.php check $([ "$PACKAGES_FOR" = dev ] || echo --no-dev)
}

# audit_packages: 1 when one of those that run here has a known hole; a registry that cannot be asked is said, and no answer.
audit_packages() {
    local found=0 said
    "$PHP" ops/php-lock.php pin
    if said=$(COMPOSER=composer.pinned.json composer audit --no-dev --format=plain 2>&1); then
        step "PHP packages: no known hole"
    elif grep -qiE 'could not|failed|timed out|404|not be (fully )?loaded' <<<"$said" && ! grep -q 'CVE' <<<"$said"; then
        say_note "The registry of the PHP packages could not be asked."
    else
        printf '%s\n' "$said"
        found=1
    fi
    if said=$(npm audit --omit=dev 2>&1); then
        step "JavaScript packages: no known hole"
    elif grep -qiE 'audit endpoint|ENOTFOUND|ECONN|E40[0-9]|E50[0-9]|not implemented' <<<"$said"; then
        say_note "The registry of the JavaScript packages could not be asked."
    else
        printf '%s\n' "$said"
        found=1
    fi
    return $found
}

install_js_packages() {
    built_fits node_modules && return
    step "Installing JavaScript packages"
    watched "$INSTALL_LOG/npm.log" 'JavaScript packages' npm ci --no-audit --no-fund
    stamp_of package-lock.json >node_modules/.stamp
}

build_pages() {
    built_fits public/build && return
    step "Building the pages"
    watched "$INSTALL_LOG/build.log" 'the build' npm run --silent build
    # shellcheck disable=SC2086
    stamp_of $PAGES_ARE_MADE_OF >public/build/.stamp
}

# Of Debian's package: all that is built lies in it, and apt has brought what it needs.
packaged_says() { sed -n "s/^$1 //p" "$ROOT/packaged"; }

install_all() {
    ! is_packaged || return 0
    # shellcheck disable=SC2086
    install_debian $RUN_PACKAGES "$@"
    install_node
    install_php_packages
    # Where they are only served, what builds them is fetched when it has to.
    [ "$PACKAGES_FOR" = run ] && built_fits public/build && return
    install_js_packages
    build_pages
}
