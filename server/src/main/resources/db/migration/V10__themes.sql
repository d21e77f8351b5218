-- Several themes in a brand: the first in order is the one that is handed over first.
ALTER TABLE theme ADD COLUMN position INTEGER NOT NULL DEFAULT 0 CHECK (position >= 0);
-- What its pages stand on.
ALTER TABLE theme ADD COLUMN ground TEXT NOT NULL DEFAULT 'LIGHT' CHECK (ground IN ('LIGHT', 'DARK'));
