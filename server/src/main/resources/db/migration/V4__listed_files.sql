-- A file that lists colours and shows none has no size; a source that was taken off the sheet can be put back.
CREATE TABLE source_next (
    id         TEXT    NOT NULL PRIMARY KEY,
    brand_id   TEXT    NOT NULL REFERENCES brand (id),
    name       TEXT    NOT NULL,
    kind       TEXT    NOT NULL,
    width      INTEGER CHECK (width > 0),
    height     INTEGER CHECK (height > 0),
    page       INTEGER CHECK (page >= 0),
    -- SHA-256 of the file, in hexadecimal digits: its name in the blob folder.
    blob       TEXT    NOT NULL CHECK (length(blob) = 64),
    added_at   TEXT    NOT NULL,
    removed_at TEXT,
    CHECK ((width IS NULL) = (height IS NULL))
) STRICT;

INSERT INTO source_next (id, brand_id, name, kind, width, height, page, blob, added_at)
SELECT id, brand_id, name, kind, width, height, page, blob, added_at FROM source;

DROP TABLE source;
ALTER TABLE source_next RENAME TO source;
CREATE INDEX source_of_brand ON source (brand_id, added_at);
