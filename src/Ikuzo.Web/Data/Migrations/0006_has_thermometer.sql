ALTER TABLE kitchen ADD COLUMN has_thermometer INTEGER CHECK (has_thermometer IN (0, 1));
