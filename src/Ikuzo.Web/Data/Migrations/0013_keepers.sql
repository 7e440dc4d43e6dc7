-- A phone that the machine made its keeper may let others in, bring backups back and take everything along.
ALTER TABLE devices ADD COLUMN is_keeper INTEGER NOT NULL DEFAULT 0 CHECK (is_keeper IN (0, 1));
