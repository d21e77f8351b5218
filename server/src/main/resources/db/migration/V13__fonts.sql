-- Faces of font files that somebody gave; those that ship stand in the program itself.
CREATE TABLE font (
    id         TEXT    NOT NULL PRIMARY KEY,
    -- Absent: every brand on the shelf has it.
    brand_id   TEXT    REFERENCES brand (id),
    file_name  TEXT    NOT NULL CHECK (length(file_name) BETWEEN 1 AND 255),
    -- SHA-256 of the file, in hexadecimal digits: its name in the blob folder.
    blob       TEXT    NOT NULL CHECK (length(blob) = 64),
    -- Which face of a collection, 0 first.
    face       INTEGER NOT NULL CHECK (face >= 0),
    family     TEXT    NOT NULL CHECK (length(family) BETWEEN 1 AND 80),
    style_name TEXT    NOT NULL CHECK (length(style_name) BETWEEN 1 AND 80),
    weight     INTEGER NOT NULL CHECK (weight BETWEEN 1 AND 1000),
    italic     INTEGER NOT NULL CHECK (italic IN (0, 1)),
    kind       TEXT    NOT NULL,
    embedding  TEXT    NOT NULL,
    added_at   TEXT    NOT NULL,
    removed_at TEXT
) STRICT;

CREATE UNIQUE INDEX font_once ON font (blob, face, ifnull(brand_id, '')) WHERE removed_at IS NULL;
CREATE INDEX font_of_brand ON font (brand_id);
