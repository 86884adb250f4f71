-- How straight a feature was found by a check of its own; null for marks that have no figure.
ALTER TABLE place_mark ADD COLUMN size_pm BIGINT;

-- The thread gauge that an item was tried with; null where it was looked at.
ALTER TABLE look ADD COLUMN gauge_id BIGINT REFERENCES gauge;
