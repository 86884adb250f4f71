-- Which parts of jobs that were put away have something in doubt. Made from all the rest, and made again when it is missing or old; a plan
-- is here with the sum of the versions that it was judged under, and the build of the program that judged it.
CREATE TABLE plan_judged (
    plan_id BIGINT NOT NULL PRIMARY KEY,
    judged_under BIGINT NOT NULL,
    judged_by VARCHAR(40) NOT NULL
);
CREATE TABLE part_in_doubt (
    plan_id BIGINT NOT NULL,
    part_id BIGINT NOT NULL,
    PRIMARY KEY (plan_id, part_id)
);
-- How warm it was when last noted at any gauge.
CREATE INDEX check_by_time ON gauge_check (at);
