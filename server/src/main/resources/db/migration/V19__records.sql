-- What makes a signer's signature theirs: the hash of a passphrase; the last row of a person stands.
CREATE TABLE signer_passphrase (
    id        UUID PRIMARY KEY,
    person_id BIGINT                   NOT NULL REFERENCES person,
    hash      VARCHAR(100)             NOT NULL,
    set_by    BIGINT                   NOT NULL REFERENCES person,
    set_at    TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX signer_passphrase_of_person ON signer_passphrase (person_id, set_at);

-- A job as it stood when it was signed: canonical JSON (RFC 8785), and its SHA-256. seq: the last line of the job's journal in it.
CREATE TABLE signed_record (
    id       UUID PRIMARY KEY,
    job_id   BIGINT                   NOT NULL REFERENCES job,
    revision INTEGER                  NOT NULL,
    content  CHARACTER LARGE OBJECT   NOT NULL,
    sha256   VARCHAR(64)              NOT NULL UNIQUE,
    seq      BIGINT                   NOT NULL,
    made_at  TIMESTAMP WITH TIME ZONE NOT NULL,
    UNIQUE (job_id, revision)
);

-- Each bears the digest of the one before it in this shop, so that none can be taken out unseen.
CREATE TABLE sign_off (
    id        UUID PRIMARY KEY,
    record_id UUID                     NOT NULL REFERENCES signed_record,
    number    INTEGER                  NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    name      VARCHAR(80)              NOT NULL,
    signed_at TIMESTAMP WITH TIME ZONE NOT NULL,
    follows   VARCHAR(64)              NOT NULL UNIQUE,
    sha256    VARCHAR(64)              NOT NULL UNIQUE,
    UNIQUE (record_id, number),
    UNIQUE (record_id, person_id)
);

-- A signed job that is worked on again; what was signed stays, and the next record names it.
CREATE TABLE reopening (
    id        UUID PRIMARY KEY,
    record_id UUID                     NOT NULL UNIQUE REFERENCES signed_record,
    reason    VARCHAR(400)             NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);

-- Each file that left the shop as the report of a record, by its digest.
CREATE TABLE issued_report (
    id        UUID PRIMARY KEY,
    record_id UUID                     NOT NULL REFERENCES signed_record,
    form      VARCHAR(20)              NOT NULL,
    sha256    VARCHAR(64)              NOT NULL UNIQUE,
    issued_at TIMESTAMP WITH TIME ZONE NOT NULL
);

CREATE TRIGGER signer_passphrase_is_insert_only BEFORE UPDATE, DELETE ON signer_passphrase
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER signed_record_is_insert_only BEFORE UPDATE, DELETE ON signed_record
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER sign_off_is_insert_only BEFORE UPDATE, DELETE ON sign_off
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER reopening_is_insert_only BEFORE UPDATE, DELETE ON reopening
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER issued_report_is_insert_only BEFORE UPDATE, DELETE ON issued_report
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";

-- The mark of the shop, a picture on the head of its reports: PNG in Base64, empty where it was taken away. The last one stands.
CREATE TABLE shop_mark (
    id      UUID PRIMARY KEY,
    picture CHARACTER LARGE OBJECT   NOT NULL,
    set_by  BIGINT                   NOT NULL REFERENCES person,
    set_at  TIMESTAMP WITH TIME ZONE NOT NULL
);
