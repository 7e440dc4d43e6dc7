CREATE TABLE kitchen (
  id              INTEGER PRIMARY KEY CHECK (id = 1),
  name            TEXT NOT NULL,
  altitude_metres REAL NOT NULL,
  room_celsius    REAL NOT NULL,
  units           TEXT NOT NULL
) STRICT;

INSERT INTO kitchen (id, name, altitude_metres, room_celsius, units) VALUES (1, 'Our kitchen', 0, 21, 'metric');

CREATE TABLE pots (
  id                TEXT PRIMARY KEY,
  name              TEXT NOT NULL,
  capacity_litres   REAL NOT NULL,
  heater_watts      REAL NOT NULL,
  minimum_liquid_ml REAL NOT NULL,
  high_gauge_kpa    REAL NOT NULL,
  low_gauge_kpa     REAL NOT NULL,
  is_default        INTEGER NOT NULL CHECK (is_default IN (0, 1)),
  created_at        TEXT NOT NULL,
  removed_at        TEXT
) STRICT;

INSERT INTO pots (id, name, capacity_litres, heater_watts, minimum_liquid_ml, high_gauge_kpa, low_gauge_kpa, is_default, created_at)
VALUES ('first', 'Our pot', 5.7, 1000, 250, 75, 40, 1, '2026-01-01T00:00:00.0000000+00:00');

CREATE TABLE plans (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL,
  request      TEXT NOT NULL,
  minutes      REAL,
  release_kind TEXT,
  rest_minutes REAL,
  created_at   TEXT NOT NULL,
  removed_at   TEXT
) STRICT;

CREATE INDEX plans_by_date ON plans (created_at DESC) WHERE removed_at IS NULL;
