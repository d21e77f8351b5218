-- The side of the square that a colour taken by hand averages, in pixels; none where the machine proposed it.
ALTER TABLE swatch ADD COLUMN origin_area INTEGER CHECK (origin_area BETWEEN 1 AND 31);
