ALTER TABLE pots ADD COLUMN keeps_warm INTEGER CHECK (keeps_warm IN (0, 1));
ALTER TABLE pots ADD COLUMN keep_warm_celsius REAL;
