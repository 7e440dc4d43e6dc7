ALTER TABLE kitchen ADD COLUMN default_school TEXT;
