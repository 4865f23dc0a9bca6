# bin/recess bench core, rounds, publish, rush, school, page, desk: figures beside a baseline of the same run.
. ops/install.sh
. ops/instance.sh

BENCHES="core rounds publish rush school page desk"

recess_bench() {
    local name=${1:-}
    case $name in
        core | rounds)
            install_all python3-dateutil >&2
            "bench_$name" "${@:2}"
            ;;
        short)
            [ "${2:-}" != at ] || { bench_at "$3" "${@:4}" && set -- short "${@:4}"; }
            bench_up chromium
            bench_short "${@:2}"
            ;;
        publish | rush | school | page | desk)
            bench_up chromium
            "bench_$name" "${@:2}"
            ;;
        profile) bench_profile ;;
        all) bench_all "${2:-1}" ;;
        *) fail "bench does not know “$name”." "There are: $BENCHES; short, profile, all." ;;
    esac
}

# bench_at WHEN: short, as on that day and at that hour of the school's clock: a bench may not need a Tuesday morning.
bench_at() {
    # All of it now: on another clock no certificate and no list of packages would still be good.
    install_all chromium faketime >&2
    local ahead=$(($(TZ=America/Halifax date -d "$1" +%s) - $(date +%s)))
    set -- "$(printf %+d "$ahead")s" "${@:2}"
    faketime -f "$1" true || { say_note "No other clock can be set on this machine: the benches run on its own." && return; }
    exec faketime -f "$1" bin/recess bench short "${@:2}"
}

# As the web server runs it: with OPcache.
bench_core() { "$PHP" -d opcache.enable_cli=1 ops/bench/core.php "$@"; }
bench_rounds() { "$PHP" -d opcache.enable_cli=1 ops/bench/rounds.php "$@"; }

# An instance of its own; with “profile”, one that writes down where a press's time goes.
bench_up() {
    install_all "$@" >&2
    instance_open bench
    instance_stop
    trap 'instance_stop' EXIT
    trap 'exit 130' INT TERM
    # What the web server kept of an instance on another day's clock would still count as fresh.
    rm -rf "${READS:?}"
    instance_prepare "$(free_port)"
    [ "${PROFILE:-}" = '' ] || bench_profiled
    # The processes that serve pages begin with no environment but what stands there.
    [ "${FAKETIME:-}" = '' ] || sed -i "s|^env\[PATH\]|env[FAKETIME] = $FAKETIME\nenv[PATH]|" "$VAR/run/php-fpm.conf"
    step "Starting an instance to measure on port $PORT, on $(TZ=America/Halifax date '+%A, %F %H:%M')" >&2
    instance_start_database
    quietly "$VAR/log/clear.log" artisan optimize:clear --except=cache
    quietly "$VAR/log/migrate.log" migrate migrate:fresh
    quietly "$VAR/log/demo.log" artisan recess:demo
    instance_start_web
}

# What the scripts need to know of the instance: where it is, and as whom its artisan runs.
on_instance() { env RECESS_ADDRESS="http://127.0.0.1:$PORT" RECESS_SUPERVISOR="$VAR/run/supervisor.conf" RECESS_USER="$APP_USER" "$@"; }

bench_page() { on_instance node ops/bench/page.mjs "http://127.0.0.1:$PORT" /s/office-hours "$@"; }

# bench_desk [SECONDS [HOSTS EACH]]: so many hosts and so many who wait at each, with their pages open; a press a second.
bench_desk() {
    step "Filling an evening" >&2
    artisan recess:evening "${2:-60}" "${3:-10}" >"$VAR/evening.json"
    ulimit -n 8192 2>/dev/null || true
    node ops/bench/desk.mjs "http://127.0.0.1:$PORT" "$VAR/evening.json" "$RUN/fpm.sock" "${1:-60}"
}

# bench_school [TIMES…]: so many times 120 staff, one after the other; 1, 2 and 4 when nothing is said.
bench_school() { on_instance "$PHP" ops/bench/school.php "$@"; }

# A round is allotted and booked while others book elsewhere.
bench_publish() { on_instance "$PHP" ops/bench/publish.php "$@"; }

# As root, for it kills what supervisor runs; its artisan calls become the application's own user again.
bench_rush() { on_instance "$PHP" ops/bench/rush-report.php "$@"; }

# What noise does not move, held to its limits; and every bench once, a tenth as large, so that none of them rots.
bench_short() {
    on_instance "$PHP" ops/bench/short.php
    [ "${1:-}" != counts ] || return 0
    local name log=$VAR/log/bench-short.log
    for name in "core --short" "rounds --short" "publish --short" "rush --short" "school --short" "desk 3 2 3"; do
        step "bench $name, after $SECONDS s" >&2
        # shellcheck disable=SC2086
        set -- $name
        "bench_$1" "${@:2}" >"$log" 2>&1 || { cat "$log" && fail "bench $name did not come to its end."; }
    done
}

# Where the processor time of a press that books goes: a flame graph, and the parts in a table.
bench_profile() {
    install_debian php-excimer >&2
    PROFILE=yes bench_up
    on_instance "$PHP" ops/bench/flame.php "$VAR/profile" docs/booking-flame.svg
}

bench_profiled() {
    rm -rf "$VAR/profile"
    mkdir -p "$VAR/profile"
    [ "$(id -u)" != 0 ] || chown "$APP_USER" "$VAR/profile"
    printf 'extension=excimer.so\nauto_prepend_file=%s/ops/bench/profile.php\n' "$ROOT" >>"$VAR/run/php.ini"
    sed -i "s|^env\[PATH\]|env[RECESS_PROFILE] = $VAR/profile\nenv[PATH]|" "$VAR/run/php-fpm.conf"
}

# bench_all [RUNS]: all of them, so many times, into docs/performance.md beside the figures of the time before.
bench_all() {
    local runs=$1 run name folder=$ROOT/var/bench-report
    rm -rf "$folder"
    mkdir -p "$folder"
    export RECESS_FIGURES=$folder/figures
    for ((run = 1; run <= runs; run++)); do
        for name in short $BENCHES; do
            step "bench $name, $run of $runs" >&2
            # Each as its own process: what one leaves behind does not reach the next.
            bin/recess bench "$name" $([ "$name" != short ] || echo counts) >"$folder/$name.md"
        done
    done
    "$PHP" ops/bench/report.php "$RECESS_FIGURES" "$folder"
}
