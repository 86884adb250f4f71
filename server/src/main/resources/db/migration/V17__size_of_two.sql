-- A size that is made of two or three figures, each read with a gauge of its own: how (equal, holes, pins, zeros, difference, sum,
-- half-difference), and its figures in the order of the formula. The reading itself holds what they come to, and the gauge of the first.
ALTER TABLE reading ADD COLUMN made_from VARCHAR(20);
CREATE TABLE reading_figure (
    id             UUID PRIMARY KEY,
    reading_id     UUID        NOT NULL REFERENCES reading,
    number         INTEGER     NOT NULL,
    gauge_id       BIGINT      NOT NULL REFERENCES gauge,
    reader_id      BIGINT REFERENCES gauge,
    on_master      BOOLEAN     NOT NULL,
    setting_id     UUID REFERENCES comparator_setting,
    typed          VARCHAR(200) NOT NULL,
    base_pm        BIGINT,
    raw_pm         BIGINT      NOT NULL,
    correction_pm  BIGINT      NOT NULL,
    thermal_pm     BIGINT      NOT NULL,
    resolution_pm  BIGINT      NOT NULL,
    least_count_pm BIGINT      NOT NULL,
    spread_pm      BIGINT      NOT NULL,
    unit           VARCHAR(20) NOT NULL,
    taken_at       TIMESTAMP WITH TIME ZONE NOT NULL,
    UNIQUE (reading_id, number)
);
CREATE INDEX reading_figure_by_gauge ON reading_figure (gauge_id, taken_at);
CREATE INDEX reading_figure_by_reader ON reading_figure (reader_id, taken_at);
CREATE TRIGGER reading_figure_is_insert_only BEFORE UPDATE, DELETE ON reading_figure
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
