-- Graphics are recoloured; so that files may be made by that too, the table is made anew.
CREATE TABLE existing_file_next (
    id         TEXT    NOT NULL PRIMARY KEY,
    brand_id   TEXT    NOT NULL REFERENCES brand (id),
    -- The first version of the same file: what was left on purpose is kept with it.
    lineage    TEXT    NOT NULL,
    name       TEXT    NOT NULL CHECK (length(name) BETWEEN 1 AND 120),
    kind       TEXT    NOT NULL,
    pages      INTEGER NOT NULL CHECK (pages >= 0),
    -- SHA-256 of the file, in hexadecimal digits: its name in the blob folder.
    blob       TEXT    NOT NULL CHECK (length(blob) = 64),
    -- What of it was written here, and from which file; nothing of what came in.
    made_by    TEXT    CHECK (made_by IN ('mend', 'dress', 'recolor')),
    made_from  TEXT,
    -- JSON: short digests of what is written in it, by which its next version is known.
    words      TEXT    NOT NULL,
    added_at   TEXT    NOT NULL,
    removed_at TEXT
) STRICT;

INSERT INTO existing_file_next SELECT * FROM existing_file;
DROP TABLE existing_file;
ALTER TABLE existing_file_next RENAME TO existing_file;
CREATE INDEX existing_file_of_brand ON existing_file (brand_id, added_at);
