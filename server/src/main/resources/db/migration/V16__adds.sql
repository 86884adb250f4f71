-- What goes into a gauge, each with its name and size: rods, collars, nibs. Rods of before stand in rods_pm, without names.
ALTER TABLE gauge ADD COLUMN adds VARCHAR(1000) DEFAULT '' NOT NULL;
