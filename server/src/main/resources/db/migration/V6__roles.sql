-- What a swatch is for; one row for each swatch of a role, in its order.
CREATE TABLE swatch_role (
    brand_id  TEXT    NOT NULL,
    role      TEXT    NOT NULL CHECK (role IN ('off-limits')),
    position  INTEGER NOT NULL CHECK (position >= 0),
    swatch_id TEXT    NOT NULL,
    PRIMARY KEY (brand_id, role, position),
    UNIQUE (brand_id, role, swatch_id),
    FOREIGN KEY (brand_id, swatch_id) REFERENCES swatch (brand_id, id)
) STRICT;
