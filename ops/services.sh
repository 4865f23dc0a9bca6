# What runs a school's processes: systemd where it runs, supervisor (as in the demo) where it does not.

SERVES="fpm nginx queue rounds live scheduler"
PROGRAMS="mariadb $SERVES"

# Where there are several schools, one program more works for all but the first (ops/schools.sh).
serves_schools() {
    [ -s "$VAR/hosts" ] && [[ $SERVES != *schools ]] || return 0
    SERVES="$SERVES schools" PROGRAMS="$PROGRAMS schools"
}
# What works between two requests, and begins anew with new settings.
workers() { sed 's/fpm nginx //' <<<"$SERVES"; }

# Whether systemd runs this machine and looks after this school.
has_units() { [ "$INSTANCE" = school ] && [ "${BOOT:-yes}" = yes ] && [ "$(id -u)" = 0 ] && [ -d /run/systemd/system ]; }

UNITS=/etc/systemd/system

# unit NAMES…: the units of these programs. They go by the folder (SERVICE), so that a copy of a school beside it, which has
# the same name, takes nothing of it over.
unit() {
    local name
    for name in "$@"; do printf '%s-%s.service ' "$SERVICE" "$name"; done | sed 's/ $//'
}

# One for each program, and a timer for what is done at night; read by systemd before anything of them is started.
write_units() {
    local name
    for name in $PROGRAMS; do unit_of "$name" >"$UNITS/$(unit "$name")"; done
    cat >"$UNITS/$SERVICE-night.service" <<UNIT
[Unit]
Description=Recess, $HOST: the night's backup, and a certificate that was renewed
[Service]
Type=oneshot
ExecStart=$ROOT/bin/recess night --dir $VAR
UMask=0077
UNIT
    cat >"$UNITS/$SERVICE-night.timer" <<UNIT
[Unit]
Description=Recess, $HOST: every night
[Timer]
OnCalendar=*-*-* 02:30:00
RandomizedDelaySec=20m
Persistent=true
[Install]
WantedBy=timers.target
UNIT
    systemctl daemon-reload
}

# What earlier versions wrote for this folder by the school's name is stopped and taken away, and nobody else's.
old_units_go() {
    local file old=()
    [ "${BOOT:-yes}" = yes ] && [ "$(id -u)" = 0 ] || return 0
    for file in "$UNITS"/recess-*.service "/etc/init.d/recess-"* /etc/cron.d/recess-*; do
        [ -f "$file" ] && grep -qE "(RECESS_VAR=|--dir )$VAR( |\$)" "$file" || continue
        case ${file##*/} in
            "$SERVICE"*) continue ;;
            *.service) old+=("${file##*/}") ;;
        esac
        case $file in
            /etc/init.d/*) rm -f "$file" && update-rc.d "${file##*/}" remove >/dev/null 2>&1 || true ;;
            /etc/cron.d/*) rm -f "$file" ;;
        esac
    done
    [ ${#old[@]} -gt 0 ] && has_units || return 0
    step "Its units go by its folder from now on: ${old[0]} and others go"
    systemctl disable --now "${old[@]}" "${old[@]/%-night.service/-night.timer}" >/dev/null 2>&1 || true
    (cd "$UNITS" && rm -f "${old[@]}" "${old[@]/%-night.service/-night.timer}")
}

# The same commands as ops/templates/supervisor.conf has.
unit_of() {
    local after="network.target" command user=root stop='' before=''
    [ "$1" = mariadb ] || after="network.target $(unit mariadb)"
    case $1 in
        mariadb) command="/usr/sbin/mariadbd --defaults-file=$VAR/run/mariadb.cnf" ;;
        fpm) command="/usr/sbin/php-fpm8.2 -c $VAR/run/php.ini --fpm-config $VAR/run/php-fpm.conf" stop=SIGQUIT ;;
        # A socket that a killed one left behind would keep it from starting.
        nginx) command="/usr/sbin/nginx -c $VAR/run/nginx.conf" stop=SIGQUIT before="rm -f $RUN/live/stamps.sock" ;;
        queue) command="$PHP -d memory_limit=192M $ROOT/artisan queue:work --sleep=1 --tries=6 --max-time=3600" user=$APP_USER ;;
        # Times for a whole school take a minute to find: letters do not wait for them.
        rounds) command="$PHP -d memory_limit=512M $ROOT/artisan queue:work --queue=rounds --sleep=1 --timeout=1800 --max-time=3600" user=$APP_USER ;;
        live) command="$PHP -d memory_limit=128M $ROOT/artisan recess:live" user=$APP_USER ;;
        scheduler) command="$PHP -d memory_limit=128M $ROOT/artisan schedule:work" user=$APP_USER ;;
        schools) command="$PHP -d memory_limit=512M -d opcache.enable_cli=1 -d opcache.validate_timestamps=0 $ROOT/artisan recess:schools-run" user=$APP_USER ;;
    esac
    cat <<UNIT
# Made by bin/recess install; change ops/services.sh.
[Unit]
Description=Recess, $HOST: $1
After=$after
# Tried again however long what it needs is away.
StartLimitIntervalSec=0
$([ "$1" = mariadb ] || printf 'Requires=%s\n' "$(unit mariadb)")
[Service]
${before:+ExecStartPre=/bin/$before
}ExecStart=$command
User=$user
WorkingDirectory=$ROOT
Environment=RECESS_VAR=$VAR
UMask=0027
Restart=always
RestartSec=2
TimeoutStopSec=60
${stop:+KillSignal=$stop}
$([ "$1" != nginx ] || printf 'RuntimeDirectory=%s\nRuntimeDirectoryMode=0750\n' "${READS##*/}")
$(case $1 in queue | rounds | scheduler | schools) printf 'Nice=10\n' ;; esac)
NoNewPrivileges=true
PrivateTmp=$([ "$RUN" = "$VAR/run" ] && echo true || echo false)
ProtectSystem=strict
ReadWritePaths=$VAR $([ "$RUN" = "$VAR/run" ] || echo "$RUN")
ProtectKernelTunables=true
ProtectControlGroups=true
RestrictSUIDSGID=true
[Install]
WantedBy=multi-user.target
UNIT
}

# So that it starts by itself after a reboot.
starts_at_boot() {
    [ "${BOOT:-yes}" = yes ] || return 0
    if [ "$(id -u)" != 0 ]; then
        say_note "Only root can have it start with the machine. After a reboot: bin/recess up --dir $VAR"
    elif has_units; then
        write_units
        # shellcheck disable=SC2046
        quietly "$VAR/log/units.log" systemctl enable $(unit $PROGRAMS) "$SERVICE-night.timer"
        systemctl start "$SERVICE-night.timer"
    else
        boot_script >"/etc/init.d/$SERVICE"
        chmod 755 "/etc/init.d/$SERVICE"
        quietly "$VAR/log/boot.log" update-rc.d "$SERVICE" defaults
        [ ! -d /etc/cron.d ] ||
            printf '30 2 * * * root %s/bin/recess night --dir %s >>%s/log/night.log 2>&1\n' "$ROOT" "$VAR" "$VAR" >"/etc/cron.d/$SERVICE"
        has_cron || say_note "No cron runs here, so no backup is made by itself. Install one (apt-get install cron), or have something run this each night: bin/recess night --dir $VAR"
    fi
}

starts_no_more() {
    [ "${BOOT:-yes}" = yes ] && [ "$(id -u)" = 0 ] || return 0
    if has_units; then
        # shellcheck disable=SC2046
        systemctl disable --now $(unit $PROGRAMS) "$SERVICE-night.timer" >/dev/null 2>&1 || true
        rm -f "$UNITS/$SERVICE-"*
        systemctl daemon-reload
    else
        rm -f "/etc/init.d/$SERVICE" "/etc/cron.d/$SERVICE"
        update-rc.d "$SERVICE" remove >/dev/null 2>&1 || true
    fi
}

# Whether something on this machine does what stands in /etc/cron.d.
has_cron() { [ -d /etc/cron.d ] && pgrep -x 'cron|crond|anacron' >/dev/null; }

boot_script() {
    cat <<SCRIPT
#!/bin/sh
### BEGIN INIT INFO
# Provides:          $SERVICE
# Required-Start:    \$local_fs \$network
# Required-Stop:     \$local_fs \$network
# Default-Start:     2 3 4 5
# Default-Stop:      0 1 6
# Short-Description: Recess, $HOST
### END INIT INFO
case \$1 in
    start) exec $ROOT/bin/recess up --dir $VAR ;;
    stop) exec $ROOT/bin/recess down --dir $VAR ;;
    restart) $ROOT/bin/recess down --dir $VAR; exec $ROOT/bin/recess up --dir $VAR ;;
    *) echo "start, stop or restart" >&2; exit 2 ;;
esac
SCRIPT
}

# in_supervisor NAMES…: as supervisor calls these programs.
in_supervisor() {
    local name
    for name in "$@"; do case $name in mariadb | nginx) printf '%s ' "$name" ;; *) printf 'web:%s ' "$name" ;; esac; done
}

# Of an older version's some may have another name, or not be there: then there is nothing to stop.
services_stop() { # NAMES…
    # shellcheck disable=SC2046
    if has_units; then systemctl stop $(unit "$@") || true; else supervise stop $(in_supervisor "$@") >/dev/null || true; fi
}

services_start() { # NAMES…
    # shellcheck disable=SC2046
    if has_units; then
        systemctl start $(unit "$@")
    else
        # A version may bring a program that the running supervisor has never heard of.
        supervise update >/dev/null
        supervise start $(in_supervisor "$@")
    fi
}

# What serves takes new settings in: the web server and PHP between two requests, the others between two pieces of work.
services_reload() {
    kill -HUP "$(cat "$VAR/run/nginx.pid")"
    # shellcheck disable=SC2046
    if has_units; then
        systemctl kill --kill-who=main --signal=USR2 $(unit fpm)
        systemctl restart $(unit $(workers))
    else
        supervise update >/dev/null
        supervise signal USR2 web:fpm >/dev/null
        # Each ends what it is at, and supervisor starts it anew.
        supervise signal TERM $(in_supervisor $(workers)) >/dev/null
    fi
}

# The names of those that should run and do not.
services_missing() {
    local name running
    # shellcheck disable=SC2046
    has_units || running=$(supervise status 2>/dev/null | awk '$2 == "RUNNING" || $2 == "STARTING" { print $1 }') || true
    for name in $PROGRAMS; do
        # shellcheck disable=SC2046
        if has_units; then
            systemctl is-active --quiet $(unit "$name")
        else
            grep -qxF "$(in_supervisor "$name" | tr -d ' ')" <<<"$running"
        fi || printf '%s ' "$name"
    done
}

services_status() {
    if has_units; then
        # shellcheck disable=SC2046
        systemctl --no-pager --lines=0 status $(unit $PROGRAMS) | grep -E '^[●○×]|Active:' || true
    else
        supervise status || true
    fi
}
