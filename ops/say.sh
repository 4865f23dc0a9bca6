# How the commands speak: one line for a step, one line for a failure with its mend.

step() { printf '· %s\n' "$*"; }

fail() {
    printf '✗ %s\n' "$1" >&2
    shift
    for mend in "$@"; do printf '  %s\n' "$mend" >&2; done
    exit 1
}

# quietly LOG COMMAND…: the output goes into the log, and is shown only when the command fails.
quietly() {
    local log=$1
    shift
    mkdir -p "$(dirname "$log")"
    if ! "$@" >"$log" 2>&1; then
        tail -n 20 "$log" >&2
        fail "This failed: $*" "The whole of it is in ${log#"$ROOT"/}."
    fi
}
