# A school's backup, made while it runs; and the way back from it.

# What is of one evening only, or is made anew: its rows are left out, its tables are not.
PASSING="cache cache_locks limits sessions"

# What a backup holds: the rows as they stood at one moment, and what opens them.
backup_into() ( # FOLDER
    umask 077
    local into=$1
    # It is called where a failure alone ends nothing: each says so.
    dump_into "$into" || return 1
    cp "$VAR/settings" "$VAR/secrets" "$into/" || return 1
    [ ! -f "$VAR/more.env" ] || cp "$VAR/more.env" "$into/" || return 1
    cp -r "$VAR/tls" "$into/tls" || return 1
    printf 'recess 1\nof %s\nat %s\nversion %s %s\n' "$HOST" "$(date -u +%FT%TZ)" "$(cat "$ROOT/VERSION")" "$(version_of_code)" >"$into/about" || return 1
    (cd "$into" && find . -type f ! -name sums -print0 | sort -z | xargs -0 sha256sum >sums)
)

# dump [DATABASE]: one transaction: bookings go on meanwhile, and what they write is in the next one.
dump() {
    local name ignored=() database=${1:-recess}
    for name in $PASSING; do ignored+=("--ignore-table-data=$database.$name"); done
    MYSQL_PWD=$OWNER_PASSWORD mariadb-dump --host=127.0.0.1 --port="$DB_PORT" --user=recess_owner \
        --single-transaction --quick --skip-lock-tables --triggers --hex-blob "${ignored[@]}" "$database"
}

# dump_into FOLDER: the rows of all schools, and the registry that opens them.
dump_into() {
    whole_dump recess "$1/rows.sql" || return
    ! has_schools || {
        whole_dump recess_registry "$1/registry.sql" && mkdir "$1/schools" && all_schools dump_school "$1/schools"
    }
}

# Without its last line a dump was cut.
whole_dump() { dump "$1" >"$2" && tail -n 1 "$2" | grep -q '^-- Dump completed'; }
dump_school() { whole_dump "$(database_of "$2")" "$1/$2.sql"; }

# Git on the code, whoever it belongs to, and on the work tree beside it (ops/update.sh).
in_git() (umask 022 && exec git -c safe.directory='*' -C "$ROOT" "$@")

version_of_code() { if is_packaged; then packaged_says commit; else in_git rev-parse HEAD 2>/dev/null || echo unknown; fi; }

# Sets BACKUP to the file that was written.
backup_now() {
    local folder=${BACKUPS:-$VAR/backups} file work need have
    # A folder of somebody's own is made when it is set; is it gone, so is the disk that was there.
    [ "$folder" != "$VAR/backups" ] || mkdir -p -m 700 "$folder"
    [ -d "$folder" ] || fail "There is no $folder: is its disk there?" "Nothing was written, and nothing elsewhere in its place."
    need=$(($(du -sk "$VAR/mariadb" | cut -f1) / 2 + 20480))
    have=$(df -Pk "$folder" | awk 'NR == 2 { print $4 }')
    [ "$have" -ge "$need" ] || fail "There is not enough room in $folder: $((have / 1024)) MB are free, $((need / 1024)) MB may be needed." "Nothing was written, and no older backup was taken away."
    file=$folder/recess-$HOST-$(date -u +%Y-%m-%dT%H%M%SZ).tar.gz
    [ -z "$BACKUP_KEY" ] || file=${file%.age}.age
    work=$(mktemp -d "$folder/.making.XXXXXX")
    # What was left by one that broke off goes too, whatever happens.
    if ! backup_into "$work" || ! (umask 077 && packed "$work" >"$file.part"); then
        rm -rf "$work" "$file.part"
        fail "The backup was not made." "Nothing of it was left, and no older one was taken away. Is the disk full? bin/recess doctor looks."
    fi
    rm -rf "$work"
    mv "$file.part" "$file" || fail "The backup could not be put in its place: $file" "No older one was taken away."
    BACKUP=$file
    rotate "$folder"
    step "Backed up: $file"
    [ -n "$BACKUP_KEY" ] || say_note "It is not encrypted, and holds everything. Keep it where only you can read it, or give recipients: --backup-key FILE"
}

packed() ( # FOLDER
    set -o pipefail
    if [ -n "$BACKUP_KEY" ]; then
        tar -C "$1" -cz . | age --encrypt --recipients-file "$BACKUP_KEY"
    else
        tar -C "$1" -cz .
    fi
)

# The newest so many of this school stay.
rotate() {
    find "$1" -maxdepth 1 -type f -name "recess-$HOST-*.tar.gz*" ! -name '*.part' | sort -r | tail -n +"$((KEEP_BACKUPS + 1))" | while read -r old; do rm -f "$old"; done
}

recess_backup() {
    TO=''
    school_open "$@"
    instance_is_running || fail "It is not running, and its database has to." "Start it: bin/recess up --dir $DIR"
    # Given once for this backup alone.
    [ -z "$TO" ] || { BACKUPS=$(from_here "$TO") && mkdir -p -m 700 "$BACKUPS"; }
    backup_now
}

# unpacked FILE FOLDER: opens a backup and holds it against its sums; nothing else is touched before all of it is sound.
unpacked() {
    local file=$1 into=$2
    [ -r "$file" ] || fail "$file cannot be read."
    if [ "$(head -c 21 "$file" | tr -d '\0')" = age-encryption.org/v1 ]; then
        [ -n "${KEY:-}" ] || fail "This backup is encrypted." "Give the identity that opens it: --key FILE"
        age --decrypt --identity "$(from_here "$KEY")" "$file" 2>"$into/.age" | tar -C "$into" -xz 2>/dev/null || fail "This backup cannot be opened: the identity is another one, or the file was cut or changed." "Nothing was restored."
    else
        tar -C "$into" -xzf "$file" 2>/dev/null || fail "This file is no backup of Recess, or it was cut." "Nothing was restored."
    fi
    (cd "$into" && [ -f sums ] && sha256sum --quiet --strict -c sums >/dev/null 2>&1) || fail "This backup is not as it was written." "Nothing was restored."
    head -n 1 "$into/about" | grep -qx 'recess 1' || fail "This backup is of a version that this one does not know." "Take the newest version of Recess and try again."
    local unknown
    unknown=$(for file in "$into"/rows.sql "$into"/schools/*.sql; do [ ! -f "$file" ] || migrations_of "$file"; done | sort -u | unknown_here)
    [ -z "$unknown" ] || fail "This backup was made by a newer version than the code in $ROOT: $(sed -n 's/^version //p' "$into/about")." "Nothing was restored. Take that version in first: git -C $ROOT fetch && git -C $ROOT checkout VERSION"
}

# Of changes of tables, a line each, those that the code does not know.
unknown_here() { while IFS= read -r name; do [ -f "$ROOT/database/migrations/$name.php" ] || echo "$name"; done; }

# The changes of tables that a dump has behind it.
migrations_of() { sed -n '/^INSERT INTO `migrations`/,/;$/p' "$1" | grep -oE "'[0-9]{4}_[0-9a-z_]+'" | tr -d "'"; }

recess_restore() {
    KEY='' DRILL='' LETTERS=''
    school_flags "$@"
    [ ${#ARGUMENTS[@]} = 1 ] || fail "Say which backup: bin/recess restore FILE [--key IDENTITY] [--dir FOLDER | --drill]"
    local file work
    file=$(from_here "${ARGUMENTS[0]}")
    [ -n "$DRILL" ] || has_room_for_a_school
    # shellcheck disable=SC2086
    install_all $SCHOOL_PACKAGES
    work=$(umask 077 && mktemp -d)
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    step "Looking whether the backup is whole"
    unpacked "$file" "$work"
    # What it was set to, and then what is said now: another port, another folder.
    [ -n "$DRILL" ] || what_was_cut_short_goes
    read_settings "$work/settings"
    (read_secrets "$work/secrets")
    if [ -n "$DRILL" ]; then
        drill "$work"
        return
    fi
    BACKUPS=''
    school_flags "$@"
    BACKUPS=${BACKUPS:-$DIR/backups}
    instance_open school "$DIR"
    [ -n "$MAIL_HOST" ] || fail "The backup names no mail server." "Say which: --mail-host NAME"
    LISTENED='' && ports_are_free
    make_user
    mkdir -p -m 755 "$VAR" "$VAR/log"
    # Until it serves: whatever cuts this short, it can be done again.
    date -u +%FT%TZ >"$VAR/restoring"
    (umask 077 && cp "$work/secrets" "$VAR/secrets" && cp -r "$work/tls" "$VAR/tls" && { [ ! -f "$work/more.env" ] || cp "$work/more.env" "$VAR/"; })
    [ -z "$CERTIFICATE" ] || [ -z "$(why_not "$CERTIFICATE" "$CERTIFICATE_KEY")" ] || { say_note "There is no sound certificate at $CERTIFICATE here; the one of the backup is used until you give another." && CERTIFICATE='' CERTIFICATE_KEY=''; }
    [ -z "$BACKUP_KEY" ] || [ -r "$BACKUP_KEY" ] || { say_note "The recipients of backups are not at $BACKUP_KEY here: backups are not encrypted until you give them anew." && BACKUP_KEY=''; }
    instance_prepare "$HTTPS_PORT"
    step "Starting the database"
    instance_start_database
    step "Reading the rows back"
    load_all "$work"
    all_rows_are_those_of "$work" || fail "The rows in the database are not those of the backup." "What was restored was not started. Try again, with the same file."
    letters_of_then "$work/about"
    keep_settings
    bring_up
    rm -f "$VAR/restoring"
    step "Restored: $(artisan recess:census)"
    step "It answers: $(school_address)/"
}

# Nothing is ever written over.
has_room_for_a_school() {
    [ ! -e "$DIR/restoring" ] || return 0
    [ ! -e "$DIR/settings" ] && [ ! -d "$DIR/mariadb/mysql" ] || fail "There is a school in $DIR already." "Restore into another folder, or stop that one and move its folder away: nothing is ever written over."
}

# What a restore made that did not come to its end, and nothing else of the folder.
what_was_cut_short_goes() {
    [ -e "$DIR/restoring" ] || return 0
    step "The restore of $(cat "$DIR/restoring") was cut short; what it left goes first"
    instance_open school "$DIR"
    bring_down
    (cd "$DIR" && rm -rf mariadb run log storage bootstrap tls acme settings settings.new secrets secrets.new more.env ports .env)
}

# What waited in the backup to be sent may have gone out long since: it is asked about, and held until somebody has said.
letters_of_then() { # ABOUT
    local waiting oldest said=$LETTERS
    read -r waiting oldest < <(as_owner -N -B -e "SELECT COUNT(*), COALESCE(DATE_FORMAT(FROM_UNIXTIME(MIN(created_at)), '%Y-%m-%d'), '-') FROM ($(letters_of_all)) AS letters")
    [ "$waiting" != 0 ] || return 0
    step "In the backup of $(sed -n 's/^at //p' "$1") $waiting letters and other pieces of work were waiting, the oldest since $oldest"
    [ -n "$said" ] || [ ! -t 0 ] || read -r -p "They may have gone out since. Send, hold or drop them? [hold] " said
    case $said in
        send) step "They are sent" ;;
        drop)
            of_all_letters "DELETE FROM %s.jobs WHERE queue = 'default';"
            step "They were dropped"
            ;;
        *)
            of_all_letters "UPDATE %s.jobs SET queue = 'held' WHERE queue = 'default';"
            say_note "They are held. When you know: bin/recess school artisan --dir $VAR recess:held send, or … drop"
            ! has_schools || say_note "Of the other schools each for itself: bin/recess schools artisan NAME recess:held send --dir $VAR"
            ;;
    esac
}

letters_of_all() {
    printf "SELECT created_at FROM recess.jobs WHERE queue = 'default'"
    all_schools letters_of
}
letters_of() { printf " UNION ALL SELECT created_at FROM %s.jobs WHERE queue = 'default'" "$(database_of "$1")"; }

# of_all_letters STATEMENT: for each school, with its database in it.
of_all_letters() {
    # shellcheck disable=SC2059
    as_owner -e "$(printf "$1" recess; [ ! -s "$VAR/hosts" ] || all_schools one_of_all "$1")"
}
# shellcheck disable=SC2059
one_of_all() { printf "$1" "$(database_of "$2")"; }

# rows_are_those_of DUMP: whether the database says the same rows as the dump it was made of. Their layout is the version's.
rows_are_those_of() { [ "$(dump "${2:-recess}" | sum_of_rows)" = "$(sum_of_rows <"$1")" ]; }

all_rows_are_those_of() { # FOLDER
    rows_are_those_of "$1/rows.sql" || return
    [ ! -f "$1/registry.sql" ] || { rows_are_those_of "$1/registry.sql" recess_registry && all_schools school_is_that_of "$1/schools"; }
}
school_is_that_of() { rows_are_those_of "$1/$2.sql" "$(database_of "$2")"; }
sum_of_rows() { sed -n '/^INSERT INTO/,/;$/p' | tr -d '\n ' | sha256sum; }

# drill BACKUP: a restore for trial, beside whatever runs: a folder and ports of its own, nothing that sends, fetches or
# starts with the machine, and nothing of it left.
drill() {
    local work=$1 folder version
    folder=$(mktemp -d "${TMPDIR:-/var/tmp}/recess-drill-XXXXXX")
    chmod 711 "$folder"
    READS=
    # shellcheck disable=SC2064
    trap "instance_stop >/dev/null 2>&1 || true; rm -rf '$work' '$folder' \"\$READS\"" EXIT
    trap 'exit 130' INT TERM HUP
    BOOT=no LISTEN=127.0.0.1 CERTIFICATE='' CERTIFICATE_KEY='' BACKUPS=$folder BACKUP_KEY='' OIDC_ISSUER='' VIDEO_ADDRESS=''
    # Nobody listens there; and what would send is not started.
    MAIL_HOST=127.0.0.1 MAIL_PORT=9 MAIL_USERNAME='' MAIL_PASSWORD=''
    id "$RUN_AS" >/dev/null 2>&1 || RUN_AS=www-data
    HTTPS_PORT=$(free_port) HTTP_PORT=$(free_port) WATCH_PORT=$(free_port)
    DIR=$folder/school
    instance_open school "$DIR"
    mkdir -p -m 755 "$VAR" "$VAR/log"
    (umask 077 && cp "$work/secrets" "$VAR/secrets" && cp -r "$work/tls" "$VAR/tls")
    instance_prepare "$HTTPS_PORT"
    step "Reading its rows into a database of its own"
    quietly "$VAR/log/start.log" instance_start_database
    load_all "$work"
    all_rows_are_those_of "$work" || fail "The rows in the database are not those of the backup." "Nothing else was touched. Make another backup, and try that one."
    version=$(sed -n 's/^version \([^ ]*\).*/\1/p' "$work/about")
    step "Bringing its tables, of version $version, up to this one’s"
    quietly "$VAR/log/migrate.log" migrate_all
    step "Starting what serves, and nothing that sends"
    quietly "$VAR/log/start-web.log" instance_start_web fpm nginx
    [ "$(curl -fsSk --connect-to "::127.0.0.1:$HTTPS_PORT" "$(school_address)/" | grep -c '</html>')" -ge 1 ] || fail "Its first page does not come." "Nothing else was touched."
    step "This backup restores: it is of $(sed -n 's/^at //p' "$work/about"), $(wc -l <"$work/sums") files with the right sums, the same rows; $(artisan recess:census)"
}

# load_all FOLDER: what dump_into wrote; of what stood there before nothing is left in these databases.
load_all() {
    load_rows "$1/rows.sql"
    [ -f "$1/registry.sql" ] || return 0
    load_rows "$1/registry.sql" recess_registry
    # Their users, with the passwords that the registry has sealed.
    registry rooms
    registry hosts >"$VAR/hosts"
    chmod 644 "$VAR/hosts"
    serves_schools
    all_schools load_school "$1/schools"
    registry rooms
}
load_school() { load_rows "$1/$2.sql" "$(database_of "$2")"; }

# load_rows FILE [DATABASE]: all of the tables as a dump has them; what stood there before is gone.
load_rows() {
    local database=${2:-recess}
    as_owner -e "DROP DATABASE IF EXISTS $database; CREATE DATABASE $database CHARACTER SET utf8mb4"
    as_owner "$database" <"$1" 2>"$VAR/log/load.log" || { tail -n 3 "$VAR/log/load.log" >&2 && fail "The rows could not be read back." "The whole of it is in $VAR/log/load.log."; }
}
