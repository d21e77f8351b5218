-- The same colour may stand in several sources; every place of it is kept.
CREATE TABLE swatch_origin (
    brand_id  TEXT    NOT NULL,
    swatch_id TEXT    NOT NULL,
    position  INTEGER NOT NULL CHECK (position >= 0),
    source    TEXT    NOT NULL,
    x         INTEGER,
    y         INTEGER,
    -- The side of the square that a colour taken by hand averages, in pixels; none where the machine proposed it.
    area      INTEGER CHECK (area BETWEEN 1 AND 31),
    PRIMARY KEY (brand_id, swatch_id, position),
    FOREIGN KEY (brand_id, swatch_id) REFERENCES swatch (brand_id, id)
) STRICT;

INSERT INTO swatch_origin (brand_id, swatch_id, position, source, x, y, area)
SELECT brand_id, id, 0, origin_source, origin_x, origin_y, origin_area FROM swatch WHERE origin_source IS NOT NULL;

ALTER TABLE swatch DROP COLUMN origin_source;
ALTER TABLE swatch DROP COLUMN origin_x;
ALTER TABLE swatch DROP COLUMN origin_y;
ALTER TABLE swatch DROP COLUMN origin_area;

-- The upper left corner of a part cut out of a picture, for the mood board; none means the whole picture.
ALTER TABLE source ADD COLUMN crop_x INTEGER CHECK (crop_x >= 0);
ALTER TABLE source ADD COLUMN crop_y INTEGER CHECK (crop_y >= 0);
