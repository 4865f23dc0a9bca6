# bin/recess bench core, rounds, publish, rush, school, page, desk: figures beside a baseline of the same run.
. ops/install.sh
. ops/instance.sh

recess_bench() {
    case ${1:-} in
        core)
            install_all python3-dateutil >&2
            # As the web server runs it: with OPcache.
            exec "$PHP" -d opcache.enable_cli=1 ops/bench/core.php
            ;;
        rounds)
            install_all >&2
            exec "$PHP" -d opcache.enable_cli=1 ops/bench/rounds.php "${@:2}"
            ;;
        publish) bench_publish ;;
        rush) bench_rush "${@:2}" ;;
        page) bench_page ;;
        desk) bench_desk "${@:2}" ;;
        school) bench_school "${@:2}" ;;
        *) fail "bench does not know “${1:-}”." "There are: core, rounds, publish, rush, school, page, desk." ;;
    esac
}

bench_up() {
    install_all "$@" >&2
    instance_open bench
    instance_stop
    trap 'instance_stop' EXIT
    trap 'exit 130' INT TERM
    instance_prepare "$(free_port)"
    step "Starting an instance to measure on port $PORT" >&2
    instance_start_database
    quietly "$VAR/log/clear.log" artisan optimize:clear --except=cache
    quietly "$VAR/log/migrate.log" migrate migrate:fresh
    quietly "$VAR/log/demo.log" artisan recess:demo
    instance_start_web
}

bench_page() {
    bench_up chromium
    node ops/bench/page.mjs "http://127.0.0.1:$PORT" /s/office-hours
}

# bench_desk [SECONDS]: 60 hosts and 600 who wait, with their pages open; so many presses, one a second.
bench_desk() {
    bench_up
    step "Filling an evening" >&2
    artisan recess:evening >"$VAR/evening.json"
    ulimit -n 8192 2>/dev/null || true
    node ops/bench/desk.mjs "http://127.0.0.1:$PORT" "$VAR/evening.json" "$RUN/fpm.sock" "${1:-60}"
}

# bench_school [TIMES…]: so many times 120 staff, one after the other; 1, 2 and 4 when nothing is said.
bench_school() {
    bench_up
    RECESS_ADDRESS=http://127.0.0.1:$PORT RECESS_USER=$APP_USER "$PHP" ops/bench/school.php "$@"
}

# A round is allotted and booked while others book elsewhere.
bench_publish() {
    bench_up
    RECESS_ADDRESS=http://127.0.0.1:$PORT RECESS_USER=$APP_USER "$PHP" ops/bench/publish.php
}

bench_rush() {
    bench_up
    # As root, for it kills what supervisor runs; its artisan calls become the application's own user again.
    RECESS_ADDRESS=http://127.0.0.1:$PORT RECESS_SUPERVISOR=$VAR/run/supervisor.conf RECESS_USER=$APP_USER "$PHP" ops/bench/rush-report.php "$@"
}
