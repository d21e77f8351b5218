-- What every new brand begins with: one row at most.
CREATE TABLE brand_defaults (
    only_row     INTEGER NOT NULL PRIMARY KEY CHECK (only_row = 1),
    heading_font TEXT    NOT NULL CHECK (length(heading_font) BETWEEN 1 AND 80),
    body_font    TEXT    NOT NULL CHECK (length(body_font) BETWEEN 1 AND 80)
) STRICT;

CREATE TABLE default_group (
    position INTEGER NOT NULL PRIMARY KEY CHECK (position >= 0),
    name     TEXT    NOT NULL UNIQUE CHECK (length(name) BETWEEN 1 AND 40)
) STRICT;
