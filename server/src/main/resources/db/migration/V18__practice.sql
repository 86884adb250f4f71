-- Practice, apart from all that is measured: sets of items that somebody reads or sets, and how each was answered. Items are not kept: the
-- seed and what was answered before make them again. scales: their ids, with blanks between; only_slip: the one trap that all are of.
CREATE TABLE practice_set (
    id        UUID PRIMARY KEY,
    person_id BIGINT                   NOT NULL REFERENCES person,
    scales    VARCHAR(1000)            NOT NULL,
    level     VARCHAR(20)              NOT NULL,
    only_slip VARCHAR(30),
    to_set    BOOLEAN                  NOT NULL,
    heard     BOOLEAN                  NOT NULL,
    seed      BIGINT                   NOT NULL,
    items     INTEGER                  NOT NULL,
    begun_at  TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX practice_set_of_person ON practice_set (person_id, begun_at);

-- typed: as it was typed; null where the scale was set, and parts then says how. slips: codes with blanks between.
CREATE TABLE practice_answer (
    id         UUID PRIMARY KEY,
    set_id     UUID                     NOT NULL REFERENCES practice_set,
    person_id  BIGINT                   NOT NULL REFERENCES person,
    number     INTEGER                  NOT NULL,
    scale_id   VARCHAR(40)              NOT NULL,
    aimed      VARCHAR(30),
    typed      VARCHAR(200),
    parts      VARCHAR(200),
    answer_pm  BIGINT                   NOT NULL,
    outcome    VARCHAR(20)              NOT NULL,
    slips      VARCHAR(80)              NOT NULL,
    took_ms    BIGINT                   NOT NULL,
    made_at    TIMESTAMP WITH TIME ZONE NOT NULL,
    UNIQUE (set_id, number)
);
CREATE INDEX practice_answer_of_person ON practice_answer (person_id, made_at);

-- How far somebody has come in the first lesson; the last row stands.
CREATE TABLE lesson_step (
    id        UUID PRIMARY KEY,
    person_id BIGINT                   NOT NULL REFERENCES person,
    unit      VARCHAR(20)              NOT NULL,
    step      INTEGER                  NOT NULL,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX lesson_step_of_person ON lesson_step (person_id, made_at);

CREATE TRIGGER practice_set_is_insert_only BEFORE UPDATE, DELETE ON practice_set
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER practice_answer_is_insert_only BEFORE UPDATE, DELETE ON practice_answer
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER lesson_step_is_insert_only BEFORE UPDATE, DELETE ON lesson_step
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
