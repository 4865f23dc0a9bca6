# What runs a school's processes: systemd where it runs, supervisor (as in the demo) where it does not.

PROGRAMS="mariadb fpm nginx queue rounds live scheduler"

# Whether systemd runs this machine and looks after this school.
has_units() { [ "${BOOT:-yes}" = yes ] && [ "$(id -u)" = 0 ] && [ -d /run/systemd/system ]; }

# unit NAMES…: the units of these programs.
unit() {
    local name
    for name in "$@"; do printf 'recess-%s-%s.service ' "$HOST" "$name"; done | sed 's/ $//'
}

# write_units [FOLDER]: one for each program, and a timer for what is done at night.
write_units() {
    local to=${1:-/etc/systemd/system} name
    for name in $PROGRAMS; do unit_of "$name" >"$to/$(unit "$name")"; done
    cat >"$to/recess-$HOST-night.service" <<UNIT
[Unit]
Description=Recess, $HOST: the night's backup, and a certificate that was renewed
[Service]
Type=oneshot
ExecStart=$ROOT/bin/recess night --dir $VAR
UMask=0077
UNIT
    cat >"$to/recess-$HOST-night.timer" <<UNIT
[Unit]
Description=Recess, $HOST: every night
[Timer]
OnCalendar=*-*-* 02:30:00
RandomizedDelaySec=20m
Persistent=true
[Install]
WantedBy=timers.target
UNIT
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
    esac
    cat <<UNIT
# Made by bin/recess install; change ops/services.sh.
[Unit]
Description=Recess, $HOST: $1
After=$after
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
$(case $1 in queue | rounds | scheduler) printf 'Nice=10\n' ;; esac)
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
        systemctl daemon-reload
        # shellcheck disable=SC2046
        quietly "$VAR/log/units.log" systemctl enable $(unit $PROGRAMS) "recess-$HOST-night.timer"
        systemctl start "recess-$HOST-night.timer"
    else
        boot_script >"/etc/init.d/recess-$HOST"
        chmod 755 "/etc/init.d/recess-$HOST"
        quietly "$VAR/log/boot.log" update-rc.d "recess-$HOST" defaults
        if [ -d /etc/cron.d ]; then
            # A dot in its name, and cron would pass it over.
            printf '30 2 * * * root %s/bin/recess night --dir %s >>%s/log/night.log 2>&1\n' "$ROOT" "$VAR" "$VAR" >"/etc/cron.d/recess-${HOST//./-}"
        else
            say_note "There is no cron: have something run this each night: bin/recess night --dir $VAR"
        fi
    fi
}

boot_script() {
    cat <<SCRIPT
#!/bin/sh
### BEGIN INIT INFO
# Provides:          recess-$HOST
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

# services_stop NAMES…
services_stop() {
    if has_units; then
        # shellcheck disable=SC2046
        systemctl stop $(unit "$@")
    else
        supervise stop "${@/#/web:}" >/dev/null
    fi
}

services_status() {
    if has_units; then
        # shellcheck disable=SC2046
        systemctl --no-pager --lines=0 status $(unit $PROGRAMS) | grep -E '^[●○×]|Active:' || true
    else
        supervise status || true
    fi
}
