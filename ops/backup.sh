# A school's backup, made while it runs; and the way back from it.

# What is of one evening only, or is made anew: its rows are left out, its tables are not.
PASSING="cache cache_locks limits sessions"

# What a backup holds: the rows as they stood at one moment, and what opens them.
backup_into() ( # FOLDER
    umask 077
    local into=$1 name ignored=()
    for name in $PASSING; do ignored+=("--ignore-table-data=recess.$name"); done
    # One transaction: bookings go on meanwhile, and what they write is in the next one.
    MYSQL_PWD=$OWNER_PASSWORD mariadb-dump --host=127.0.0.1 --port="$DB_PORT" --user=recess_owner \
        --single-transaction --quick --skip-lock-tables --triggers --hex-blob "${ignored[@]}" recess >"$into/rows.sql" || return 1
    # Its last line; without it the dump was cut.
    tail -n 1 "$into/rows.sql" | grep -q '^-- Dump completed' || return 1
    cp "$VAR/settings" "$VAR/secrets" "$into/"
    [ ! -f "$VAR/more.env" ] || cp "$VAR/more.env" "$into/"
    cp -r "$VAR/tls" "$into/tls"
    printf 'recess 1\nof %s\nat %s\nversion %s %s\n' "$HOST" "$(date -u +%FT%TZ)" "$(cat "$ROOT/VERSION")" "$(version_of_code)" >"$into/about"
    (cd "$into" && find . -type f ! -name sums -print0 | sort -z | xargs -0 sha256sum >sums)
)

version_of_code() { git -c safe.directory="$ROOT" -C "$ROOT" rev-parse HEAD 2>/dev/null || echo unknown; }

# Sets BACKUP to the file that was written.
backup_now() {
    local folder=${BACKUPS:-$VAR/backups} file work need have
    mkdir -p -m 700 "$folder"
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
    mv "$file.part" "$file"
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
    [ -z "$TO" ] || BACKUPS=$(from_here "$TO")
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
}

recess_restore() {
    KEY=''
    school_flags "$@"
    [ ${#ARGUMENTS[@]} = 1 ] || fail "Say which backup: bin/recess restore FILE [--key IDENTITY] [--dir FOLDER]"
    [ ! -e "$DIR/settings" ] && [ ! -d "$DIR/mariadb/mysql" ] || fail "There is a school in $DIR already." "Restore into another folder, or stop that one and move its folder away: nothing is ever written over."
    local file work
    file=$(from_here "${ARGUMENTS[0]}")
    # shellcheck disable=SC2086
    install_all age openssl
    work=$(umask 077 && mktemp -d)
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    step "Looking whether the backup is whole"
    unpacked "$file" "$work"
    # What it was set to, and then what is said now: another port, another folder.
    read_settings "$work/settings"
    (read_secrets "$work/secrets")
    BACKUPS=''
    school_flags "$@"
    BACKUPS=${BACKUPS:-$DIR/backups}
    instance_open school "$DIR"
    make_user
    mkdir -p -m 755 "$VAR" "$VAR/log"
    (umask 077 && cp "$work/secrets" "$VAR/secrets" && cp -r "$work/tls" "$VAR/tls" && { [ ! -f "$work/more.env" ] || cp "$work/more.env" "$VAR/"; })
    [ -z "$CERTIFICATE" ] || [ -r "$CERTIFICATE" ] || { say_note "The certificate is not at $CERTIFICATE here; the one of the backup is used until you give another." && CERTIFICATE='' CERTIFICATE_KEY=''; }
    [ -z "$BACKUP_KEY" ] || [ -r "$BACKUP_KEY" ] || { say_note "The recipients of backups are not at $BACKUP_KEY here: backups are not encrypted until you give them anew." && BACKUP_KEY=''; }
    [ -n "$MAIL_HOST" ] || fail "The backup names no mail server." "Say which: --mail-host NAME"
    instance_prepare "$HTTPS_PORT"
    step "Starting the database"
    instance_start_database
    step "Reading the rows back"
    load_rows "$work/rows.sql"
    keep_settings
    bring_up
    step "Restored: $(artisan recess:census)"
    step "It answers: $(school_address)/"
}

# load_rows FILE: all of the tables as a dump has them; what stood there before is gone.
load_rows() {
    as_owner -e 'DROP DATABASE IF EXISTS recess; CREATE DATABASE recess CHARACTER SET utf8mb4'
    as_owner recess <"$1" 2>"$VAR/log/load.log" || { tail -n 3 "$VAR/log/load.log" >&2 && fail "The rows could not be read back." "The whole of it is in $VAR/log/load.log."; }
}

as_owner() { MYSQL_PWD=$OWNER_PASSWORD mariadb --host=127.0.0.1 --port="$DB_PORT" --user=recess_owner "$@"; }
