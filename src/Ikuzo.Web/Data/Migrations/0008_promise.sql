ALTER TABLE kitchen ADD COLUMN usual_promise TEXT CHECK (usual_promise IN ('sure', 'measured'));
ALTER TABLE kitchen ADD COLUMN most_returns REAL CHECK (most_returns BETWEEN 0.01 AND 0.5);
