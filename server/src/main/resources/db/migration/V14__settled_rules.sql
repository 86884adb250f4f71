-- How straight a feature was found by a check of its own; null for marks that have no figure.
ALTER TABLE place_mark ADD COLUMN size_pm BIGINT;

-- The thread gauge that an item was tried with; null where it was looked at.
ALTER TABLE look ADD COLUMN gauge_id BIGINT REFERENCES gauge;

-- A micrometer that is set on a master near the size is a method of its own: what it showed on the master is kept, and readings and picks name it.
ALTER TABLE comparator_setting ADD COLUMN shown_pm BIGINT;
ALTER TABLE reading ADD COLUMN on_master BOOLEAN DEFAULT FALSE NOT NULL;
ALTER TABLE picked_method ADD COLUMN on_master BOOLEAN DEFAULT FALSE NOT NULL;
