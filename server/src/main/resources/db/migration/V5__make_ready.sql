-- Making ready: which blocks a set has, what a comparator was set on, how warm a part was, and what was done before measuring.

ALTER TABLE master ADD COLUMN blocks VARCHAR(2000);
ALTER TABLE master ADD COLUMN missing VARCHAR(2000);
ALTER TABLE master ADD COLUMN wear_pm BIGINT;
-- Until now a set was told by its number alone.
UPDATE master SET blocks = shop_number, missing = '', wear_pm = 0 WHERE kind = 'BLOCK_SET' AND shop_number IN ('in-81', 'mm-88', 'mm-47');
UPDATE master SET blocks = CASE WHEN unit = 'INCH' THEN 'in-81' ELSE 'mm-88' END, missing = '', wear_pm = 0
    WHERE kind = 'BLOCK_SET' AND blocks IS NULL;

-- master_id: a ring or a set of blocks; micrometer_id: one that was locked at the size. Just one of the two.
CREATE TABLE comparator_setting (
    id            UUID PRIMARY KEY,
    gauge_id      BIGINT                   NOT NULL REFERENCES gauge,
    master_id     BIGINT REFERENCES master,
    micrometer_id BIGINT REFERENCES gauge,
    blocks_pm     VARCHAR(2000)            NOT NULL,
    wanted_pm     BIGINT                   NOT NULL,
    size_pm       BIGINT                   NOT NULL,
    u_pm          BIGINT                   NOT NULL CHECK (u_pm >= 0),
    material      VARCHAR(40)              NOT NULL,
    temperature   DECIMAL(5, 1),
    sense         INT                      NOT NULL CHECK (sense IN (-1, 1)),
    returned      DECIMAL(5, 1)            NOT NULL,
    person_id     BIGINT                   NOT NULL REFERENCES person,
    at            TIMESTAMP WITH TIME ZONE NOT NULL,
    CHECK ((master_id IS NULL) <> (micrometer_id IS NULL))
);
CREATE INDEX comparator_setting_by_gauge ON comparator_setting (gauge_id, at);

CREATE TABLE part_warmth (
    id                UUID PRIMARY KEY,
    part_id           BIGINT                   NOT NULL REFERENCES part,
    part_temperature  DECIMAL(5, 1)            NOT NULL,
    gauge_temperature DECIMAL(5, 1),
    person_id         BIGINT                   NOT NULL REFERENCES person,
    at                TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX part_warmth_by_part ON part_warmth (part_id, at);

-- A card of getting ready that was done, or passed over for a reason.
CREATE TABLE ready_mark (
    id        UUID PRIMARY KEY,
    job_id    BIGINT                   NOT NULL REFERENCES job,
    card      VARCHAR(60)              NOT NULL,
    reason    VARCHAR(400)             NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    at        TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX ready_mark_by_job ON ready_mark (job_id);

-- Something lies until it is as warm as the room; taken off the list when it is.
CREATE TABLE soaking (
    id        UUID PRIMARY KEY,
    what      VARCHAR(80)              NOT NULL,
    part_id   BIGINT REFERENCES part,
    person_id BIGINT                   NOT NULL REFERENCES person,
    at        TIMESTAMP WITH TIME ZONE NOT NULL,
    until     TIMESTAMP WITH TIME ZONE NOT NULL
);

ALTER TABLE reading ADD COLUMN setting_id UUID REFERENCES comparator_setting;
ALTER TABLE reading ADD COLUMN warmth_id UUID REFERENCES part_warmth;
ALTER TABLE reading ADD COLUMN thermal_pm BIGINT DEFAULT 0 NOT NULL;
-- How often a comparator was read since it was set is asked at every Enter: only of the last half hour.
CREATE INDEX reading_by_time ON reading (taken_at);

CREATE TRIGGER comparator_setting_is_insert_only BEFORE UPDATE, DELETE ON comparator_setting
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER part_warmth_is_insert_only BEFORE UPDATE, DELETE ON part_warmth
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER ready_mark_is_insert_only BEFORE UPDATE, DELETE ON ready_mark
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
