# How the commands speak: one line for a step, one line for a failure with its mend.

# Whether this is Debian's package.
is_packaged() { [ -f "$ROOT/packaged" ]; }

# A command is said as whoever reads it types it: Debian's package has put it where commands are.
as_typed() { if is_packaged; then printf '%s\n' "${1//bin\/recess/recess}"; else printf '%s\n' "$1"; fi; }

step() { as_typed "· $*"; }
say_note() { as_typed "! $*"; }

fail() {
    as_typed "✗ $1" >&2
    shift
    for mend in "$@"; do [ -z "$mend" ] || as_typed "  $mend" >&2; done
    exit 1
}

# watched LOG WHAT COMMAND…: as quietly, and says every few seconds how long it has been and what the log says last.
watched() {
    local log=$1 what=$2 pid begun=$SECONDS said=0 code=0
    shift 2
    mkdir -p "$(dirname "$log")"
    "$@" >"$log" 2>&1 &
    pid=$!
    while kill -0 "$pid" 2>/dev/null; do
        sleep 1
        if [ $((SECONDS - begun)) -ge $((said + 10)) ]; then
            said=$((SECONDS - begun))
            printf '  %s, %d s: %s\n' "$what" "$said" "$(tail -n 1 "$log" | tr -d '\r' | cut -c1-100)"
        fi
    done
    wait "$pid" || code=$?
    [ $code = 0 ] && return
    tail -n 20 "$log" >&2
    fail "This failed: $*" "The whole of it is in ${log#"$ROOT"/}."
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
