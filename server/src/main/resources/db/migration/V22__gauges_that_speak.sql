-- What a gauge with data output sent, whatever becomes of it: a reading under the same id, or set aside.
-- figure: as it is read in, with its unit. offered_to: the screen that listened to this gauge alone. told: what to look at in it.
CREATE TABLE gauge_figure (
    id         UUID PRIMARY KEY,
    gauge_id   BIGINT                   NOT NULL REFERENCES gauge,
    line       VARCHAR(200)             NOT NULL,
    figure     VARCHAR(60)              NOT NULL,
    box_count  BIGINT,
    told       VARCHAR(1000)            NOT NULL,
    is_asked   BOOLEAN                  NOT NULL,
    simulated  BOOLEAN                  NOT NULL,
    offered_to UUID,
    taken_at   TIMESTAMP WITH TIME ZONE NOT NULL,
    came_at    TIMESTAMP WITH TIME ZONE NOT NULL
);
CREATE INDEX gauge_figure_of_gauge ON gauge_figure (gauge_id, came_at);

CREATE TABLE gauge_figure_aside (
    id        UUID PRIMARY KEY,
    figure_id UUID                     NOT NULL UNIQUE REFERENCES gauge_figure,
    reason    VARCHAR(200)             NOT NULL,
    person_id BIGINT                   NOT NULL REFERENCES person,
    made_at   TIMESTAMP WITH TIME ZONE NOT NULL
);

CREATE TRIGGER gauge_figure_is_insert_only BEFORE UPDATE, DELETE ON gauge_figure
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
CREATE TRIGGER gauge_figure_aside_is_insert_only BEFORE UPDATE, DELETE ON gauge_figure_aside
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";

-- Marked when it is made, and never changed: what is measured in it is for practice, and counts nowhere else.
ALTER TABLE job ADD COLUMN practice BOOLEAN DEFAULT FALSE NOT NULL;
