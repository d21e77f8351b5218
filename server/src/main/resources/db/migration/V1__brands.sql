-- The present of every brand in rows; its past in trail_step. All texts of time are ISO-8601 in UTC.

CREATE TABLE brand (
    id         TEXT    NOT NULL PRIMARY KEY,
    name       TEXT    NOT NULL CHECK (length(name) BETWEEN 1 AND 120),
    short_code TEXT,
    revision   INTEGER NOT NULL CHECK (revision >= 1),
    -- The revision of the step whose state is shown, and of the newest step that redo can reach.
    cursor     INTEGER NOT NULL,
    tip        INTEGER NOT NULL,
    begun_at   TEXT    NOT NULL,
    changed_at TEXT    NOT NULL,
    deleted_at TEXT
) STRICT;

CREATE TABLE swatch (
    brand_id      TEXT    NOT NULL REFERENCES brand (id),
    id            TEXT    NOT NULL,
    position      INTEGER NOT NULL CHECK (position >= 0),
    name          TEXT    NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    hex           TEXT    NOT NULL CHECK (hex GLOB '#[0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F]'),
    origin_source TEXT,
    origin_x      INTEGER,
    origin_y      INTEGER,
    PRIMARY KEY (brand_id, id),
    UNIQUE (brand_id, position)
) STRICT;

CREATE TABLE theme (
    id           TEXT NOT NULL PRIMARY KEY,
    brand_id     TEXT NOT NULL REFERENCES brand (id),
    name         TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    heading_font TEXT NOT NULL,
    body_font    TEXT NOT NULL
) STRICT;

CREATE INDEX theme_of_brand ON theme (brand_id);

CREATE TABLE theme_slot (
    theme_id  TEXT NOT NULL REFERENCES theme (id),
    slot      TEXT NOT NULL,
    kind      TEXT NOT NULL CHECK (kind IN ('swatch', 'derived', 'fixed', 'empty')),
    brand_id  TEXT NOT NULL,
    swatch_id TEXT,
    -- Added to the OKLCH lightness of the swatch, -1 to 1.
    lightness REAL,
    hex       TEXT CHECK (hex GLOB '#[0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F]'),
    reason    TEXT,
    PRIMARY KEY (theme_id, slot),
    FOREIGN KEY (brand_id, swatch_id) REFERENCES swatch (brand_id, id),
    CHECK ((swatch_id IS NOT NULL) = (kind IN ('swatch', 'derived'))),
    CHECK ((lightness IS NOT NULL) = (kind = 'derived')),
    CHECK ((hex IS NOT NULL) = (kind = 'fixed'))
) STRICT;

CREATE TABLE trail_step (
    brand_id TEXT    NOT NULL REFERENCES brand (id),
    revision INTEGER NOT NULL,
    kind     TEXT    NOT NULL CHECK (kind IN ('begin', 'change', 'undo', 'redo')),
    -- The step whose state the change was made on; none for the first.
    base     INTEGER,
    -- The step whose state is shown after this one: itself for a change, an older or newer one for undo and redo.
    shows    INTEGER NOT NULL,
    note     TEXT    NOT NULL,
    change   TEXT,
    -- The brand afterwards as JSON, deflated; undo and redo need none of their own.
    snapshot BLOB,
    made_at  TEXT    NOT NULL,
    PRIMARY KEY (brand_id, revision),
    CHECK ((snapshot IS NOT NULL) = (kind IN ('begin', 'change')))
) STRICT;

CREATE TABLE source (
    id       TEXT    NOT NULL PRIMARY KEY,
    brand_id TEXT    NOT NULL REFERENCES brand (id),
    name     TEXT    NOT NULL,
    kind     TEXT    NOT NULL,
    width    INTEGER NOT NULL CHECK (width > 0),
    height   INTEGER NOT NULL CHECK (height > 0),
    -- SHA-256 of the file, in hexadecimal digits: its name in the blob folder.
    blob     TEXT    NOT NULL CHECK (length(blob) = 64),
    added_at TEXT    NOT NULL
) STRICT;

CREATE INDEX source_of_brand ON source (brand_id, added_at);
