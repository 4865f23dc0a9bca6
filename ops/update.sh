# bin/recess update: takes a new version in; and goes back by itself when it does not answer.

recess_update() {
    TO=''
    school_open "$@"
    instance_is_running || fail "It is not running." "Start it: bin/recess up --dir $DIR"
    local old new
    in_git() { git -c safe.directory="$ROOT" -C "$ROOT" "$@"; }
    old=$(in_git rev-parse HEAD 2>/dev/null) || fail "The code in $ROOT was not fetched with git, so there is nothing to compare." "Fetch it with git clone, and restore a backup there."
    [ -z "$(in_git status --porcelain --untracked-files=no)" ] || fail "Files of the code were changed here." "git status names them. Put them back first; nothing was done."
    step "Looking for a new version"
    quietly "$VAR/log/fetch.log" in_git fetch --quiet --tags
    new=$(in_git rev-parse --verify --quiet "${TO:-@{u}}^{commit}") || fail "There is no version called “${TO:-of the branch}”." "Say which: bin/recess update --to NAME"
    if [ "$old" = "$new" ]; then
        step "There is nothing newer."
        return
    fi
    backup_now
    step "Taking in ${new:0:12}; visitors are told “back in a minute or two”"
    bring_down yes
    # Beside the backup, which only its owner may be able to open: the rows as they are now that nobody writes.
    rm -rf "$VAR/before"
    (umask 077 && mkdir "$VAR/before") && backup_into "$VAR/before" || { bring_up && fail "The rows could not be copied, so nothing was updated." "Is the disk full? bin/recess doctor looks."; }
    # Each version brings itself up with its own commands.
    if in_git reset --quiet --hard "$new" && "$ROOT/bin/recess" bring-up --dir "$VAR"; then
        rm -rf "$VAR/before"
        step "Updated from ${old:0:12} to ${new:0:12}."
        exit 0
    fi
    say_note "The new version did not come up. Going back to ${old:0:12}."
    # The code, and the rows: a migration may have changed half of the tables.
    in_git reset --quiet --hard "$old"
    bring_down yes
    load_rows "$VAR/before/rows.sql"
    "$ROOT/bin/recess" bring-up --dir "$VAR"
    rm -rf "$VAR/before"
    fail "The update was taken back: ${new:0:12} did not come up, ${old:0:12} runs as before." "Nothing was lost. What went wrong stands above, and in $VAR/log/."
}

recess_bring_up() {
    school_open "$@"
    # shellcheck disable=SC2086
    install_all age openssl
    bring_up
}
