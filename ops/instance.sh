# An instance: one running Recess with its own folder under var/, database, ports and secrets.
# "demo" is what `start` runs; "test" is what `test` runs beside it; "school" is the real thing, wherever it lies, and has
# a file of settings (ops/school.sh).

. ops/services.sh
PHP=${PHP:-/usr/bin/php8.2}

# instance_open NAME [FOLDER]: sets VAR and RUN (and the users that things run as) for the instance of that name.
instance_open() {
    INSTANCE=$1
    VAR=${2:-$ROOT/var/$INSTANCE}
    export RECESS_VAR=$VAR
    RUN=$VAR/run
    # What its processes, units and nightly work are called on this machine: by the folder, which no other has.
    SERVICE=recess-$(basename "$VAR" | tr -c 'A-Za-z0-9\n' -)-$(printf %s "$VAR" | sha256sum | cut -c1-6)
    # The path of a Unix socket has 107 characters at most.
    [ ${#RUN} -lt 80 ] || RUN=/tmp/recess-$(printf %s "$VAR" | sha256sum | cut -c1-12)
    # What is worked out for all and kept for a second; a school's in memory, where /run is, so that no full disk ends it.
    READS=$RUN/nginx-cache
    [ "$INSTANCE" != school ] || [ "$(id -u)" != 0 ] || READS=/run/$SERVICE-reads
    APP_USER=$(id -un)
    DB_USER=$APP_USER
    if [ "$(id -u)" = 0 ]; then
        may_reach www-data && APP_USER=www-data
        may_reach mysql && DB_USER=mysql
        # A school's own user, whom no other site of the machine's web server is.
        [ "$INSTANCE" != school ] || APP_USER=${RUN_AS:-recess}
    fi
    # shellcheck disable=SC1091
    [ ! -f "$VAR/ports" ] || . "$VAR/ports"
    serves_schools
}

may_reach() { id "$1" >/dev/null 2>&1 && runuser -u "$1" -- test -r "$ROOT/composer.json" -a -x "$ROOT"; }

# closed_to USER: what on the way to the code the user may not pass through, or read at its end.
closed_to() {
    local at=/ part
    runuser -u "$1" -- true 2>/dev/null || { echo "becoming that user" && return; }
    while IFS= read -r -d / part; do
        at=$at${part:+$part/}
        runuser -u "$1" -- test -x "$at" || { echo "$at" && return; }
    done <<<"${ROOT#/}/"
    echo "${at}composer.json"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port
    while port=$((20000 + RANDOM % 20000)); port_taken "$port"; do :; done
    echo "$port"
}

secret() { head -c 32 /dev/urandom | base64 | tr -d '\n'; }

# instance_prepare PORT: everything that has to lie in the folder before the first process starts.
instance_prepare() {
    PORT=$1
    # Nothing of an instance is for the other users of the machine; who has to pass through to their own may pass.
    umask 027
    mkdir -p -m 755 "$ROOT/var" "$VAR"
    mkdir -p "$VAR"/{run,mariadb,log/mariadb} "$VAR"/storage/{logs,framework/{views,cache}} "$VAR"/bootstrap
    chmod 751 "$VAR" "$VAR/run" "$VAR/log"
    chmod 750 "$VAR/mariadb" "$VAR"/storage "$VAR"/storage/{logs,framework} "$VAR"/storage/framework/{views,cache} "$VAR/bootstrap" "$VAR/log/mariadb"
    # What was cached of an earlier version may name classes that are gone; it is made anew below.
    [ -n "${KEEPS_CACHES:-}" ] || rm -f "$VAR"/bootstrap/*.php
    mkdir -p -m 755 "$RUN"
    mkdir -p -m 750 "$READS"
    # Nobody else of the machine tells pages to look again.
    mkdir -p -m 750 "$RUN/live"
    # A database that runs keeps its port.
    [ -n "${DB_PORT:-}" ] && { instance_is_running || ! port_taken "$DB_PORT"; } || DB_PORT=$(free_port)
    [ -n "${DAV_PORT:-}" ] && { instance_is_running || ! port_taken "$DAV_PORT"; } || DAV_PORT=$(free_port)
    printf 'PORT=%s\nDB_PORT=%s\nDAV_PORT=%s\n' "$PORT" "$DB_PORT" "$DAV_PORT" >"$VAR/ports"
    keep_secrets
    read_secrets "$VAR/secrets"
    (umask 077 && instance_env >"$VAR/.env")
    (umask 077 && accounts >"$VAR/run/accounts.sql")
    local name
    for name in nginx.conf php-fpm.conf php.ini preload.php mariadb.cnf supervisor.conf; do fill_template $name; done
    mkdir -p -m 755 "$VAR/acme"
    calendars_beside
    if [ "$(id -u)" = 0 ]; then
        chown -R "$DB_USER" "$VAR/mariadb" "$VAR/run/accounts.sql"
        chown "$APP_USER" "$RUN/live"
        chown -R "$APP_USER" "$READS" "$VAR/storage" "$VAR/bootstrap" "$VAR/.env"
        chown -R "$DB_USER" "$VAR/log/mariadb"
        # Left open to everybody by earlier versions; the database has a folder of its own.
        chown "$(id -un)" "$VAR/log"
        chmod -R o-rwx "$VAR/log"/* "$VAR/storage" "$VAR/bootstrap"
    fi
    # Written by hand, with passwords in it.
    [ ! -f "$VAR/more.env" ] || chmod o-rwx "$VAR/more.env"
    if [ ! -d "$VAR/mariadb/mysql" ]; then
        step "Making a private database"
        local as=
        [ "$(id -u)" != 0 ] || as="--user=$DB_USER"
        quietly "$VAR/log/install-db.log" mariadb-install-db --no-defaults $as --datadir="$VAR/mariadb" --auth-root-authentication-method=normal --skip-test-db
    fi
}

# A calendar server, for whoever tries that without having one: Debian's own, with one person on it.
calendars_beside() {
    local folder=$VAR/run/beside
    mkdir -p -m 755 "$folder"
    rm -f "$folder"/*.conf
    [ "$INSTANCE" != school ] && command -v radicale >/dev/null || return 0
    [ "$INSTANCE" = demo ] || rm -rf "${VAR:?}/calendars"
    mkdir -p -m 750 "$VAR/calendars"
    printf 'ines:low-tide-bell\n' >"$VAR/calendars/people"
    cat >"$VAR/calendars/config" <<CONFIG
[server]
hosts = 127.0.0.1:$DAV_PORT
[auth]
type = htpasswd
htpasswd_filename = $VAR/calendars/people
htpasswd_encryption = plain
[storage]
filesystem_folder = $VAR/calendars/kept
[web]
type = none
CONFIG
    local name
    for name in Work Home; do
        mkdir -p "$VAR/calendars/kept/collection-root/ines/${name,,}"
        printf '{"tag": "VCALENDAR", "D:displayname": "%s"}' $name >"$VAR/calendars/kept/collection-root/ines/${name,,}/.Radicale.props"
    done
    [ "$(id -u)" != 0 ] || chown -R "$APP_USER" "$VAR/calendars"
    cat >"$folder/calendars.conf" <<CONF
[program:calendars]
command = $(command -v radicale) --config $VAR/calendars/config
environment = HOME="$VAR/calendars"
user = $APP_USER
autorestart = true
startretries = 100000
redirect_stderr = true
stdout_logfile = $VAR/log/calendars.out
CONF
}

# read_secrets FILE: a name and a value a line: data, which nothing runs.
read_secrets() {
    local line name value
    while IFS= read -r line || [ -n "$line" ]; do
        name=${line%%=*} value=${line#*=}
        [[ $name =~ ^(APP_KEY|DB_PASSWORD|OWNER_PASSWORD|REGISTRY_KEY|REGISTRY_PASSWORD)$ ]] || continue
        [[ $value =~ ^[A-Za-z0-9:+/=]+$ ]] || fail "The secret $name is not one of ours." "It stands in $1."
        printf -v "$name" %s "$value"
    done <"$1"
}

# Made once and kept, for the owner of the instance alone; what a later version asks for is added.
keep_secrets() (
    umask 077
    touch "$VAR/secrets"
    local name
    for name in APP_KEY REGISTRY_KEY; do
        grep -q "^$name=" "$VAR/secrets" || printf '%s=base64:%s\n' "$name" "$(secret)" >>"$VAR/secrets"
    done
    for name in DB_PASSWORD OWNER_PASSWORD REGISTRY_PASSWORD; do
        grep -q "^$name=" "$VAR/secrets" || printf '%s=%s\n' "$name" "$(secret | tr -dc 'A-Za-z0-9')" >>"$VAR/secrets"
    done
)

# The database's accounts, read by it at each start: one user for the application, with the rows alone; one that may
# change tables, for migrations and for further schools; one that reads the registry of these; its own root over the socket only, as the system's user; nobody without a password.
accounts() {
    cat <<SQL
CREATE DATABASE IF NOT EXISTS recess CHARACTER SET utf8mb4;
CREATE OR REPLACE USER recess@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT SELECT, INSERT, UPDATE, DELETE ON recess.* TO recess@'127.0.0.1';
CREATE OR REPLACE USER recess_owner@'127.0.0.1' IDENTIFIED BY '$OWNER_PASSWORD';
GRANT ALL ON \`recess%\`.* TO recess_owner@'127.0.0.1' WITH GRANT OPTION;
GRANT CREATE USER ON *.* TO recess_owner@'127.0.0.1';
$(registry_tables)
CREATE OR REPLACE USER recess_registry@'127.0.0.1' IDENTIFIED BY '$REGISTRY_PASSWORD';
GRANT SELECT ON \`recess\\_registry\`.* TO recess_registry@'127.0.0.1';
ALTER USER root@localhost IDENTIFIED VIA unix_socket;
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
FLUSH PRIVILEGES;
SQL
    # The tests make tables of their own.
    [ "$INSTANCE" = demo ] || [ "$INSTANCE" = school ] || cat <<SQL
CREATE DATABASE IF NOT EXISTS recess_check CHARACTER SET utf8mb4;
GRANT ALL ON recess_check.* TO recess@'127.0.0.1';
SQL
}

# The registry's own tables, as far as they are not there; the server reads a statement a line.
registry_tables() {
    echo 'CREATE DATABASE IF NOT EXISTS recess_registry CHARACTER SET utf8mb4;'
    cat "$ROOT"/database/registry/*.sql | sed '/^--/d; s/CREATE TABLE IF NOT EXISTS /&recess_registry./; s/REFERENCES /&recess_registry./' | tr -s '\n ' ' ' | sed 's/; */;\n/g'
}

instance_env() {
    [ "$INSTANCE" != school ] || { school_env && return; }
    cat <<ENV
APP_ENV=$([ "$INSTANCE" = test ] && echo testing-served || echo production)
APP_URL=http://127.0.0.1:$PORT
APP_KEY=$APP_KEY
DB_PORT=$DB_PORT
DB_PASSWORD=$DB_PASSWORD
REGISTRY_KEY=$REGISTRY_KEY
REGISTRY_PASSWORD=$REGISTRY_PASSWORD
RECESS_DEMO=true
RECESS_LIVE_SOCKET=$RUN/live/stamps.sock
RECESS_FEED_HOSTS=127.0.0.1:$PORT,127.0.0.1:$DAV_PORT
RECESS_DEMO_CALENDARS=http://127.0.0.1:$DAV_PORT/
RECESS_OIDC_ISSUER=http://127.0.0.1:$PORT/stand-in/people
RECESS_OIDC_CLIENT_ID=recess-demo
RECESS_OIDC_CLIENT_SECRET="a secret of the demo"
RECESS_OIDC_NAME="the school’s account"
MAIL_MAILER=mailroom
MAIL_FROM_ADDRESS=meetings@gannetcove.example
MAIL_FROM_NAME="Gannet Cove School"
ENV
    [ "$INSTANCE" != bench ] || echo RECESS_BENCH=true
    # Whatever the hour at which the tests run: no evening of theirs is two days at a desk.
    [ "$INSTANCE" = demo ] || echo "RECESS_DAY_BEGINS=$(TZ=America/Halifax date -d '+12 hours' +%H:00)"
    echo 'RECESS_ANSWERS_ADDRESS=answers+{key}@gannetcove.example'
    [ "$INSTANCE" = demo ] || echo RECESS_TUTORS=true
    # Nobody who tests waits two minutes for a letter.
    [ "$INSTANCE" != test ] || echo RECESS_SITTING_QUIET=4
    # The races of the tests come from one address.
    [ "$INSTANCE" = demo ] || printf 'RECESS_VISITOR_WRITES_PER_MINUTE=100000\nRECESS_PASS_READS_PER_MINUTE=100000\nRECESS_READS_PER_MINUTE=100000\nRECESS_KNOCKS_PER_HOUR=100000\nRECESS_UNANSWERED=100000\nRECESS_UNANSWERED_WAIT=100000\n'
}

# The names of all schools beside the one of these settings, a line each (ops/schools.sh).
hosts_beside() { cat "$VAR/hosts" 2>/dev/null || true; }

# The languages of the catalogues, and in the demo a made-up one, as alternatives of a regular expression.
languages() {
    local all
    all=$(cd "$ROOT/lang" && printf '%s|' */ | tr -d /)
    echo "$([ "$INSTANCE" = school ] || echo 'en-XA|')${all%|}"
}

# What the web server says of the reader to the application, and to their browser.
READS_IN='fastcgi_param REQUEST_URI $beyond;
            fastcgi_param RECESS_HOST $host;
            fastcgi_param RECESS_CLOCK $clock;
            fastcgi_param RECESS_FOLDER $folder;
            fastcgi_param RECESS_CHOSEN $chosen;
            fastcgi_param RECESS_LANGUAGE $usual;
            add_header Set-Cookie $keeps;'

fill_template() {
    local user_line='' fpm_root=''
    if [ "$(id -u)" = 0 ]; then
        case $1 in
            nginx.conf) user_line="user $APP_USER;" ;;
            php-fpm.conf) user_line=$(printf 'user = %s\ngroup = %s\nlisten.owner = %s' "$APP_USER" "$(id -gn "$APP_USER")" "$APP_USER") ;;
            mariadb.cnf) user_line="user = $DB_USER" ;;
            supervisor.conf) user_line="user = root" ;;
        esac
        [ "$APP_USER" != root ] || fpm_root=--allow-to-run-as-root
    fi
    local text
    text=$(cat "$ROOT/ops/templates/$1")
    text=${text//@USER_LINE@/$user_line}
    text=${text//@FPM_ROOT@/$fpm_root}
    text=${text//@APP_USER@/$APP_USER}
    text=${text//@SERVICE@/$SERVICE}
    text=${text//@DB_PORT@/$DB_PORT}
    if [ "$1" = nginx.conf ]; then
        text=${text//@LISTEN@/$([ "$INSTANCE" = school ] && school_listens || echo "listen 127.0.0.1:$PORT backlog=2048;")}
        text=${text//@REAL_IP@/$([ "$INSTANCE" != school ] || school_proxies)}
        # As the application says it with its own answers (Framework/SecurityHeaders).
        text=${text//@HSTS@/$([ "$INSTANCE" != school ] || echo 'add_header Strict-Transport-Security "max-age=31536000";')}
        text=${text//@HOSTS@/$(hosts_beside | sed 's/.*/"&" "&";/' | tr '\n' ' ')}
        text=${text//@CLOCKS@/$("$PHP" "$ROOT/ops/clocks.php")}
        text=${text//@LANGUAGES@/$(languages)}
        text=${text//@READS_IN@/$READS_IN}
        text=${text//@MORE_SERVERS@/$([ "$INSTANCE" != school ] || school_servers)}
    fi
    # Measured and tested is from one address, which is then a whole school's.
    text=${text//@RATE@/$([ "$INSTANCE" = demo ] || [ "$INSTANCE" = school ] && echo 100 || echo 5000)}
    text=${text//@LIVE@/$([ "$INSTANCE" = demo ] || [ "$INSTANCE" = school ] && echo 300 || echo 5000)}
    text=${text//@ROOT@/$ROOT}
    text=${text//@RUN@/$RUN}
    text=${text//@READS@/$READS}
    text=${text//@VAR@/$VAR}
    text=${text//@PHP@/$PHP}
    printf '%s\n' "$text" >"$VAR/run/$1"
    # Read by the application's and the database's users too; no secret stands in them.
    chmod 644 "$VAR/run/$1"
}

as_app() (
    umask 027
    if [ "$(id -un)" = "$APP_USER" ]; then "$@"; else runuser -u "$APP_USER" -- "$@"; fi
)

# What changes tables goes by the user who may; the password by the environment, as below.
# Up to which change the tables are is written down: code of another version shows nothing (Framework/TablesOfThis).
migrate() {
    DB_USERNAME=recess_owner DB_PASSWORD=$OWNER_PASSWORD artisan "$@" --force || return 1
    newest_of_code >"$VAR/tables.new"
    chmod 644 "$VAR/tables.new"
    mv "$VAR/tables.new" "$VAR/tables"
}

# What is written down is that the tables of all schools are.
migrate_all() {
    if declare -f all_schools >/dev/null; then all_schools migrate_school || return 1; fi
    migrate migrate
}

newest_of_code() { find "$ROOT/database/migrations" -name '*.php' -printf '%f\n' | sort | tail -n 1 | sed 's/\.php$//'; }
tables_fit() { [ "$(cat "$VAR/tables" 2>/dev/null)" = "$(newest_of_code)" ]; }

artisan() { as_app env RECESS_VAR="$VAR" HOME=/tmp "$PHP" "$ROOT/artisan" "$@"; }

as_owner() { MYSQL_PWD=$OWNER_PASSWORD mariadb --host=127.0.0.1 --port="$DB_PORT" --user=recess_owner "$@"; }

supervise() { supervisorctl -c "$VAR/run/supervisor.conf" "$@"; }

instance_is_running() { [ -f "$VAR/run/supervisor.conf" ] && { supervise pid >/dev/null 2>&1 || units_are_running; }; }
units_are_running() { [ "$INSTANCE" = school ] && has_units && systemctl is-active --quiet "$(unit mariadb)"; }

# wait_for SECONDS WHAT COMMAND…: until the command succeeds.
wait_for() {
    local left=$1 what=$2
    shift 2
    until "$@" >/dev/null 2>&1; do
        left=$((left - 1))
        [ $left -gt 0 ] || fail "$what did not answer in time." "Look into ${VAR#"$ROOT"/}/log/."
        sleep 0.5
    done
}

# The password goes by the environment: what stands on a command line can be read by everybody on the machine.
database_answers() { DB_PASSWORD=$DB_PASSWORD "$PHP" -r 'new PDO("mysql:host=127.0.0.1;port=".$argv[1].";dbname=recess", "recess", getenv("DB_PASSWORD"));' "$DB_PORT"; }
health_answers() {
    if [ "$INSTANCE" = school ]; then
        # Whether it answers, by whatever certificate; doctor looks at that.
        curl -fsSk --max-time 5 --connect-to "::127.0.0.1:$PORT" "$(school_address)/up"
    else
        curl -fsS --max-time 5 "http://127.0.0.1:$PORT/up"
    fi
}

# From a prepared folder to a database that answers.
instance_start_database() {
    if [ "$INSTANCE" = school ] && has_units; then
        write_units
        systemctl start "$(unit mariadb)"
    else
        supervisord -c "$VAR/run/supervisor.conf"
    fi
    wait_for 120 "The database" database_answers
}

# What does not change while it runs.
instance_caches() {
    local what
    for what in config route event view; do quietly "$VAR/log/$what-cache.log" artisan "$what:cache"; done
    quietly "$VAR/log/classes.log" artisan recess:classes "$VAR/bootstrap/classes.php"
}

# instance_start_web [NAMES…]: starts what serves, or these of it.
instance_start_web() {
    instance_caches
    # shellcheck disable=SC2086
    quietly "$VAR/log/start-web.log" services_start ${*:-$SERVES}
    wait_for 60 "The application" health_answers
}

instance_stop() {
    instance_is_running || return 0
    local pid
    pid=$(supervise pid)
    supervise shutdown >/dev/null
    while kill -0 "$pid" 2>/dev/null; do sleep 0.2; done
}
