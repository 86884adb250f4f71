-- Form: a third axis that was offered while measuring, taken on one part. The plan stays as it was read against.
ALTER TABLE place ADD COLUMN part_id BIGINT REFERENCES part;
ALTER TABLE place ADD COLUMN added_by BIGINT REFERENCES person;
ALTER TABLE place ADD COLUMN added_at TIMESTAMP WITH TIME ZONE;

-- What is stamped on a part is looked for in every job it was ever in.
CREATE INDEX part_by_mark ON part (mark);
