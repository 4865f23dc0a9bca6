# The parts of the way, in the order in which they are gone; each ends with a school that runs. PARTS_BY_UNITS are gone
# where systemd looks after it. One check a line: of several with && between only the last would end the way, and none with ! before it.
PARTS="moving_in schools settings broken night drill restore across update leaving"
PARTS_BY_UNITS="moving_in schools drill restore full update leaving package"

install_school() { # FOLDER FLAGS…
    # shellcheck disable=SC2086
    recess install --dir "$1" --host "$NAME" --https-port "$HTTPS" --http-port "$HTTP" --watch-port "$WATCH" --run-as www-data $BOOT_FLAG \
        --mail-host 127.0.0.1 --mail-port "$MAIL" --mail-user school --mail-password-file "$PLACE/password" --mail-from meetings@gannetcove.example "${@:2}"
}

part_moving_in() {
    way "Moving in ($KIND)"
    install_school "$SCHOOL"
    says 'Open this address once'
    silent_on 'does not take letters'
    answers
    recess doctor --dir "$SCHOOL" || true
    says '^✓ The mail server takes our letters'
    says '^✓ All of it runs: mariadb fpm nginx queue rounds live scheduler'
    # Read by the school's own processes: none of it is open to others, and it listens on IPv6 where there is any.
    ! grep -qs . /proc/net/if_inet6 || grep -q "listen \[::\]:$HTTPS" "$SCHOOL/run/nginx.conf"
}

# status_at HOST: what it answers by that name.
status_at() { curl -sk -o "$PLACE/page" -w '%{http_code}' --max-time 5 --connect-to "::127.0.0.1:$HTTPS" "https://$1:$HTTPS/up"; }

part_schools() {
    way "A second school on the same installation, with a database, a user of it and a key of its own ($KIND)"
    local own=skerry.gannetcove.example password
    [ "$(status_at "$own")" = 308 ]
    refused schools add Skerry "$own" --dir "$SCHOOL"
    says 'Nothing was changed'
    refused schools add skerry "https://$own/" --dir "$SCHOOL"
    says 'is no host name'
    recess schools add skerry "$own" --dir "$SCHOOL"
    says "It is there: https://$own:$HTTPS/"
    says "https://$own:$HTTPS/begin/"
    [ "$(status_at "$own")" = 200 ]
    [ "$(status_at "${own^^}.")" = 200 ]
    [ "$(status_at nobody.gannetcove.example)" = 404 ]
    grep -q 'No school is at this address' "$PLACE/page"
    answers
    # Nobody's name is taken over, and nothing that lies there already.
    refused schools add skerry other.gannetcove.example --dir "$SCHOOL"
    says 'of that name already'
    refused schools add reef "${NAME^^}" --dir "$SCHOOL"
    says 'another school.s already'
    sql "$SCHOOL" 'CREATE DATABASE recess_reef; CREATE TABLE recess_reef.theirs (id INT PRIMARY KEY)'
    refused schools add reef reef.gannetcove.example --dir "$SCHOOL"
    says 'with tables in it that no school here has made'
    sql "$SCHOOL" 'DROP DATABASE recess_reef'
    # One that was cut short is gone on with.
    sql "$SCHOOL" "UPDATE recess_registry.enrolled SET standing = 'making'; DROP TABLE recess_skerry.wordings; DELETE FROM recess_skerry.migrations WHERE migration LIKE '%own_words'"
    refused schools open skerry --dir "$SCHOOL"
    says 'add it again'
    recess schools add skerry "$own" --dir "$SCHOOL"
    says 'It is there'
    recess schools suspend skerry --dir "$SCHOOL"
    within 5 status_is 503 "$own"
    recess schools open skerry --dir "$SCHOOL"
    within 5 status_is 200 "$own"
    recess schools rename skerry reef.gannetcove.example --dir "$SCHOOL"
    within 5 status_is 200 reef.gannetcove.example
    [ "$(status_at "$own")" = 200 ]
    printf 'a secret\n' >"$PLACE/secret"
    "$CODE/bin/recess" schools set skerry mail-from=skerry@gannetcove.example oidc-secret=- --dir "$SCHOOL" <"$PLACE/secret" >"$PLACE/said"
    recess schools settings skerry --dir "$SCHOOL"
    says 'mail-from=skerry@gannetcove.example'
    silent_on 'a secret'
    refused schools set skerry mail-from=nobody --dir "$SCHOOL"
    says 'is no value'
    # What has to be done there is done: its schedule is run, and its workers are heard of.
    within 130 school_is_well
}
status_is() { [ "$(status_at "$2")" = "$1" ]; }
school_is_well() { "$CODE/bin/recess" schools artisan skerry recess:doctor --dir "$SCHOOL" | grep -q 'scheduler\|schedule' && "$CODE/bin/recess" schools artisan skerry recess:doctor --dir "$SCHOOL"; }

# What keeps somebody from a slip: nothing is stopped, and nothing is kept of it.
still_as_it_was() { answers && cmp -s "$PLACE/settings" "$SCHOOL/settings" && [ "$(pid_of_php)" = "$PHP_PID" ]; }
pid_of_php() { pgrep -of "^php-fpm: master.*$SCHOOL/run/php-fpm.conf"; }
another_php_than() { pid_of_php >/dev/null && [ "$(pid_of_php)" != "$1" ]; }

part_settings() {
    way "Wrong settings are refused before anything is stopped; good ones are taken in without a stop"
    cp "$SCHOOL/settings" "$PLACE/settings"
    PHP_PID=$(pid_of_php)
    certificate_for other.example "$PLACE/other"
    certificate_for "$NAME" "$PLACE/ours"
    refused install --dir "$SCHOOL" --certificate "$PLACE/other.pem" --certificate-key "$PLACE/other.key"
    says 'is not for meet.gannetcove.example'
    still_as_it_was
    refused install --dir "$SCHOOL" --certificate "$PLACE/ours.pem" --certificate-key "$PLACE/other.key"
    says 'does not belong to'
    still_as_it_was
    refused install --dir "$SCHOOL" --backup-key "$PLACE/nowhere"
    says 'is no list of age recipients'
    still_as_it_was
    refused install --dir "$SCHOOL" --https-port "$MAIL"
    says 'is taken by another program'
    still_as_it_was
    refused install --dir "$PLACE/second" --host second.example --mail-host 127.0.0.1 --mail-from a@b.example --no-boot
    says 'runs another school already'
    still_as_it_was
    echo ebb >"$PLACE/wrong-password"
    recess install --dir "$SCHOOL" --mail-password-file "$PLACE/wrong-password"
    says 'The mail server does not take letters'
    answers
    [ "$(pid_of_php)" = "$PHP_PID" ]
    refused doctor --dir "$SCHOOL"
    says '^✗ The mail server .* does not take our letters: .*authenticate'
    # A mail server that nobody vouches for, and one that the machine has been told to believe (docs/running.md).
    local tls
    tls=$(port)
    certificate_for localhost "$PLACE/mail"
    "$ROOT/tests/moving/mail-server.py" "$tls" "$PLACE/letters" "$PLACE/refuse" "$PLACE/mail.pem" "$PLACE/mail.key" 2>/dev/null &
    within 20 bash -c "exec 3<>/dev/tcp/127.0.0.1/$tls"
    recess install --dir "$SCHOOL" --mail-host localhost --mail-port "$tls" --mail-password-file "$PLACE/password"
    says 'The mail server does not take letters'
    answers
    refused doctor --dir "$SCHOOL"
    says '^✗ The mail server .* does not take our letters: .*certificate'
    recess install --dir "$SCHOOL" --mail-host 127.0.0.1 --mail-port "$MAIL" --mail-password-file "$PLACE/password" --certificate "$PLACE/ours.pem" --certificate-key "$PLACE/ours.key"
    silent_on 'does not take letters'
    [ "$(pid_of_php)" = "$PHP_PID" ]
    cmp -s "$PLACE/ours.pem" "$SCHOOL/tls/certificate.pem"
    # Behind a proxy each visitor is who they are, for the web server's limits too; and nobody else says so.
    echo 'RECESS_PROXIES=127.0.0.9, 192.0.2.0/24' >"$SCHOOL/more.env"
    refused install --dir "$SCHOOL"
    says 'Line 1 of .* cannot be read \(RECESS_PROXIES=…\)'
    answers
    printf '# in front\nRECESS_PROXIES="127.0.0.9, 192.0.2.0/24"\n' >"$SCHOOL/more.env"
    recess install --dir "$SCHOOL"
    grep -q 'set_real_ip_from 192.0.2.0/24;' "$SCHOOL/run/nginx.conf"
    answers
    [ "$(stat -c %A "$SCHOOL/more.env" | cut -c8-)" = --- ]
    echo 'RECESS_PROXIES=all' >"$SCHOOL/more.env"
    refused install --dir "$SCHOOL"
    says 'has “all”, which is no address'
    answers
    rm "$SCHOOL/more.env"
    "$CODE/bin/recess" school artisan --dir "$SCHOOL" config:show mail.mailers.smtp.password 2>/dev/null | grep -q tide
}

certificate_for() { # NAME FILE
    openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 30 -subj "/CN=$1" -addext "subjectAltName=DNS:$1" -keyout "$2.key" -out "$2.pem" 2>/dev/null
}

part_broken() {
    way "What does not run is named, and comes back"
    "$CODE/bin/recess" school status --dir "$SCHOOL" >/dev/null
    supervisorctl -c "$SCHOOL/run/supervisor.conf" stop web:queue web:rounds >/dev/null
    refused doctor --dir "$SCHOOL"
    says '^✗ This does not run: queue rounds'
    recess up --dir "$SCHOOL"
    says 'Starting what did not run: queue rounds'
    recess doctor --dir "$SCHOOL" || true
    says '^✓ All of it runs'

    way "A web server’s worker that outlived its master gives its socket back"
    local before
    before=$(pid_of_php)
    kill -KILL "$before"
    within 20 another_php_than "$before"
    within 20 answers
    [ "$(pgrep -cf "^php-fpm: pool recess-school-$(printf %s "$SCHOOL" | sha256sum | cut -c1-6)")" = 12 ]

    way "A quarter of a minute without its database: all of it comes back by itself"
    supervisorctl -c "$SCHOOL/run/supervisor.conf" stop mariadb >/dev/null
    sleep 15
    wrong answers
    curl -sSk --connect-to "::127.0.0.1:$HTTPS" "https://$NAME:$HTTPS/up" | grep -q '"parts":{"database":"away"}'
    curl -sS "http://127.0.0.1:$WATCH/metrics" | grep -qx 'recess_database_up 0'
    supervisorctl -c "$SCHOOL/run/supervisor.conf" start mariadb >/dev/null
    within 60 all_of_it_runs
    answers

    way "Code that meets tables of another version says so, and shows nothing"
    echo 2020_01_01_000001_older >"$SCHOOL/tables"
    [ "$(page /)" = 503 ]
    [ "$(page /staff)" = 503 ]
    [ "$(page /api/staff/session)" = 503 ]
    answers
    grep -q '"tables":"of another version"' "$PLACE/up"
    refused doctor --dir "$SCHOOL"
    says '^✗ The tables of this school are of another version'
    # Its tables are not of a newer version: they are brought up.
    recess up --dir "$SCHOOL"
    [ "$(page /staff/sign-in)" = 200 ]
    # Of a newer one they are left alone.
    sql "$SCHOOL" "INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000001_of_a_newer_version', 9)"
    echo 2020_01_01_000001_older >"$SCHOOL/tables"
    refused up --dir "$SCHOOL"
    says 'are of a newer version than the code'
    [ "$(page /staff/sign-in)" = 503 ]
    sql "$SCHOOL" "DELETE FROM migrations WHERE batch = 9 AND migration LIKE '2099%'"
    recess up --dir "$SCHOOL"
    [ "$(page /staff/sign-in)" = 200 ]
}

page() { curl -sSk -o /dev/null -w '%{http_code}' --connect-to "::127.0.0.1:$HTTPS" "https://$NAME:$HTTPS$1"; }
all_of_it_runs() { recess doctor --dir "$SCHOOL" || true; says '^✓ All of it runs' >/dev/null; }
within() { # SECONDS COMMAND…
    local until=$((SECONDS + $1))
    until ("${@:2}") >/dev/null 2>&1; do [ $SECONDS -lt $until ] || { echo "  Not within $1 s: ${*:2}" && exit 1; }; sleep 0.5; done
}

part_night() {
    way "Each thing of the night stands alone; a copy goes elsewhere; the alarms know it"
    printf '#!/bin/sh\nexec rclone copy --config /dev/null "$1" %s\n' "$PLACE/elsewhere" >"$SCHOOL/after-backup"
    chmod 777 "$SCHOOL/after-backup"
    refused night --dir "$SCHOOL"
    says 'has to be a program of root'
    [ ! -e "$PLACE/elsewhere" ]
    chmod 755 "$SCHOOL/after-backup"
    recess night --dir "$SCHOOL"
    cmp "$(newest_backup)" "$PLACE"/elsewhere/*.gz
    rm "$SCHOOL/after-backup"
    promtool test rules "$CODE/docs/alarms/recess.rules.test.yml" >"$PLACE/said" 2>&1
    says SUCCESS
    curl -sS "http://127.0.0.1:$WATCH/metrics" >"$PLACE/said"
    for one in $(grep -oE 'recess_[a-z_]+' "$CODE/docs/alarms/recess.rules.yml" | sort -u); do says "^$one "; done
    local made
    made=$(find "$SCHOOL/backups" -name '*.tar.gz' | wc -l)
    # The certificate is renewed by one that is over: what is there stays, and the backup is made all the same.
    openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 1 -subj "/CN=other" -keyout "$PLACE/ours.key" -out "$PLACE/ours.pem" 2>/dev/null
    cp "$SCHOOL/tls/certificate.pem" "$PLACE/good.pem"
    sleep 1
    refused night --dir "$SCHOOL"
    cmp -s "$PLACE/good.pem" "$SCHOOL/tls/certificate.pem"
    [ "$(find "$SCHOOL/backups" -name '*.tar.gz' | wc -l)" = $((made + 1)) ]
    refused doctor --dir "$SCHOOL"
    says '^✗ The last certificate of a night, .*, went wrong: .* is not for'
    curl -sS "http://127.0.0.1:$WATCH/metrics" >"$PLACE/said"
    says '^recess_night_certificate_well 0$'
    says '^recess_night_backup_well 1$'
    # It starts with the good one, too.
    recess down --dir "$SCHOOL"
    recess up --dir "$SCHOOL"
    answers
    # The disk of the backups is not there: nothing is written in its place.
    mkdir "$PLACE/disk"
    recess install --dir "$SCHOOL" --backups "$PLACE/disk" --certificate "$PLACE/good.pem" --certificate-key "$SCHOOL/tls/key.pem"
    rmdir "$PLACE/disk"
    refused night --dir "$SCHOOL"
    says 'is its disk there'
    [ ! -e "$PLACE/disk" ]
    # That hinders nothing else, and nothing is written in the place of the disk.
    recess install --dir "$SCHOOL" --keep 20
    answers
    [ ! -e "$PLACE/disk" ]
    recess install --dir "$SCHOOL" --backups "$SCHOOL/backups"
}

letters_wait() { # in a folder's database: three letters that the worker has not come to
    sql "$1" "INSERT INTO jobs (queue, payload, attempts, available_at, created_at) SELECT 'default', '{}', 0, UNIX_TIMESTAMP() + 86400, UNIX_TIMESTAMP() - 86400 FROM seq_1_to_3"
}
newest_backup() { find "$SCHOOL/backups" -name '*.tar.gz' | sort | tail -n 1; }
left_of_drills() { find /var/tmp -maxdepth 1 -name 'recess-drill-*' | wc -l; }

part_drill() {
    way "A restore for trial beside the living school ($KIND)"
    letters_wait "$SCHOOL"
    recess backup --dir "$SCHOOL"
    local before
    before=$(find /etc/systemd/system /etc/init.d /etc/cron.d 2>/dev/null | sort | sha256sum)
    recess restore "$(newest_backup)" --drill
    says 'This backup restores: it is of .*the same rows'
    answers
    [ "$(left_of_drills)" = 0 ]
    [ ! -s "$PLACE/letters" ]
    [ "$before" = "$(find /etc/systemd/system /etc/init.d /etc/cron.d 2>/dev/null | sort | sha256sum)" ]
    # A byte of the rows, with its sum.
    mkdir "$PLACE/opened"
    tar -C "$PLACE/opened" -xzf "$(newest_backup)"
    sed -i "s/^INSERT INTO .migrations. VALUES/&\\n(9999,'2099_01_01_000001_of_a_newer_version',1),/" "$PLACE/opened/rows.sql"
    (cd "$PLACE/opened" && find . -type f ! -name sums -print0 | sort -z | xargs -0 sha256sum >sums && tar -czf "$PLACE/newer.tar.gz" .)
    refused restore "$PLACE/newer.tar.gz" --drill
    says 'was made by a newer version'
}

part_restore() {
    local copy=$PLACE/copy ports file
    file=$(newest_backup)
    ports="--https-port $(port) --http-port $(port) --watch-port $(port)"
    way "A restore beside a school that has its ports is refused; into a folder with a school, too ($KIND)"
    refused restore "$file" --dir "$copy"
    says 'is taken by another program'
    [ ! -e "$copy/settings" ]
    refused restore "$file" --dir "$SCHOOL"
    says 'There is a school in'
    answers

    way "A restore into an empty folder that is cut short, and done again ($KIND)"
    # shellcheck disable=SC2086
    setsid "$CODE/bin/recess" restore "$file" --dir "$copy" $ports >"$PLACE/said" 2>&1 </dev/null &
    local cut=$!
    within 180 grep -q 'Reading the rows back' "$PLACE/said"
    kill -KILL -- "-$cut"
    refused up --dir "$copy"
    says 'was cut short'
    # shellcheck disable=SC2086
    recess restore "$file" --dir "$copy" $ports
    says 'was cut short; what it left goes first'
    says '3 letters and other pieces of work were waiting'
    says 'They are held'
    says 'Restored: '
    answers
    # Each school of the installation, by its names, opened by its own key.
    [ "$(sql "$copy" 'SELECT COUNT(*) FROM recess_skerry.wordings')" = 0 ]
    recess schools settings skerry --dir "$copy"
    says 'mail-from=skerry@gannetcove.example'
    [ "$(sql "$copy" "SELECT COUNT(*) FROM jobs WHERE queue = 'held'")" = 3 ]
    [ ! -s "$PLACE/letters" ]
    # Each has its own of all that is the machine's.
    if [ "$KIND" = units ]; then [ "$(find /etc/systemd/system -name 'recess-*-mariadb.service' | wc -l)" = 2 ]; fi
    recess school artisan --dir "$copy" recess:held drop
    says '3 letters and other work were dropped'
    recess down --dir "$copy"
    answers
    rm -rf "$copy"
    sql "$SCHOOL" "DELETE FROM jobs"
}

# On a disk of its own, of half a gigabyte.
part_full() {
    local SCHOOL=$PLACE/small/school HTTPS HTTP WATCH
    way "A disk that is full: whoever looks has an answer, and all goes on when there is room ($KIND)"
    HTTPS=$(port) HTTP=$(port) WATCH=$(port)
    mkdir -m 755 "$PLACE/small"
    mount -t tmpfs -o size=600m,mode=755 tmpfs "$PLACE/small"
    install_school "$SCHOOL"
    answers
    local one before after
    before=$(for one in / /find /staff/sign-in /away.css; do echo "$one $(page "$one")"; done)
    wrong grep -v ' 200$' <<<"$before"
    cat /dev/zero >"$PLACE/small/full" 2>/dev/null || true
    # A second later nothing that was kept is shown.
    sleep 2
    after=$(for one in / /find /staff/sign-in /away.css; do echo "$one $(page "$one")"; done)
    [ "$after" = "$before" ] || { echo "$after" && exit 1; }
    refused backup --dir "$SCHOOL"
    says 'There is not enough room'
    refused doctor --dir "$SCHOOL"
    says '^✗ Only 0 MB are left'
    rm "$PLACE/small/full"
    recess backup --dir "$SCHOOL"
    recess down --dir "$SCHOOL"
    umount "$PLACE/small"
}

# The way of a school that has not looked for long: its backup, and itself, by its own commands.
part_across() {
    local now=$CODE CODE=$PLACE/old SCHOOL=$PLACE/long-ago HTTPS HTTP WATCH then built
    then=$(git -C "$ROOT" -c safe.directory='*' rev-parse --verify --quiet HEAD~50) || { say_note "Fifty commits are not here, so an update across them is not tried." && return; }
    way "A school of fifty commits ago moves in with the code of then ($KIND)"
    HTTPS=$(port) HTTP=$(port) WATCH=$(port)
    git clone --quiet "$PLACE/origin.git" "$CODE" 2>/dev/null
    in_code reset --quiet --hard "$then"
    for built in vendor node_modules public/build; do cp -a --reflink=auto "$now/$built" "$CODE/$built"; done
    chmod -R go+rX "$CODE"
    # Code of then went by whoever ran it; that it is not so any more is tried everywhere else.
    umask 022
    install_school "$SCHOOL"
    answers
    recess backup --dir "$SCHOOL"
    way "Its backup restores with the code of now, and it is updated by its own update ($KIND)"
    "$now/bin/recess" restore "$(newest_backup)" --dir "$PLACE/again" --https-port "$(port)" --http-port "$(port)" --watch-port "$(port)" >"$PLACE/said" 2>&1 </dev/null
    says 'Restored: '
    "$now/bin/recess" down --dir "$PLACE/again" >/dev/null
    recess update --dir "$SCHOOL"
    says 'Updated from'
    runs "$(git -C "$now" rev-parse HEAD)"
    recess doctor --dir "$SCHOOL" || true
    says '^✓ All of it runs'
    recess down --dir "$SCHOOL"
    umask 077
    rm -rf "$SCHOOL" "$CODE" "$PLACE/again"
}

# commit WHAT: a new version, from what was changed in a second clone; fetched by the update.
commit() {
    git -C "$PLACE/next" -c user.name=way -c user.email=way@mail.example add -A
    git -C "$PLACE/next" -c user.name=way -c user.email=way@mail.example commit --quiet -m "$1"
    git -C "$PLACE/next" push --quiet origin HEAD
}
take_last_commit_back() { git -C "$PLACE/next" reset --quiet --hard HEAD~1 && git -C "$PLACE/next" push --quiet --force origin HEAD; }
runs() { [ "$(in_code rev-parse HEAD)" = "$1" ] && answers && [ ! -e "$SCHOOL/updating" ] && [ ! -e "$CODE/var/next" ]; }
migration() { # NAME BODY
    printf '<?php\n\ndeclare(strict_types=1);\n\nreturn new class extends Illuminate\\Database\\Migrations\\Migration {\n    public function up(): void { %s }\n};\n' "$2" >"${IN:-$PLACE/next}/database/migrations/2099_01_01_$1.php"
}

part_update() {
    local before
    git clone --quiet "$PLACE/origin.git" "$PLACE/next" 2>/dev/null
    way "An update that does not begin is not taken in, and nothing is stopped ($KIND)"
    before=$(in_code rev-parse HEAD)
    recess update --dir "$SCHOOL"
    says 'There is nothing newer'
    refused update --dir "$SCHOOL" --to nowhere
    says 'There is no version called “nowhere”'
    PHP_PID=$(pid_of_php)
    sed -i '1s/.*/<?php oh/' "$PLACE/next/bootstrap/app.php"
    commit 'it does not begin'
    refused update --dir "$SCHOOL"
    says 'could not be built'
    runs "$before"
    [ "$(pid_of_php)" = "$PHP_PID" ]
    take_last_commit_back

    way "One whose tables fail is put back, with its rows ($KIND)"
    sql "$SCHOOL" "INSERT INTO limits (digest, used, until) VALUES ('way', 1, 1)" 2>/dev/null || true
    migration 000001_fails "DB::statement('ALTER TABLE turns ADD COLUMN way INT'); throw new RuntimeException('oh');"
    commit 'its tables fail'
    refused update --dir "$SCHOOL"
    says 'The update was taken back'
    runs "$before"
    wrong grep -q way <(sql "$SCHOOL" 'SHOW COLUMNS FROM turns')
    take_last_commit_back

    way "One that is cut off is put back by the next start ($KIND)"
    migration 000001_waits "DB::statement('ALTER TABLE turns ADD COLUMN way INT'); sleep(600);"
    commit 'it waits'
    setsid "$CODE/bin/recess" update --dir "$SCHOOL" >"$PLACE/said" 2>&1 </dev/null &
    local cut=$!
    within 300 grep -q 'Bringing the tables up to date' "$PLACE/said"
    sleep 2
    kill -KILL -- "-$cut"
    pkill -KILL -f "$CODE/artisan migrate" || true
    [ "$(page /)" != 200 ]
    recess up --dir "$SCHOOL"
    says 'It was put back'
    runs "$before"
    wrong grep -q way <(sql "$SCHOOL" 'SHOW COLUMNS FROM turns')
    take_last_commit_back

    way "One that is good, by its name, with a program of its own; and back ($KIND)"
    sed -i 's/^SERVES="fpm/SERVES="tide fpm/; s/^        live) command=/        tide) command="sleep 600" user=$APP_USER ;;\n&/' "$PLACE/next/ops/services.sh"
    sed -i 's/^\[group:web\]/[program:tide]\ncommand = sleep 600\nautostart = false\n&/; s/^programs = fpm/programs = tide,fpm/' "$PLACE/next/ops/templates/supervisor.conf"
    commit 'a program of its own'
    local new
    new=$(git -C "$PLACE/next" rev-parse HEAD)
    recess update --dir "$SCHOOL" --to "$new"
    says 'Updated from'
    runs "$new"
    echo "  $(grep -o 'it was away for .*' "$PLACE/said")"
    recess doctor --dir "$SCHOOL" || true
    says '^✓ All of it runs: mariadb tide fpm'
    recess update --dir "$SCHOOL" --back
    says 'serves again'
    runs "$before"
    migration 000001_more "DB::statement('ALTER TABLE turns ADD COLUMN way INT');"
    commit 'more tables'
    recess update --dir "$SCHOOL"
    says 'Updated from'
    refused update --dir "$SCHOOL" --back
    says 'Tables were changed by the update'
    recess update --dir "$SCHOOL" --back --as-it-was
    says 'serves again, with the rows of'
    runs "$before"
}

part_leaving() {
    way "Off the machine: nothing of it is left but its backups ($KIND)"
    refused uninstall other.example --dir "$SCHOOL"
    says 'so that nothing else goes'
    answers
    recess uninstall "$NAME" --dir "$SCHOOL"
    says 'It is gone from this machine'
    wrong answers
    [ ! -e "$SCHOOL" ]
    wrong pgrep -f "$SCHOOL/run" >/dev/null
    [ -z "$(find /etc/systemd/system /etc/init.d /etc/cron.d -name 'recess-school-*' 2>/dev/null | xargs -r grep -l "$SCHOOL")" ]
    recess restore "$(sed -n 's/.*can be restored: //p' "$PLACE/said")" --drill
    says 'This backup restores'
}

# The code as it lies here, and two versions after it, as Debian packages; really installed, and purged in the end.
packed() {
    recess package >&2 || { cat "$PLACE/said" >&2 && exit 1; }
    tail -n 1 "$PLACE/said" | sed 's/^· Made: //'
}
packed_school() { /usr/bin/recess "$@" >"$PLACE/said" 2>&1 </dev/null; }
put_in_place() { dpkg --install "$1" >"$PLACE/said" 2>&1 </dev/null; }

part_package() {
    local IN=$CODE school=/var/lib/recess/school first second third
    way "A Debian package: made, and looked at by lintian ($KIND)"
    [ ! -e /usr/share/recess ] && [ ! -e /var/lib/recess ] || { echo "  Recess is installed on this machine as a package: that is not tried here." && exit 1; }
    # As at a school, once for all three.
    export RECESS_PACKAGES=run
    recess prepare
    first=$(packed)
    lintian --allow-root --fail-on error "$first" >"$PLACE/said" 2>&1
    migration 000001_more "DB::statement('ALTER TABLE turns ADD COLUMN way INT');"
    in_code add -A
    in_code commit --quiet -m 'more tables'
    second=$(packed)
    migration 000002_fails "DB::statement('ALTER TABLE turns ADD COLUMN gone INT'); throw new RuntimeException('oh');"
    in_code add -A
    in_code commit --quiet -m 'its tables fail'
    third=$(packed)
    in_code reset --quiet --hard HEAD~1

    way "It is installed, and a school moves in ($KIND)"
    PACKED_HERE=yes
    put_in_place "$first"
    printf 'MAIL_HOST=127.0.0.1\nMAIL_PORT=%s\nMAIL_USERNAME=school\n' "$MAIL" >>/etc/recess/defaults
    HTTPS=$(port) HTTP=$(port) WATCH=$(port)
    packed_school install --host "$NAME" --https-port "$HTTPS" --http-port "$HTTP" --watch-port "$WATCH" --mail-password-file "$PLACE/password" --mail-from meetings@gannetcove.example
    says 'Open this address once'
    silent_on 'bin/recess|does not take letters'
    answers
    packed_school doctor || true
    says '^✓ All of it runs'
    says '^✓ The mail server takes our letters'
    [ "$(stat -c %U "$(find "$school/storage" -type d -name views)")" = recess ]
    refused_by_package update
    says 'is a Debian package'

    way "Another version is put in its place, and back where it does not come up ($KIND)"
    sql "$school" "INSERT INTO jobs (queue, payload, attempts, available_at, created_at) VALUES ('held', '{}', 0, 1, 1)"
    # Where no backup can be made, nothing is put over what runs.
    mkdir "$PLACE/gone"
    packed_school install --backups "$PLACE/gone"
    rmdir "$PLACE/gone"
    wrong put_in_place "$second"
    says 'is its disk there'
    answers
    wrong grep -q way <(sql "$school" 'SHOW COLUMNS FROM turns')
    packed_school install --backups "$school/backups"
    put_in_place "$second"
    says 'It was finished'
    answers
    grep -q way <(sql "$school" 'SHOW COLUMNS FROM turns')
    wrong put_in_place "$third"
    says 'Install the version before again'
    [ "$(page /)" != 200 ]
    put_in_place "$second"
    says 'It was put back'
    answers
    wrong grep -q gone <(sql "$school" 'SHOW COLUMNS FROM turns')
    [ "$(sql "$school" "SELECT COUNT(*) FROM jobs WHERE queue = 'held'")" = 1 ]
    # One whose tables are of before those that are there changes nothing.
    wrong put_in_place "$first"
    says 'are of a newer version'
    put_in_place "$second"
    answers

    way "Taken away, its rows stay; purged, its backups do ($KIND)"
    dpkg --remove recess >"$PLACE/said" 2>&1
    wrong answers
    [ -f "$school/settings" ]
    [ -f /etc/recess/defaults ]
    wrong pgrep -f "$school/run" >/dev/null
    put_in_place "$second"
    says 'There is a school in'
    packed_school up
    answers
    dpkg --purge recess >"$PLACE/said" 2>&1
    wrong answers
    [ ! -e /var/lib/recess ]
    [ ! -e /etc/recess ]
    [ ! -e /usr/share/recess ]
    wrong pgrep -f "$school/run" >/dev/null
    [ -z "$(find /etc/systemd/system /etc/init.d /etc/cron.d -name 'recess-school-*' 2>/dev/null | xargs -r grep -l "$school")" ]
    recess restore "$(find /var/backups/recess -name '*.tar.gz' | sort | tail -n 1)" --drill
    says 'This backup restores'
    rm -rf /var/backups/recess
    PACKED_HERE=
}
refused_by_package() { ! packed_school "$@" || { echo "  It was not refused: $*" && exit 1; }; }
