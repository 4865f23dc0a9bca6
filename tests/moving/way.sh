#!/usr/bin/env bash
# The way of a school's technician, on the real installer: moves in, sets things otherwise, breaks things, backs up, restores
# and updates, without systemd and with it (a small systemctl in a mount namespace). Called by bin/recess test moving.
set -euo pipefail
ROOT=$1 KIND=${2:-plain} GIVEN=${3:-}
. "$ROOT/ops/say.sh"
. "$ROOT/ops/install.sh"
export RECESS_PACKAGES=dev NO_COLOR=1

# Where systemd looks after it: folders of its own in a mount namespace, which end with it.
if [ "$KIND" = units ] && [ -z "${IN_A_NAMESPACE:-}" ]; then
    IN_A_NAMESPACE=yes exec unshare --mount --propagation private -- "$0" "$@"
fi
if [ "$KIND" = units ]; then
    mkdir -p /etc/systemd/system
    mount -t tmpfs tmpfs /run && mkdir -p /run/systemd/system /run/bin
    mount -t tmpfs tmpfs /etc/systemd/system
    cp "$ROOT/tests/moving/systemctl" /run/bin/
    export PATH=/run/bin:$PATH
    BOOT_FLAG=
else
    BOOT_FLAG=--no-boot
fi

PLACE=$(mktemp -d /var/tmp/recess-way-XXXXXX)
chmod 755 "$PLACE"
CODE=$PLACE/code SCHOOL=$PLACE/school
ended() {
    local code=$?
    set +e
    for folder in "$PLACE"/*/; do [ ! -f "$folder/settings" ] || "$CODE/bin/recess" down --dir "$folder" >/dev/null 2>&1; done
    [ -z "${PACKED_HERE:-}" ] || dpkg --purge --force-all recess >/dev/null 2>&1
    kill $(jobs -p) $(cat "$PLACE"/*/run/supervisor.pid 2>/dev/null) 2>/dev/null
    pkill -KILL -f "$PLACE/copy"
    [ $code = 0 ] || { sleep 2 && echo "✗ The way ended at: ${STEP:-its beginning}" && tail -n 40 "$PLACE/said"; }
    "$CODE/bin/recess" down --dir "$PLACE/small/school" >/dev/null 2>&1; umount -l "$PLACE/small" 2>/dev/null
    [ -n "${KEEP_PLACE:-}" ] || rm -rf "$PLACE"
    exit $code
}
trap ended EXIT
trap 'exit 130' INT TERM

# Each thing that is tried: what is said has to have these words, and end as it is told to.
way() { STEP=$*; step "$* ($SECONDS s)"; }
recess() { "$CODE/bin/recess" "$@" >"$PLACE/said" 2>&1 </dev/null; }
[ -z "${TIMES:-}" ] || recess() {
    local begun=$SECONDS code=0
    "$CODE/bin/recess" "$@" >"$PLACE/said" 2>&1 </dev/null || code=$?
    echo "    $((SECONDS - begun)) s: ${*:1:4}"
    return $code
}
says() { grep -qE -- "$1" "$PLACE/said" || { echo "  It does not say: $1" && exit 1; }; }
silent_on() { ! grep -qE -- "$1" "$PLACE/said" || { echo "  It says: $1" && exit 1; }; }
refused() { ! recess "$@" || { echo "  It was not refused: $*" && exit 1; }; }
wrong() { "$@" && { echo "  This holds: $*" && exit 1; } || true; }
rows() { "$CODE/bin/recess" school artisan --dir "$1" db:table "$2" --counts --json 2>/dev/null | grep -oE '"rows": ?[0-9]+' | head -n 1; }
sql() { # FOLDER STATEMENT
    (. "$1/ports" && MYSQL_PWD=$(sed -n 's/^OWNER_PASSWORD=//p' "$1/secrets") mariadb --host=127.0.0.1 --port="$DB_PORT" --user=recess_owner recess -N -B -e "$2")
}
answers() { curl -fsSk --max-time 5 --connect-to "::127.0.0.1:$HTTPS" "https://$NAME:$HTTPS/up" >"$PLACE/up"; }
port() { "$PHP" -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo parse_url("tcp://" . stream_socket_get_name($s, false), PHP_URL_PORT);'; }

# The code as it lies here, in a repository of its own, with what was built of it.
git clone --quiet --bare "$ROOT" "$PLACE/origin.git" 2>/dev/null
git clone --quiet "$PLACE/origin.git" "$CODE" 2>/dev/null
in_code() { git -C "$CODE" -c user.name=way -c user.email=way@mail.example "$@"; }
(cd "$ROOT" && git -c safe.directory='*' ls-files -z --cached --others --exclude-standard | while IFS= read -r -d '' file; do [ ! -f "$file" ] || printf '%s\0' "$file"; done | xargs -0 cp -p --parents -t "$CODE")
in_code add -A && { in_code diff --cached --quiet || in_code commit --quiet -m 'as it lies here'; }
in_code push --quiet origin HEAD
for built in vendor node_modules public/build; do cp -a --reflink=auto "$ROOT/$built" "$CODE/$built"; done
# As a careful machine has it: nothing that is made is for others. The code, for the school's users, is opened by hand, once.
umask 077
chmod -R go+rX "$CODE"

NAME=meet.gannetcove.example HTTPS=$(port) HTTP=$(port) WATCH=$(port) MAIL=$(port)

# A mail server that takes letters, asks for a name and a password, and can be told to refuse: aiosmtpd, of Debian.
mail_server() {
    "$ROOT/tests/moving/mail-server.py" "$MAIL" "$PLACE/letters" "$PLACE/refuse" &
    MAIL_SERVER=$!
}
: >"$PLACE/letters"
echo tide >"$PLACE/password"
mail_server

. "$ROOT/tests/moving/parts.sh"
[ "$KIND" = plain ] || PARTS=$PARTS_BY_UNITS
for part in ${GIVEN:-$PARTS}; do
    "part_$part"
done
step "The way was gone to its end ($KIND, $SECONDS s)."
