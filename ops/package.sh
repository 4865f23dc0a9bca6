# bin/recess package: the version that is committed here, as a Debian package in var/package. It holds the code with its
# packages and pages, so that nothing is built where it is installed. What a package does when it comes and goes: packaged.sh.
. ops/update.sh

PACKAGES=$ROOT/var/package
# What runs at a school; the tests, the pages' sources and their tools stay here.
PACKED="app artisan bin bootstrap composer.json config core database demo lang ops package-lock.json php-packages.lock public routes support vendor web/views VERSION"
# Beside what runs: what its own scripts call, and PHP by the name under which Debian's other packages ask for it.
PACKAGE_DEPENDS="adduser php-cli $SCHOOL_PACKAGES"

recess_package() {
    # shellcheck disable=SC2086
    install_debian $RUN_PACKAGES git
    install_node
    local commit tree=$PACKAGES/tree NEXT=$PACKAGES/code VAR=$PACKAGES
    commit=$(in_git rev-parse HEAD 2>/dev/null) || fail "The code in $ROOT was not fetched with git." "A package is made of what is committed."
    [ -z "$(in_git status --porcelain --untracked-files=no)" ] || say_note "What was changed here and is not committed is not in it."
    DEB_VERSION=$(cat "$ROOT/VERSION")+$(TZ=UTC in_git show -s --format=%cd --date=format-local:%Y%m%d%H%M%S HEAD).g${commit:0:7}
    SOURCE_DATE_EPOCH=$(in_git show -s --format=%ct HEAD)
    export SOURCE_DATE_EPOCH
    step "Building ${commit:0:12}"
    RECESS_PACKAGES=run build_beside "$commit"
    step "Packing it"
    rm -rf "$tree"
    mkdir -p "$tree"/{DEBIAN,etc/recess,usr/bin,usr/share/recess,usr/share/doc/recess,usr/share/man/man1,var/lib/recess}
    # shellcheck disable=SC2086
    tar -C "$NEXT" -c --exclude-vcs $PACKED | tar -C "$tree/usr/share/recess" -x
    tar -C "$NEXT/docs" -c --exclude=screenshots . | tar -C "$tree/usr/share/doc/recess" -x
    rm -rf "$tree"/usr/share/recess/ops/{debian,package.sh}
    printf 'commit %s\nversion %s\n' "$commit" "$DEB_VERSION" >"$tree/usr/share/recess/packaged"
    # All that it writes lies where Debian has what changes.
    ln -s /var/lib/recess "$tree/usr/share/recess/var"
    ln -s ../share/recess/bin/recess "$tree/usr/bin/recess"
    package_papers "$tree"
    away_with_next
    chmod -R u=rwX,go=rX "$tree"
    # What says that it is a program is one.
    { grep -rlIm1 '^#!' "$tree/usr/share/recess/vendor" --include='*.php' || true; } | xargs -r chmod +x
    chmod 755 "$tree"/DEBIAN/{prerm,postinst,postrm}
    quietly "$PACKAGES/log/dpkg-deb.log" dpkg-deb --build --root-owner-group "$tree" "$PACKAGES"
    rm -rf "$tree"
    step "Made: $PACKAGES/recess_${DEB_VERSION}_all.deb"
}

# package_papers TREE: what Debian asks of a package (Debian Policy, 5 to 7 and 12).
package_papers() {
    local tree=$1 from=$NEXT/ops/debian
    # shellcheck disable=SC2086
    cat >"$tree/DEBIAN/control" <<CONTROL
Package: recess
Version: $DEB_VERSION
Architecture: all
Maintainer: The Recess authors <recess@gannetcove.example>
Installed-Size: $(du -sk --apparent-size "$tree" | cut -f1)
Depends: $(printf '%s, ' $PACKAGE_DEPENDS ${RUN_PACKAGES/util-linux/} | sed 's/, $//')
Section: web
Priority: optional
Description: times for office hours and conferences, booked without conflicts
 Teachers and school staff publish recurring office hours and conference
 times; students and families book free times, never twice. After it is
 installed, "recess install" makes a school's own: database, web server,
 letters, backups.
CONTROL
    cp "$from"/{prerm,postinst,postrm,conffiles} "$tree/DEBIAN/"
    cp "$from/defaults" "$tree/etc/recess/defaults"
    cp "$from/copyright" "$tree/usr/share/doc/recess/copyright"
    {
        printf 'recess (%s) stable; urgency=medium\n\n  * What changed stands in CHANGELOG.md.\n\n' "$DEB_VERSION"
        printf ' -- The Recess authors <recess@gannetcove.example>  %s\n' "$(date -u -R -d "@$SOURCE_DATE_EPOCH")"
    } | gzip -9n >"$tree/usr/share/doc/recess/changelog.Debian.gz"
    gzip -9nc "$NEXT/CHANGELOG.md" >"$tree/usr/share/doc/recess/changelog.gz"
    {
        printf '.TH RECESS 1 "%s" "%s"\n.SH NAME\nrecess \\- publish times, book them, never twice\n.SH COMMANDS\n.nf\n' "$(date -u -d "@$SOURCE_DATE_EPOCH" +%F)" "$DEB_VERSION"
        usage | sed 's/bin\/recess/recess/g; s/\\/\\\\/g; s/-/\\-/g; s/^\./\\\&./'
        printf '.fi\n'
    } | gzip -9n >"$tree/usr/share/man/man1/recess.1.gz"
    (cd "$tree" && find . -type f ! -path './DEBIAN/*' -printf '%P\0' | sort -z | xargs -0 md5sum >DEBIAN/md5sums)
}
