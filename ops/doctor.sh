# bin/recess doctor: what is wrong, in plain words, and what to do; ends with 1 when something is.

examine() {
    WRONG=0
    if ! instance_is_running; then
        wrong "It is not running." "Start it: bin/recess up --dir $VAR" "$(database_said)"
    elif ! health_answers >/dev/null 2>&1; then
        wrong "It does not answer on $(school_address)/." "Look into $VAR/log/, and at bin/recess school status."
    else
        well "It answers."
    fi
    examine_disk
    examine_clock
    examine_certificate
    examine_programs
    examine_night
    examine_answers
    examine_backups
    examine_files
    # The queue, the scheduler, the letters: what the application knows of itself.
    if instance_is_running; then
        artisan recess:mail-server || WRONG=1
        artisan recess:doctor || WRONG=1
        all_schools examine_school || wrong "The registry of schools cannot be read." "Start what does not run: bin/recess up --dir $VAR"
    fi
    [ "$WRONG" = 0 ] || exit 1
    step "Nothing is wrong."
}

# One of several: its queue, its schedule, its letters; and whether browsers trust its name.
examine_school() {
    local said code=0
    said=$(in_school "$1" artisan recess:doctor) || code=$?
    if [ $code = 0 ]; then well "$1: nothing is wrong."; else wrong "$1:" && grep '^✗' <<<"$said" | sed 's/^/  /'; fi
    local host
    host=$(address_of "$1" | sed 's#^[a-z]*://##; s/:.*//')
    openssl x509 -in "$VAR/tls/certificate.pem" -noout -checkhost "$host" 2>/dev/null | grep -q 'does match' ||
        wrong "$1: the certificate is not for $host." "Browsers refuse it. Give one that has the names of all schools: bin/recess install --dir $VAR --certificate FILE --certificate-key FILE"
}

well() { as_typed "✓ $1"; }
wrong() {
    WRONG=1
    as_typed "✗ $1"
    shift
    for mend in "$@"; do [ -z "$mend" ] || as_typed "  $mend"; done
}

examine_disk() {
    local free
    free=$(df -Pm "$VAR" | awk 'NR == 2 { print $4 }')
    if [ "$free" -lt 1024 ]; then wrong "Only $free MB are left on the disk of $VAR." "Below a few hundred the database stops. Make room, or keep fewer backups: --keep N."; else well "$((free / 1024)) GB are left on the disk."; fi
}

examine_clock() {
    if command -v timedatectl >/dev/null && [ "$(timedatectl show -p NTP --value 2>/dev/null)" = no ]; then
        wrong "Nothing keeps the machine's clock right." "Switch that on: timedatectl set-ntp true"
    elif [ "$(date +%s)" -lt "$(stat -c %Y "$ROOT/bin/recess")" ]; then
        wrong "The clock says $(date), which is before this version was put here." "Set it right: bookings, links and reminders go by it."
    else
        well "The clock says $(date '+%F %H:%M %Z')."
    fi
}

examine_certificate() {
    local file=$VAR/tls/certificate.pem
    if ! openssl x509 -in "$file" -noout >/dev/null 2>&1; then
        wrong "There is no certificate." "Give one: bin/recess install --dir $VAR --certificate FILE --certificate-key FILE"
    elif ! openssl x509 -in "$file" -noout -checkhost "$HOST" | grep -q 'does match'; then
        wrong "The certificate is not for $HOST." "Browsers refuse it. Give another: bin/recess install --dir $VAR --certificate FILE --certificate-key FILE"
    elif ! openssl x509 -in "$file" -noout -checkend $((14 * 86400)) >/dev/null; then
        wrong "The certificate ends on $(openssl x509 -in "$file" -noout -enddate | cut -d= -f2)." "Renew it in time."
    elif [ "$(openssl x509 -in "$file" -noout -issuer | cut -d= -f2-)" = "$(openssl x509 -in "$file" -noout -subject | cut -d= -f2-)" ]; then
        wrong "The certificate is signed by itself: browsers warn." "Give a real one: bin/recess install --dir $VAR --certificate FILE --certificate-key FILE"
    else
        well "The certificate is good until $(openssl x509 -in "$file" -noout -enddate | cut -d= -f2)."
    fi
}

# Its own words for what keeps the database from starting, where there are any of late.
database_said() {
    local said
    said=$(find "$VAR/log/mariadb" "$VAR/log/mariadb.out" -type f -mmin -60 -exec grep -h '\[ERROR\]' {} + 2>/dev/null | tail -n 1 | sed 's/^.*\[ERROR\] *//') || true
    [ -z "$said" ] || printf 'The database said last: %s' "${said:0:200}"
}

# Each thing that should run, by its name.
examine_programs() {
    instance_is_running || return 0
    local missing
    missing=$(services_missing)
    if [ -n "$missing" ]; then wrong "This does not run: $missing" "Start it: bin/recess up --dir $VAR" "$(database_said)"; else well "All of it runs: $PROGRAMS."; fi
    if ! has_units && [ "${BOOT:-yes}" = yes ] && ! has_cron; then
        wrong "No cron runs on this machine, so nothing is done at night." "Install one: apt-get install cron; or have something run bin/recess night --dir $VAR"
    fi
}

# What came of the night, thing by thing.
examine_night() {
    local what when how why
    [ -f "$VAR/night" ] || return 0
    while read -r what when how why; do
        if [ "$how" = wrong ]; then
            wrong "The last $what of a night, $(date -d "@$when" '+%F %H:%M'), went wrong: $why" "Try it: bin/recess night --dir $VAR"
        elif [ "$when" -lt "$(($(date +%s) - 2 * 86400))" ]; then
            wrong "There has been no $what since the night of $(date -d "@$when" +%F)." "See that bin/recess night --dir $VAR runs each night."
        fi
    done <"$VAR/night"
}

examine_answers() {
    grep -qs '^RECESS_ANSWERS_MAILBOX=.' "$VAR/more.env" || return 0
    if artisan recess:answers >/dev/null 2>&1; then
        well "The mailbox for answers can be read."
    else
        wrong "The mailbox for answers cannot be read." "Entries are sent all the same; what is answered meanwhile is read later. Look at RECESS_ANSWERS_… in $VAR/more.env."
    fi
}

examine_backups() {
    local newest
    newest=$(find "${BACKUPS:-$VAR/backups}" -maxdepth 1 -type f -name "recess-$HOST-*.tar.gz*" ! -name '*.part' -mtime -2 2>/dev/null | sort | tail -n 1) || true
    if [ -z "$newest" ]; then
        wrong "There is no backup of the last two days in ${BACKUPS:-$VAR/backups}." "Make one now: bin/recess backup --dir $VAR; and see that bin/recess night runs each night."
    else
        well "The newest backup is $newest."
    fi
}

examine_files() {
    local open
    open=$(find "$VAR/settings" "$VAR/secrets" "$VAR/.env" "$VAR/storage" "$VAR/mariadb" "$VAR/tls" -maxdepth 0 -perm /007 2>/dev/null) || true
    if [ -n "$open" ]; then wrong "Other users of this machine may read: $open" "Close that: chmod o-rwx $open"; else well "What is secret is closed to others."; fi
}
