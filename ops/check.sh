# bin/recess test: every check, or a part of it, on an instance of its own beside whatever else is running.
. ops/install.sh
. ops/instance.sh
. ops/schools.sh

recess_test() {
    local part=${1:-all}
    case $part in
        all | lint | core | app | browser | moving) ;;
        *) fail "test does not know “$part”." "Parts: lint, core, app, browser, moving; without one, all of them, and the beginning of moving." ;;
    esac
    # shellcheck disable=SC2086
    install_all $TEST_PACKAGES
    instance_open test
    case $part in
        all)
            test_instance_up
            check_side_by_side
            check_moving units 'moving_in schools drill restore'
            check_benches
            ;;
        lint) check_lint ;;
        core) check_core ;;
        moving)
            # Programs that a technician may have beside it.
            install_debian $MOVING_PACKAGES
            check_moving plain
            check_moving units
            ;;
        app | browser)
            # Not “up && check”: what stands before an && does not stop at its first failure.
            test_instance_up
            "check_$part"
            ;;
    esac
    step "All of it passed."
}

check_lint() {
    step "PHP: style and types"
    vendor/bin/pint --test
    npx prettier --check --log-level warn app core demo database config lang routes bootstrap ops support public/index.php
    mkdir -p var
    "$PHP" -d memory_limit=1G vendor/bin/phpstan analyse -c phpstan.neon --no-progress --no-ansi
    "$PHP" -d memory_limit=1G vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --no-ansi
    "$PHP" ops/rules-schema.php --check
    "$PHP" ops/shapes.php --check
    step "Pages: style and types"
    npx prettier --check --log-level warn web tests '*.ts'
    # The pages are only read here; the plugin takes CI for a slip.
    LARAVEL_BYPASS_ENV_CHECK=1 npm run --silent check
    step "Pages: the little that they decide"
    npm run --silent decide
}

check_core() {
    step "The core"
    "$PHP" vendor/bin/phpunit --testsuite core
}

check_app() {
    step "The application, on a real database, a real mail server and real processes"
    phpunit_app
}

# On one processor what is read and typed, and then the pages in a browser; on the other the core, and then what of the
# application asks nothing of the served instance. The pages wait for a browser most of the time.
check_side_by_side() {
    local beside=$VAR/log/check-beside.log pid before after
    step "The core and the application are tested beside; it is said below"
    (
        check_core
        phpunit_app --exclude-filter "$SERVED"
    ) >"$beside" 2>&1 &
    pid=$!
    # In a shell of its own, for within a condition nothing would stop at its first failure.
    set +e
    (
        set -e
        check_lint
        check_browser
    )
    before=$?
    [ "$before" = 0 ] || pkill -P "$pid"
    wait "$pid"
    after=$?
    set -e
    step "The core, and the application on a real database and a real mail server"
    if [ "$before" = 0 ] && [ "$after" = 0 ]; then
        grep -E '^(Time:|OK |Tests: )' "$beside"
    else
        [ "$after" = 0 ] || cat "$beside"
        fail "Something did not pass; it stands above."
    fi
    step "The application, by real processes on the served instance"
    phpunit_app --filter "$SERVED"
}

# Those tests that press on the instance that is served.
SERVED='Tests\\App\\Race\\'

phpunit_app() {
    as_app env RECESS_VAR="$VAR" RECESS_SERVED="http://127.0.0.1:$PORT" HOME=/tmp \
        "$PHP" -d apc.enable_cli=1 vendor/bin/phpunit --testsuite app --do-not-cache-result "$@"
}

# What noise does not move, held to its limits; and every bench once, in its short form, so that none of them rots: at
# the hour of the week in which fewest times are left, on a leap day, with a change of clocks in the weeks that follow.
check_benches() {
    step "The benches, in short"
    instance_stop
    bin/recess bench short at '2032-02-29 23:20'
}

# check_moving KIND [PARTS]: a technician’s way with a school’s own installation, without systemd or with it.
check_moving() {
    step "The way of a technician"
    [ "$(id -u)" = 0 ] || { say_note "Only root can go it: it starts a database and a web server as other users do." && return; }
    runuser -u www-data -- true || { say_note "Nobody can become another user here, so it is not gone." && return; }
    if [ "$1" = units ] && ! unshare --mount --propagation private true 2>/dev/null; then
        say_note "No mount namespace can be made here, so it is gone without units."
        set -- plain "${@:2}"
    fi
    bash tests/moving/way.sh "$ROOT" "$@"
}

check_browser() {
    step "The pages, in a real browser"
    RECESS_SERVED=http://127.0.0.1:$PORT npx playwright test --config tests/browser/playwright.config.ts && return
    # What the page said when a test ended: where its traces cannot be fetched, all there is to go by.
    for context in "$ROOT"/test-results/*/error-context.md; do
        [ -f "$context" ] || continue
        say_note "$(basename "$(dirname "$context")")"
        sed -n '/^# Page snapshot/,/^# Test source/p' "$context" | head -n 120
    done
    return 1
}

# The instance that the tests use: always started anew on the code as it is, always with fresh demo data.
test_instance_up() {
    instance_stop
    trap 'instance_stop' EXIT
    trap 'exit 130' INT TERM
    instance_prepare "$(free_port)"
    step "Starting a test instance on port $PORT"
    instance_start_database
    quietly "$VAR/log/clear.log" artisan optimize:clear --except=cache
    quietly "$VAR/log/migrate.log" migrate migrate:fresh
    quietly "$VAR/log/demo.log" artisan recess:demo
    rm -f "$VAR/hosts"
    instance_start_web
    # A second school beside it, for whoever walks between the two (tests/app/Race/ManySchoolsTest.php).
    as_owner -e 'DROP DATABASE IF EXISTS recess_kelp; DELETE FROM recess_registry.host_names; DELETE FROM recess_registry.enrolled'
    quietly "$VAR/log/kelp.log" recess_schools add kelp kelp.localhost
    quietly "$VAR/log/demo.log" in_school kelp artisan recess:demo
}
