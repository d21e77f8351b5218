-- Every role, not only what is off-limits; which there are is said by the program.
CREATE TABLE swatch_role_next (
    brand_id  TEXT    NOT NULL,
    role      TEXT    NOT NULL,
    position  INTEGER NOT NULL CHECK (position >= 0),
    swatch_id TEXT    NOT NULL,
    PRIMARY KEY (brand_id, role, position),
    UNIQUE (brand_id, role, swatch_id),
    FOREIGN KEY (brand_id, swatch_id) REFERENCES swatch (brand_id, id)
) STRICT;

INSERT INTO swatch_role_next (brand_id, role, position, swatch_id)
SELECT brand_id, 'OFF_LIMITS', position, swatch_id FROM swatch_role;

DROP TABLE swatch_role;
ALTER TABLE swatch_role_next RENAME TO swatch_role;

-- What a role is for, where the brand says it in its own words.
CREATE TABLE role_words (
    brand_id TEXT NOT NULL REFERENCES brand (id),
    role     TEXT NOT NULL,
    words    TEXT NOT NULL CHECK (length(words) BETWEEN 1 AND 200),
    PRIMARY KEY (brand_id, role)
) STRICT;

-- How much of a page the main colour, the secondary ones and the highlight take; percent, together 100.
ALTER TABLE brand ADD COLUMN share_main INTEGER NOT NULL DEFAULT 60 CHECK (share_main BETWEEN 0 AND 100);
ALTER TABLE brand ADD COLUMN share_secondary INTEGER NOT NULL DEFAULT 30 CHECK (share_secondary BETWEEN 0 AND 100);
ALTER TABLE brand ADD COLUMN share_highlight INTEGER NOT NULL DEFAULT 10 CHECK (share_highlight BETWEEN 0 AND 100);
