-- The registry of an installation that serves several schools; what it means: app/Registry.
CREATE TABLE IF NOT EXISTS enrolled (
    name VARCHAR(31) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
    standing VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    sealed TEXT CHARACTER SET ascii COLLATE ascii_bin NOT NULL
);
CREATE TABLE IF NOT EXISTS host_names (
    host VARCHAR(253) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
    school VARCHAR(31) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    place SMALLINT UNSIGNED NOT NULL,
    UNIQUE (school, place),
    FOREIGN KEY (school) REFERENCES enrolled (name)
);
