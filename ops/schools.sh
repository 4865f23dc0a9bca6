# bin/recess schools: several schools on one installation, each with a database, a user of it and a key of its own.
# The registry (app/Registry) says which there are; this makes tables, and takes what has changed in.

# The installation that --dir names; the demo's too, which has no settings.
schools_open() {
    school_flags "$@"
    if [ "$DIR" = "$ROOT/var/demo" ]; then
        instance_open demo "$DIR"
        read_secrets "$VAR/secrets"
    else
        school_open "$@"
    fi
}

recess_schools() {
    local what=${1:-list} name=${2:-} school
    [ $# -lt 2 ] || shift
    [ $# = 0 ] || shift
    instance_is_running || fail "It is not running, and its database has to." "Start it first. Nothing was done."
    case $what in
        list | settings) registry "$what" $name ;;
        add)
            registry_is_there
            registry add "$name" "$@"
            step "Making its tables"
            quietly "$VAR/log/migrate.log" migrate_school "$name"
            registry open "$name" made
            hosts_taken_in
            step "It is there: $(address_of "$name")/"
            as_typed "  Its first person names it here, within a day:  $(in_school "$name" artisan recess:first-key)"
            ;;
        rename)
            registry rename "$name" "$@"
            hosts_taken_in
            step "It is reached at $(address_of "$name")/ from now on, and by the name it had."
            ;;
        open | suspend | set)
            registry "$what" "$name" "$@"
            step "Done: $(registry names | wc -l) schools beside that of the installation’s settings."
            ;;
        artisan) in_school "$name" artisan "$@" ;;
        *) fail "schools does not know “$what”." "There are: list, add, rename, suspend, open, set, settings, artisan." ;;
    esac
}

registry() { DB_USERNAME=recess_owner DB_PASSWORD=$OWNER_PASSWORD uncached artisan recess:schools "$@"; }

# As the user who may, and so with none of the settings that are kept for the one who may not.
uncached() { APP_CONFIG_CACHE=$VAR/bootstrap/none.php "$@"; }

# in_school NAME COMMAND…
in_school() { local school=$1 && shift && RECESS_SCHOOL=$school "$@"; }

migrate_school() { DB_USERNAME=recess_owner DB_PASSWORD=$OWNER_PASSWORD RECESS_SCHOOL=$1 uncached artisan migrate --force; }

address_of() { registry address "$1"; }

# Whether there are more than the one of the settings; which, the registry says.
has_schools() { [ -s "$VAR/hosts" ]; }
database_of() { echo "recess_${1//-/_}"; }

# all_schools COMMAND…: once for each school beside that of the settings, with its name behind.
all_schools() {
    local school names
    has_schools || return 0
    names=$(registry names) || return 1
    for school in $names; do "$@" "$school" || return 1; done
}

# What an earlier version started has no registry, and an owner that may not make one.
registry_is_there() {
    as_owner -e 'SELECT 1 FROM recess_registry.enrolled LIMIT 1' >/dev/null 2>&1 ||
        { [ "$(id -u)" = 0 ] && mariadb --no-defaults --socket="$VAR/mariadb/recess.sock" <"$VAR/run/accounts.sql"; } ||
        fail "Its database does not have a registry of schools yet." "It has one from its next start on: bin/recess down, then bin/recess up. Nothing was done."
}

# The web server counts and answers by the names that there are.
hosts_taken_in() {
    registry hosts >"$VAR/hosts.new"
    chmod 644 "$VAR/hosts.new"
    mv "$VAR/hosts.new" "$VAR/hosts"
    fill_template nginx.conf
    # One that is signed by itself is made anew with the names of all; one that was given is its owner's to renew.
    [ "$INSTANCE" != school ] || keep_certificate || true
    kill -HUP "$(cat "$VAR/run/nginx.pid")"
    [[ $SERVES != *schools ]] || return 0
    serves_schools
    fill_template supervisor.conf
    [ "$INSTANCE" != school ] || starts_at_boot
    quietly "$VAR/log/start-web.log" services_start schools
}
