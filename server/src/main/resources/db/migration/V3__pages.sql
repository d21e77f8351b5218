-- Every page of a document is a source of its own; 0 is the first, none means a picture.
ALTER TABLE source ADD COLUMN page INTEGER CHECK (page >= 0);
