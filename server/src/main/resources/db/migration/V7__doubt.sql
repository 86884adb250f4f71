-- Doubt: a reading of the same place with another gauge, and what a person says of a reading in doubt.

-- A quick check is held against the others; it is none of the repeats.
ALTER TABLE reading ADD COLUMN quick BOOLEAN DEFAULT FALSE NOT NULL;

-- What it should have been, of a correction; the check that threw it into doubt, where one did; the slip that was owned to.
ALTER TABLE reading_mark ADD COLUMN corrected_pm BIGINT;
ALTER TABLE reading_mark ADD COLUMN check_id UUID REFERENCES gauge_check;
ALTER TABLE reading_mark ADD COLUMN slip VARCHAR(30);
