-- Half of it is done when it fails.
ALTER TABLE reading ADD COLUMN mood VARCHAR(10);
DELETE FROM job_setting;
INSERT INTO there_is_no_such_table VALUES (1);
