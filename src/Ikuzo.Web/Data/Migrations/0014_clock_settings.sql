-- When the clock of this machine was set, by how much, and what was written last before that.
CREATE TABLE clock_settings (
  id         INTEGER PRIMARY KEY,
  at         TEXT NOT NULL,
  seconds    REAL NOT NULL,
  last_entry INTEGER NOT NULL,
  last_move  INTEGER NOT NULL
) STRICT;

-- What the phone said, where the move was taken at another moment.
ALTER TABLE store_moves ADD COLUMN said_at TEXT;

DROP VIEW store_places;
CREATE VIEW store_places AS
SELECT m.item_id, m.id, m.place, m.at, m.written_at,
  (SELECT total(c.seconds) FROM clock_settings c WHERE c.last_move >= m.id) AS set_since
FROM store_moves m
WHERE m.undoes IS NULL AND NOT EXISTS (SELECT 1 FROM store_moves u WHERE u.undoes = m.id);
