-- What a brand has decided about a text on a ground. A colour is a swatch, a step of a swatch's ladder, or one of its own.
CREATE TABLE pair_rule (
    brand_id      TEXT    NOT NULL REFERENCES brand (id),
    position      INTEGER NOT NULL CHECK (position >= 0),
    kind          TEXT    NOT NULL CHECK (kind IN ('NARROWED', 'LEFT')),
    text_swatch   TEXT,
    text_away     REAL,
    text_hex      TEXT,
    ground_swatch TEXT,
    ground_away   REAL,
    ground_hex    TEXT,
    reason        TEXT    NOT NULL CHECK (length(reason) BETWEEN 1 AND 200),
    PRIMARY KEY (brand_id, position),
    FOREIGN KEY (brand_id, text_swatch) REFERENCES swatch (brand_id, id),
    FOREIGN KEY (brand_id, ground_swatch) REFERENCES swatch (brand_id, id),
    CHECK ((text_swatch IS NULL) = (text_hex IS NOT NULL)),
    CHECK ((ground_swatch IS NULL) = (ground_hex IS NOT NULL))
) STRICT;

-- Gradients and pictures with what is laid over them and the text on top.
CREATE TABLE composed_ground (
    brand_id    TEXT    NOT NULL REFERENCES brand (id),
    id          TEXT    NOT NULL,
    position    INTEGER NOT NULL CHECK (position >= 0),
    name        TEXT    NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    -- The picture beneath; none for a gradient.
    source_id   TEXT,
    radial      INTEGER NOT NULL CHECK (radial IN (0, 1)),
    -- Degrees clockwise from upwards.
    angle       INTEGER NOT NULL CHECK (angle BETWEEN 0 AND 359),
    laid_swatch TEXT,
    laid_away   REAL,
    laid_hex    TEXT,
    -- How much of what is laid over it shows; none where nothing is.
    opacity     REAL    CHECK (opacity BETWEEN 0 AND 1),
    text_swatch TEXT,
    text_away   REAL,
    text_hex    TEXT,
    PRIMARY KEY (brand_id, id),
    UNIQUE (brand_id, position),
    FOREIGN KEY (brand_id, laid_swatch) REFERENCES swatch (brand_id, id),
    FOREIGN KEY (brand_id, text_swatch) REFERENCES swatch (brand_id, id),
    CHECK ((opacity IS NULL) = (laid_swatch IS NULL AND laid_hex IS NULL)),
    CHECK ((text_swatch IS NULL) = (text_hex IS NOT NULL))
) STRICT;

CREATE TABLE gradient_stop (
    brand_id  TEXT    NOT NULL,
    ground_id TEXT    NOT NULL,
    position  INTEGER NOT NULL CHECK (position BETWEEN 0 AND 2),
    swatch_id TEXT,
    away      REAL,
    hex       TEXT,
    PRIMARY KEY (brand_id, ground_id, position),
    FOREIGN KEY (brand_id, ground_id) REFERENCES composed_ground (brand_id, id),
    FOREIGN KEY (brand_id, swatch_id) REFERENCES swatch (brand_id, id),
    CHECK ((swatch_id IS NULL) = (hex IS NOT NULL))
) STRICT;
