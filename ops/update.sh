# bin/recess update: takes a new version in, and goes back by itself when it does not answer.
#
# All that can be done beforehand is done before anything is stopped, in a folder of its own. From the stop on, a file says
# how far it has come ("updating"): whatever cuts it off, the next update or start finishes it or puts it back.

NEXT=$ROOT/var/next
# What is built, and not fetched: it changes places with the code.
BUILT="vendor public/build node_modules"

recess_update() {
    TO='' BACK='' AS_IT_WAS=''
    school_open "$@"
    ! is_packaged || fail "This Recess is a Debian package, so apt takes another version in, or the one before." "apt install ./recess_….deb; docs/running.md says what becomes of the rows. Nothing was done."
    alone
    [ ! -f "$VAR/updating" ] || end_of_update
    instance_is_running || fail "It is not running." "Start it: bin/recess up --dir $DIR"
    [ -z "$(also_on_this_code)" ] || fail "The code in $ROOT also runs $(also_on_this_code | head -n 1): it would meet tables of another version." "Nothing was done. Give that one code of its own: git clone, and from there bin/recess up --dir FOLDER, after bin/recess down here."
    if [ -n "$BACK" ]; then
        go_back
        return
    fi
    local old new branch
    old=$(in_git rev-parse HEAD 2>/dev/null) || fail "The code in $ROOT was not fetched with git, so there is nothing to compare." "Fetch it with git clone, and restore a backup there."
    [ -z "$(in_git status --porcelain --untracked-files=no)" ] || fail "Files of the code were changed here." "git status names them. Put them back first; nothing was done."
    step "Looking for a new version"
    quietly "$VAR/log/fetch.log" in_git fetch --quiet --tags
    branch='@{u}'
    new=$(in_git rev-parse --verify --quiet "${TO:-$branch}^{commit}") || fail "There is no version called “${TO:-of the branch}”." "Say which: bin/recess update --to NAME"
    if [ "$old" = "$new" ]; then
        step "There is nothing newer."
        return
    fi
    step "Fetching and building ${new:0:12} beside what runs"
    build_beside "$new"
    backup_now
    take_in "$old" "$new"
}

# One at a time. A connection that breaks off, with whoever watched, stops nothing.
alone() {
    trap '' HUP
    exec 9>"$VAR/update.lock"
    flock -n 9 || fail "Another update is under way." "Nothing was done. Wait for it to end."
}

# build_beside VERSION: its packages and pages, in a folder of its own; what is the same as now is taken from here.
build_beside() {
    local what
    away_with_next
    quietly "$VAR/log/next.log" in_git worktree add --force --detach "$NEXT" "$1"
    for what in $BUILT; do
        # With pages that fit nothing is asked of what builds them.
        [ "$what" != node_modules ] || ! (cd "$NEXT" && built_fits public/build) || continue
        [ ! -d "$ROOT/$what" ] || cp -a --reflink=auto "$ROOT/$what" "$NEXT/$what"
    done
    # With its own commands; versions before this one have none for it, and build when they are brought up.
    if grep -q '^    prepare)' "$NEXT/bin/recess"; then
        "$NEXT/bin/recess" prepare 9>&- || { away_with_next && fail "${1:0:12} could not be built." "Nothing was stopped and nothing was changed. What went wrong stands above."; }
    fi
}

away_with_next() {
    ! is_packaged || return 0
    [ ! -e "$NEXT" ] || in_git worktree remove --force "$NEXT" >/dev/null 2>&1 || rm -rf "$NEXT"
    in_git worktree prune
}

# recess_prepare: all that a version needs, and whether its application begins at all; nothing of a school is touched.
recess_prepare() {
    # shellcheck disable=SC2086
    install_all $SCHOOL_PACKAGES
    local trial code=0
    trial=$(mktemp -d)
    mkdir -p "$trial/storage/framework/views" "$trial/storage/logs" "$trial/bootstrap"
    printf 'APP_ENV=production\nAPP_KEY=base64:%s\nMAIL_MAILER=smtp\nMAIL_HOST=127.0.0.1\n' "$(secret)" >"$trial/.env"
    RECESS_VAR=$trial HOME=$trial "$PHP" "$ROOT/artisan" route:list >"$trial/said" 2>&1 || code=$?
    [ $code = 0 ] || tail -n 5 "$trial/said" >&2
    rm -rf "$trial"
    [ $code = 0 ] || fail "The application of this version does not begin."
}

# updating OLD NEW STAGE
updating() { printf 'old %s\nnew %s\nstage %s\n' "$1" "$2" "$3" >"$VAR/updating.new" && mv "$VAR/updating.new" "$VAR/updating"; }

# stop_for_new_code OLD NEW: nothing serves, and the rows are copied as they are now that nobody writes; beside the backup,
# which only its owner may be able to open.
stop_for_new_code() {
    rm -rf "$VAR/before"
    updating "$1" "$2" copying
    bring_down yes
    if ! (umask 077 && mkdir "$VAR/before" && dump_into "$VAR/before"); then
        rm -rf "$VAR/before" "$VAR/updating"
        bring_up 9>&-
        fail "The rows could not be copied, so nothing was updated." "Is the disk full? bin/recess doctor looks."
    fi
    updating "$1" "$2" taking
}

# take_in OLD NEW: from the stop to what answers; or back.
take_in() {
    local old=$1 new=$2 begun
    step "Taking in ${new:0:12}; visitors are told “back in a minute or two”"
    begun=$(date +%s)
    stop_for_new_code "$old" "$new"
    # Each version brings itself up with its own commands.
    if in_git reset --quiet --hard "$new" && built_changes_places && "$ROOT/bin/recess" bring-up --dir "$VAR" 9>&-; then
        step "Updated from ${old:0:12} to ${new:0:12}; it was away for $(($(date +%s) - begun)) seconds."
        taken_in "$old"
        exit 0
    fi
    say_note "The new version did not come up."
    put_back
    fail "The update was taken back: ${new:0:12} did not come up, ${old:0:12} runs as before." "Nothing was lost. What went wrong stands above, and in $VAR/log/."
}

# What was built beside changes places with what lies here, where that is not of the code that lies here: done again, or
# after it was cut off, it comes to the same.
built_changes_places() {
    local what aside
    for what in $BUILT; do
        aside=$NEXT/$what.aside
        [ ! -d "$aside" ] || [ -d "$ROOT/$what" ] || mv "$aside" "$ROOT/$what" || return 1
        [ -d "$NEXT/$what" ] && ! built_fits "$what" || continue
        [ ! -d "$ROOT/$what" ] || mv "$ROOT/$what" "$aside" || return 1
        mv "$NEXT/$what" "$ROOT/$what" || return 1
        [ ! -d "$aside" ] || mv "$aside" "$NEXT/$what" || return 1
    done
}

# taken_in OLD: it serves. What leads back is kept until the next one: the version, and the rows where tables changed.
taken_in() {
    printf 'version %s\nsince %s\n' "$1" "$(date -u +%FT%TZ)" >"$VAR/before/about"
    rm -f "$VAR/updating"
    away_with_next
}

# The code, and the rows: a migration may have changed half of the tables. Nobody has booked anything since.
put_back() {
    local old
    old=$(sed -n 's/^old //p' "$VAR/updating")
    say_note "Going back to ${old:0:12}."
    if instance_is_running; then
        bring_down yes
    else
        instance_prepare "$HTTPS_PORT"
        instance_start_database 9>&-
    fi
    load_all "$VAR/before"
    serves_as_before "$old"
}

# serves_as_before VERSION: the code goes back, and nothing is left of what led away from it.
serves_as_before() {
    is_packaged || { in_git reset --quiet --hard "$1" && built_changes_places; }
    "$ROOT/bin/recess" bring-up --dir "$VAR" 9>&-
    rm -rf "$VAR/before" "$VAR/updating"
    away_with_next
}

# What an update that was cut off left: finished where it may have been booked with since, put back where it cannot.
end_of_update() {
    local stage old
    stage=$(sed -n 's/^stage //p' "$VAR/updating") old=$(sed -n 's/^old //p' "$VAR/updating")
    step "An update was cut off"
    case $stage in
        serving)
            "$ROOT/bin/recess" bring-up --dir "$VAR" 9>&-
            taken_in "$old"
            step "It was finished: $(version_of_code | cut -c1-12) serves."
            ;;
        taking)
            # Where apt has brought other code, that is gone on with.
            if is_packaged && [ "$old" != "$(version_of_code)" ]; then
                finish_packaged "$old"
                return
            fi
            put_back
            step "It was put back: ${old:0:12} serves as before."
            ;;
        *)
            # Nothing but a copy had been begun.
            rm -rf "$VAR/before" "$VAR/updating"
            away_with_next
            bring_up 9>&-
            step "Nothing of it had been taken in: ${old:0:12} serves."
            ;;
    esac
}

# finish_packaged OLD: with the code that apt has put here. Did that not come up, it waits for the code of before.
finish_packaged() {
    if "$ROOT/bin/recess" bring-up --dir "$VAR" 9>&-; then
        taken_in "$1"
        step "It was finished: $(version_of_code | cut -c1-12) serves."
        return
    fi
    bring_down yes
    updating "$1" "$(version_of_code)" taking
    fail "The new version did not come up, and $(school_address)/ is stopped. Its rows are as they were, in $VAR/before." "Install the version before again (apt install ./recess_….deb): it serves as before, with its rows. What went wrong stands above, and in $VAR/log/."
}

# To the version before the last update. What was booked since stays, where the tables are the same in both.
go_back() {
    local to now lost=''
    to=$(sed -n 's/^version //p' "$VAR/before/about" 2>/dev/null) || true
    [ -n "$to" ] || fail "There is no version to go back to." "After an update there is one, until the next."
    now=$(in_git rev-parse HEAD)
    if [ -n "$(in_git diff --name-only "$to" "$now" -- database/migrations)" ]; then
        lost=$(sed -n 's/^since //p' "$VAR/before/about")
        [ -n "$AS_IT_WAS" ] || fail "Tables were changed by the update of $lost: ${to:0:12} cannot read what was written since." "Nothing was done. To go back all the same, to the rows as they were then: bin/recess update --back --as-it-was (a backup of what is there now is made first)"
    fi
    backup_now
    build_beside "$to"
    step "Going back to ${to:0:12}"
    updating "$to" "$now" taking
    bring_down yes
    if [ -n "$lost" ]; then
        load_all "$VAR/before"
    else
        rm -rf "$VAR/before/schools"
        dump_into "$VAR/before"
    fi
    serves_as_before "$to"
    step "${to:0:12} serves again${lost:+, with the rows of $lost}."
}

recess_bring_up() {
    school_open "$@"
    # shellcheck disable=SC2086
    install_all $SCHOOL_PACKAGES
    bring_up
}
