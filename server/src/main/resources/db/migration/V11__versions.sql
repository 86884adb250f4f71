-- How often each thing was changed: what was found in the database is kept in memory under these numbers.
CREATE TABLE stored_version (
    job_id BIGINT NOT NULL,
    what VARCHAR(12) NOT NULL,
    which BIGINT NOT NULL,
    version BIGINT NOT NULL,
    PRIMARY KEY (job_id, what, which)
);
-- When a gauge was last read with, by its own readings and by those of what it read.
CREATE INDEX reading_with_gauge ON reading (gauge_id, reader_id, taken_at);
CREATE INDEX reading_read_by ON reading (reader_id, taken_at);
