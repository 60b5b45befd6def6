-- A section that went to the bin with one above it comes back with that one, and stands in the bin only as a part of it.
ALTER TABLE section ADD COLUMN deleted_with UUID NULL AFTER deleted_at;
UPDATE section SET deleted_with = id WHERE deleted_at IS NOT NULL;
