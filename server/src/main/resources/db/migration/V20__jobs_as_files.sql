-- What tells a job apart wherever it is: a file of it says the same in every shop.
ALTER TABLE job ADD COLUMN job_key UUID DEFAULT RANDOM_UUID() NOT NULL;
ALTER TABLE job ALTER COLUMN job_key DROP DEFAULT;
ALTER TABLE job ADD CONSTRAINT one_job_a_key UNIQUE (job_key);

-- A job that came in as a file: from where, and by whom. home is the shop that the file says it was measured in.
CREATE TABLE job_arrival (
    id        UUID PRIMARY KEY,
    job_id    BIGINT                   NOT NULL REFERENCES job,
    home      VARCHAR(120)             NOT NULL,
    sha256    VARCHAR(64)              NOT NULL,
    rows_kept INTEGER                  NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX job_arrival_of_job ON job_arrival (job_id, made_at);

-- What was signed of it elsewhere, as it came in: a record, its digest, and the signatures under it. None of it is a signature of this shop.
CREATE TABLE foreign_record (
    id        UUID PRIMARY KEY,
    job_id    BIGINT                   NOT NULL REFERENCES job,
    home      VARCHAR(120)             NOT NULL,
    revision  INTEGER                  NOT NULL,
    content   CHARACTER LARGE OBJECT   NOT NULL,
    sha256    VARCHAR(64)              NOT NULL,
    seq       BIGINT                   NOT NULL,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL,
    sign_offs VARCHAR(4000)            NOT NULL,
    reopened  VARCHAR(1000)
);
CREATE INDEX foreign_record_of_job ON foreign_record (job_id, home, revision);

CREATE TRIGGER job_arrival_is_insert_only BEFORE UPDATE, DELETE ON job_arrival
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER foreign_record_is_insert_only BEFORE UPDATE, DELETE ON foreign_record
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";

-- A table of readings that was brought in: the same file again is told.
CREATE TABLE table_arrival (
    id        UUID PRIMARY KEY,
    job_id    BIGINT                   NOT NULL REFERENCES job,
    sha256    VARCHAR(64)              NOT NULL,
    kept      INTEGER                  NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX table_arrival_of_file ON table_arrival (sha256, job_id);

-- What the columns under a head were taken for, the last time that somebody decided it.
CREATE TABLE columns_chosen (
    id        UUID PRIMARY KEY,
    head      VARCHAR(64)              NOT NULL,
    columns   VARCHAR(4000)            NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX columns_chosen_of_head ON columns_chosen (head, made_at);

CREATE TRIGGER table_arrival_is_insert_only BEFORE UPDATE, DELETE ON table_arrival
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
