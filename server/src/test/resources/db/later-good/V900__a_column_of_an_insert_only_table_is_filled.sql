-- As any migration must do it that fills a column of what was read: its guard is taken off and put back, here.
ALTER TABLE reading ADD COLUMN mood VARCHAR(10);
DROP TRIGGER reading_is_insert_only;
UPDATE reading SET mood = 'calm';
CREATE TRIGGER reading_is_insert_only BEFORE UPDATE, DELETE ON reading
    FOR EACH ROW CALL "jawread.server.measure.InsertOnly";
