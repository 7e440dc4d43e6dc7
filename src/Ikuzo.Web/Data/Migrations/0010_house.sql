-- Curves of thermometers a channel at a time: one is written in milliseconds, however long it is.
CREATE TABLE cook_channels (
  cook_id TEXT NOT NULL REFERENCES cooks (id),
  channel TEXT NOT NULL,
  minutes TEXT NOT NULL,
  celsius TEXT NOT NULL,
  PRIMARY KEY (cook_id, channel)
) STRICT;

INSERT INTO cook_channels (cook_id, channel, minutes, celsius)
SELECT cook_id, channel, json_group_array(minutes ORDER BY minutes, rowid), json_group_array(celsius ORDER BY minutes, rowid)
FROM cook_temperatures
GROUP BY cook_id, channel;

DROP TABLE cook_temperatures;

-- Phones and tablets that were let in. Only the fingerprint of what they hold is here.
CREATE TABLE devices (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  is_guest   INTEGER NOT NULL,
  key_hash   TEXT NOT NULL UNIQUE,
  let_in_at  TEXT NOT NULL,
  seen_at    TEXT NOT NULL,
  removed_at TEXT
) STRICT;
