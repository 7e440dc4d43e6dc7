CREATE TABLE cooks (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  planned    TEXT NOT NULL,
  created_at TEXT NOT NULL,
  ended      INTEGER NOT NULL DEFAULT 0,
  verdict    TEXT NOT NULL DEFAULT 'Unknown',
  simulated  INTEGER NOT NULL DEFAULT 0
) STRICT;

CREATE INDEX cooks_by_time ON cooks (ended, created_at);

CREATE TABLE cook_events (
  id         INTEGER PRIMARY KEY AUTOINCREMENT,
  cook_id    TEXT NOT NULL REFERENCES cooks (id),
  client_id  TEXT NOT NULL,
  kind       TEXT NOT NULL,
  at         TEXT NOT NULL,
  written_at TEXT NOT NULL,
  data       TEXT NOT NULL,
  UNIQUE (cook_id, client_id)
) STRICT;

CREATE TRIGGER cook_events_are_not_changed BEFORE UPDATE ON cook_events
BEGIN SELECT RAISE(ABORT, 'the journal of a cook is only added to'); END;

CREATE TRIGGER cook_events_are_not_removed BEFORE DELETE ON cook_events
BEGIN SELECT RAISE(ABORT, 'the journal of a cook is only added to'); END;

CREATE TABLE cook_temperatures (
  cook_id TEXT NOT NULL REFERENCES cooks (id),
  channel TEXT NOT NULL,
  minutes REAL NOT NULL,
  celsius REAL NOT NULL
) STRICT;

CREATE INDEX cook_temperatures_by_cook ON cook_temperatures (cook_id, channel, minutes);

ALTER TABLE kitchen ADD COLUMN ice_celsius REAL;
ALTER TABLE kitchen ADD COLUMN boiling_celsius REAL;
