ALTER TABLE cooks ADD COLUMN removed_at TEXT;
ALTER TABLE cooks ADD COLUMN left_out INTEGER NOT NULL DEFAULT 0 CHECK (left_out IN (0, 1));
-- 1 until the line of the book says what the journal says.
ALTER TABLE cooks ADD COLUMN to_book INTEGER NOT NULL DEFAULT 1 CHECK (to_book IN (0, 1));

CREATE INDEX cooks_to_book ON cooks (id) WHERE to_book = 1 AND ended = 1 AND simulated = 0;

-- Read from plans and journals; may be made anew at any time.
CREATE TABLE book (
  id             INTEGER PRIMARY KEY,
  cook_id        TEXT NOT NULL UNIQUE REFERENCES cooks (id),
  name           TEXT NOT NULL,
  cooked_at      TEXT NOT NULL,
  cut            TEXT NOT NULL,
  pieces         INTEGER NOT NULL,
  total_kg       REAL NOT NULL,
  state          TEXT NOT NULL,
  minutes        REAL NOT NULL,
  release_kind   TEXT,
  rest_minutes   REAL,
  lowest_celsius REAL,
  verdict        TEXT NOT NULL,
  next_time      TEXT NOT NULL,
  juicy          INTEGER,
  tender         INTEGER,
  words          TEXT NOT NULL,
  hidden         INTEGER NOT NULL, -- 1 while its cook is removed
  left_out       INTEGER NOT NULL
) STRICT;

CREATE INDEX book_by_time ON book (cooked_at DESC, id DESC) WHERE hidden = 0;
CREATE INDEX book_by_cut ON book (cut, cooked_at DESC, id DESC) WHERE hidden = 0;

CREATE VIRTUAL TABLE book_words USING fts5 (
  words, content = 'book', content_rowid = 'id', tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3'
);

CREATE TRIGGER book_is_searched_after_insert AFTER INSERT ON book
BEGIN INSERT INTO book_words (rowid, words) VALUES (new.id, new.words); END;

CREATE TRIGGER book_is_searched_after_delete AFTER DELETE ON book
BEGIN INSERT INTO book_words (book_words, rowid, words) VALUES ('delete', old.id, old.words); END;

CREATE TRIGGER book_is_searched_after_update AFTER UPDATE ON book
BEGIN
  INSERT INTO book_words (book_words, rowid, words) VALUES ('delete', old.id, old.words);
  INSERT INTO book_words (rowid, words) VALUES (new.id, new.words);
END;

CREATE TABLE lessons (
  cook_id TEXT PRIMARY KEY REFERENCES cooks (id),
  version INTEGER NOT NULL,
  at      TEXT NOT NULL,
  lesson  TEXT NOT NULL
) STRICT;

CREATE TABLE forgotten (
  id     INTEGER PRIMARY KEY,
  pot_id TEXT,
  cut    TEXT,
  at     TEXT NOT NULL
) STRICT;

CREATE TABLE store_items (
  id         TEXT PRIMARY KEY,
  client_id  TEXT NOT NULL UNIQUE,
  document   TEXT NOT NULL,
  cook_id    TEXT REFERENCES cooks (id),
  created_at TEXT NOT NULL
) STRICT;

CREATE TABLE store_moves (
  id         INTEGER PRIMARY KEY AUTOINCREMENT,
  item_id    TEXT NOT NULL REFERENCES store_items (id),
  client_id  TEXT NOT NULL,
  place      TEXT,
  at         TEXT NOT NULL,
  written_at TEXT NOT NULL,
  undoes     INTEGER REFERENCES store_moves (id),
  cook_id    TEXT REFERENCES cooks (id),
  UNIQUE (item_id, client_id)
) STRICT;

CREATE TRIGGER store_moves_are_not_changed BEFORE UPDATE ON store_moves
BEGIN SELECT RAISE(ABORT, 'moves are only added to'); END;

CREATE TRIGGER store_moves_are_not_removed BEFORE DELETE ON store_moves
BEGIN SELECT RAISE(ABORT, 'moves are only added to'); END;

CREATE VIEW store_places AS
SELECT m.item_id, m.id, m.place, m.at FROM store_moves m
WHERE m.undoes IS NULL AND NOT EXISTS (SELECT 1 FROM store_moves u WHERE u.undoes = m.id);

ALTER TABLE kitchen ADD COLUMN raw_days REAL CHECK (raw_days BETWEEN 0.5 AND 2);
ALTER TABLE kitchen ADD COLUMN cooked_days REAL CHECK (cooked_days BETWEEN 1 AND 4);
