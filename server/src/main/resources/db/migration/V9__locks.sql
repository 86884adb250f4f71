-- Rows to be locked by whoever changes what has no single row of its own: the settings and people, and the drawer.
CREATE TABLE shop_lock (
    name VARCHAR(20) PRIMARY KEY
);
INSERT INTO shop_lock (name) VALUES ('settings'), ('drawer');
