-- What was handed over, and where somebody has set the brand up by hand.
CREATE TABLE handed_over (
    id          TEXT    NOT NULL PRIMARY KEY,
    brand_id    TEXT    NOT NULL REFERENCES brand (id),
    -- The step of the trail that it was made from.
    revision    INTEGER NOT NULL CHECK (revision >= 1),
    theme_id    TEXT    NOT NULL,
    file_name   TEXT    NOT NULL CHECK (length(file_name) BETWEEN 1 AND 255),
    -- SHA-256 of the file, in hexadecimal digits: its name in the blob folder.
    blob        TEXT    NOT NULL CHECK (length(blob) = 64),
    size        INTEGER NOT NULL CHECK (size >= 0),
    -- JSON: what is in it, with the SHA-256 of each file, and what was to be looked at before it went out.
    files       TEXT    NOT NULL,
    open_points TEXT    NOT NULL,
    made_at     TEXT    NOT NULL
) STRICT;

CREATE INDEX handed_over_of_brand ON handed_over (brand_id, made_at);

CREATE TABLE place_of_use (
    id         TEXT NOT NULL PRIMARY KEY,
    brand_id   TEXT NOT NULL REFERENCES brand (id),
    name       TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    kind       TEXT NOT NULL,
    -- JSON: the colours as they were typed in there, and a key of the logo.
    given      TEXT NOT NULL,
    added_at   TEXT NOT NULL,
    removed_at TEXT
) STRICT;

CREATE INDEX place_of_use_of_brand ON place_of_use (brand_id);
