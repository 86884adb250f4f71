-- Of a typed figure the last digits, where they alone were pressed after readings that share its head; null where all of it was.
ALTER TABLE reading ADD COLUMN pressed VARCHAR(8);
