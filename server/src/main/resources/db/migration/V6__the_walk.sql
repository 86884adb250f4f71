-- The walk: a place passed over or noted, two readings put right, a hole between two pins, and what a person decided of a part.

ALTER TABLE reading ADD COLUMN goes_pm BIGINT;
ALTER TABLE reading ADD COLUMN stops_pm BIGINT;
ALTER TABLE reading ADD COLUMN stops_typed VARCHAR(200);

CREATE TABLE place_mark (
    id           UUID PRIMARY KEY,
    part_id      BIGINT                   NOT NULL REFERENCES part,
    place_id     BIGINT                   NOT NULL REFERENCES place,
    round_number INT                      NOT NULL CHECK (round_number >= 0),
    kind         VARCHAR(20)              NOT NULL,
    reason       VARCHAR(200)             NOT NULL,
    person_id    BIGINT                   NOT NULL REFERENCES person,
    made_at      TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX place_mark_by_part ON place_mark (part_id);

-- Two readings of one feature that were taken at each other's place. They stay as they were read; from here on each counts at the other's.
CREATE TABLE reading_swap (
    id        UUID PRIMARY KEY,
    part_id   BIGINT                   NOT NULL REFERENCES part,
    one_id    UUID                     NOT NULL REFERENCES reading,
    other_id  UUID                     NOT NULL REFERENCES reading,
    reason    VARCHAR(200)             NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL,
    CHECK (one_id <> other_id)
);
CREATE INDEX reading_swap_by_part ON reading_swap (part_id);

-- A person decides otherwise than the rule that fired. The last one counts; all are kept.
CREATE TABLE part_decision (
    id        UUID PRIMARY KEY,
    part_id   BIGINT                   NOT NULL REFERENCES part,
    said      VARCHAR(30)              NOT NULL,
    decided   VARCHAR(30)              NOT NULL,
    reason    VARCHAR(400)             NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX part_decision_by_part ON part_decision (part_id);

CREATE TRIGGER place_mark_is_insert_only BEFORE UPDATE, DELETE ON place_mark
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER reading_swap_is_insert_only BEFORE UPDATE, DELETE ON reading_swap
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER part_decision_is_insert_only BEFORE UPDATE, DELETE ON part_decision
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
