# bin/recess start, stop, status, logs.
. ops/install.sh
. ops/instance.sh

recess_start() {
    local port='' detach='' fresh=''
    while [ $# -gt 0 ]; do
        case $1 in
            --port)
                [[ ${2:-} =~ ^[0-9]+$ ]] && [ "$2" -ge 1 ] && [ "$2" -le 65535 ] || fail "--port needs a number from 1 to 65535."
                port=$2
                shift
                ;;
            --detach) detach=yes ;;
            --fresh) fresh=yes ;;
            *) fail "start does not know “$1”." "bin/recess help lists what it knows." ;;
        esac
        shift
    done
    install_all radicale
    instance_open demo
    if instance_is_running; then
        [ -z "$fresh$port" ] || fail "Recess is already running on port $PORT." "Stop it first: bin/recess stop"
        step "Recess is already running."
        say_where
        return
    fi
    port=${port:-${PORT:-8000}}
    ! port_taken "$port" || fail "Port $port is taken by another program." "Choose another: bin/recess start --port $((port + 1))"

    [ -z "$fresh" ] || rm -rf "${VAR:?}/calendars"
    instance_prepare "$port"
    trap 'instance_stop' EXIT
    step "Starting the database"
    instance_start_database
    quietly "$VAR/log/clear.log" artisan optimize:clear --except=cache
    if [ -n "$fresh" ]; then
        step "Making the demo data anew"
        quietly "$VAR/log/migrate.log" migrate migrate:fresh
    else
        quietly "$VAR/log/migrate.log" migrate migrate
    fi
    quietly "$VAR/log/demo.log" artisan recess:demo
    step "Starting the application"
    instance_start_web
    say_where
    if [ -n "$detach" ]; then
        trap - EXIT
        step "Running in the background. Stop it with bin/recess stop."
        return
    fi
    step "Running. Ctrl-C stops it."
    trap 'echo; step "Stopping"; exit 0' INT TERM
    while instance_is_running; do sleep 2 & wait $!; done
}

say_where() {
    cat <<TEXT

  The school's board   http://127.0.0.1:$PORT/
  Sign in as staff     http://127.0.0.1:$PORT/staff
                       ines.tavares@gannetcove.example, password low-tide-bell
                       (the sign-in page names more: the office, the front desk; the seven colleagues on the board sign in with the same password)
  A calendar server    http://127.0.0.1:$DAV_PORT/    for “Your own calendars, both ways” in the settings; name ines, the same password
  The mailroom         http://127.0.0.1:$PORT/mailroom    every message, as its reader sees it

TEXT
}

recess_stop() {
    instance_open demo
    instance_is_running || { step "Recess is not running." && return; }
    instance_stop
    step "Stopped. Nothing is lost; bin/recess start goes on from here."
}

recess_status() {
    instance_open demo
    instance_is_running || fail "Recess is not running." "Start it: bin/recess start"
    supervise status || true
    health_answers >/dev/null 2>&1 || fail "The application does not answer on port $PORT." "Look into var/demo/log/, or: bin/recess stop && bin/recess start"
    say_where
}

recess_logs() {
    instance_open demo
    [ -d "$VAR/log" ] || fail "There are no logs yet." "Start it: bin/recess start"
    tail -n 20 -F "$VAR"/log/*.out "$VAR"/log/*.log "$VAR"/log/mariadb/*.log "$VAR"/storage/logs/*.log
}
