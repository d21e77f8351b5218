-- The present of a brand is the snapshot at its cursor; beside it stands only what the shelf looks for.

CREATE TABLE shelf_color (
    brand_id TEXT    NOT NULL REFERENCES brand (id),
    position INTEGER NOT NULL CHECK (position >= 0),
    hex      TEXT    NOT NULL CHECK (hex GLOB '#[0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F][0-9A-F]'),
    name     TEXT    NOT NULL,
    PRIMARY KEY (brand_id, position)
) STRICT, WITHOUT ROWID;

INSERT INTO shelf_color (brand_id, position, hex, name)
SELECT brand_id, row_number() OVER (PARTITION BY brand_id ORDER BY position) - 1, hex, name FROM swatch;

DROP TABLE gradient_stop;
DROP TABLE composed_ground;
DROP TABLE pair_rule;
DROP TABLE theme_slot;
DROP TABLE theme;
DROP TABLE role_words;
DROP TABLE swatch_role;
DROP TABLE remark_aside;
DROP TABLE swatch_origin;
DROP TABLE swatch;
DROP TABLE palette_group;

ALTER TABLE brand DROP COLUMN share_main;
ALTER TABLE brand DROP COLUMN share_secondary;
ALTER TABLE brand DROP COLUMN share_highlight;

-- Nobody ever read it: undo and redo go by snapshots.
ALTER TABLE trail_step DROP COLUMN change;

CREATE INDEX step_on_step ON trail_step (brand_id, base);
CREATE INDEX brand_by_change ON brand (changed_at DESC, id DESC);
