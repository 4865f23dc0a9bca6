# bin/recess packaged before|after|leave: what Debian's package does with the schools of this machine when another version of
# it is put in its place, and when it is taken away (ops/debian). The code is apt's to change; what is stopped, copied, brought
# up or put back is the same as in an update (ops/update.sh).
. ops/update.sh

recess_packaged() {
    local what=$1 school wrong=0
    shift
    is_packaged || fail "This is no Debian package."
    if [ $# -gt 0 ]; then
        "packaged_$what" "$@"
        return
    fi
    # Each in a process of its own, which ends at its first failure; and what one does not take hinders no other.
    while IFS= read -r school; do
        "$ROOT/bin/recess" packaged "$what" --dir "$school" </dev/null || wrong=1
    done < <(schools_of_this_code)
    return $wrong
}

# Another version's code is put in this one's place: nothing serves, and the rows are copied as they are then.
packaged_before() {
    school_open "$@"
    [ ! -f "$VAR/updating" ] && instance_is_running || return 0
    alone
    backup_now
    stop_for_new_code "$(version_of_code)" another
}

# The code that lies here now serves where the one before did; it is that one again, with its rows, when the new one could not.
packaged_after() {
    school_open "$@"
    if [ -f "$VAR/updating" ]; then
        alone
        end_of_update
    elif ! instance_is_running; then
        step "There is a school in $VAR. Start it: recess up --dir $VAR"
    fi
}

# It is taken from this machine; what was booked stays, in the folder and in a last backup, until it is purged.
packaged_leave() {
    school_open "$@"
    ! instance_is_running || backup_now
    bring_down
    starts_no_more
}
