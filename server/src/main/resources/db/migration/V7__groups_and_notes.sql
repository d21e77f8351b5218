-- The parts of a palette in their order; the usual three stand in every brand.
CREATE TABLE palette_group (
    brand_id TEXT    NOT NULL REFERENCES brand (id),
    position INTEGER NOT NULL CHECK (position >= 0),
    name     TEXT    NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
    PRIMARY KEY (brand_id, position),
    UNIQUE (brand_id, name)
) STRICT;

INSERT INTO palette_group (brand_id, position, name)
SELECT id, 0, 'Core' FROM brand UNION ALL
SELECT id, 1, 'Extended' FROM brand UNION ALL
SELECT id, 2, 'Charts' FROM brand;

ALTER TABLE swatch ADD COLUMN group_name TEXT NOT NULL DEFAULT 'Core';
-- The swatch on whose ladder it stands, and how far from it: to the light end 1, to the dark one -1.
ALTER TABLE swatch ADD COLUMN base_id TEXT;
ALTER TABLE swatch ADD COLUMN away REAL CHECK (away BETWEEN -1 AND 1 AND away <> 0);
ALTER TABLE swatch ADD COLUMN spot_ink TEXT NOT NULL DEFAULT '';
ALTER TABLE swatch ADD COLUMN note TEXT NOT NULL DEFAULT '';

-- Keys of the remarks on a palette that somebody has put aside.
CREATE TABLE remark_aside (
    brand_id TEXT    NOT NULL REFERENCES brand (id),
    position INTEGER NOT NULL CHECK (position >= 0),
    remark   TEXT    NOT NULL,
    PRIMARY KEY (brand_id, position),
    UNIQUE (brand_id, remark)
) STRICT;
