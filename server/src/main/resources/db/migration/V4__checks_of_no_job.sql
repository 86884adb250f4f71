-- A check belongs to its gauge alone: doubt is derived from it in every job the gauge was read in,
-- so that a job of its own would be a second truth.
ALTER TABLE gauge_check DROP COLUMN job_id;
