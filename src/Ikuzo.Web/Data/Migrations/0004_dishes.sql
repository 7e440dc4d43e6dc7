CREATE TABLE dishes (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  document   TEXT NOT NULL,
  created_at TEXT NOT NULL,
  changed_at TEXT NOT NULL,
  removed_at TEXT
) STRICT;

CREATE INDEX dishes_by_name ON dishes (name COLLATE NOCASE) WHERE removed_at IS NULL;
