-- Presentations, documents and workbooks that are dressed or checked, and what was left in them on purpose.
CREATE TABLE existing_file (
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
    made_by    TEXT    CHECK (made_by IN ('mend', 'dress')),
    made_from  TEXT,
    -- JSON: short digests of what is written in it, by which its next version is known.
    words      TEXT    NOT NULL,
    added_at   TEXT    NOT NULL,
    removed_at TEXT
) STRICT;

CREATE INDEX existing_file_of_brand ON existing_file (brand_id, added_at);

CREATE TABLE left_on_purpose (
    brand_id TEXT NOT NULL REFERENCES brand (id),
    lineage  TEXT NOT NULL,
    fault    TEXT NOT NULL,
    because  TEXT NOT NULL CHECK (length(because) <= 200),
    left_at  TEXT NOT NULL,
    PRIMARY KEY (brand_id, lineage, fault)
) STRICT;
