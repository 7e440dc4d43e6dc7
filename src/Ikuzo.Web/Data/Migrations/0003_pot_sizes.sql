ALTER TABLE pots ADD COLUMN inner_diameter_mm REAL;
ALTER TABLE pots ADD COLUMN usable_height_mm REAL;
ALTER TABLE pots ADD COLUMN rack_mm REAL;
ALTER TABLE pots ADD COLUMN fill_mark_litres REAL;
ALTER TABLE pots ADD COLUMN half_mark_litres REAL;
