ALTER TABLE reading ADD COLUMN mood VARCHAR(10);
UPDATE reading SET mood = 'calm';
