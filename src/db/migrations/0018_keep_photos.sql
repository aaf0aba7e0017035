-- Up Migration
-- Why: a cook remembers a batch by how it looked; the device makes the picture small before it is sent.
CREATE TABLE batch_photos (
  photo_id uuid CONSTRAINT batch_photos_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT batch_photos_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  batch_id uuid NOT NULL CONSTRAINT batch_photos_batch_fk REFERENCES batches ON DELETE CASCADE,
  width integer NOT NULL CONSTRAINT batch_photos_width CHECK (width BETWEEN 1 AND 2000),
  height integer NOT NULL CONSTRAINT batch_photos_height CHECK (height BETWEEN 1 AND 2000),
  image text NOT NULL CONSTRAINT batch_photos_image_length CHECK (char_length(image) BETWEEN 4 AND 160000),
  taken_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
COMMENT ON COLUMN batch_photos.image IS 'JPEG in base64, so that an archive keeps it as it is';
CREATE INDEX batch_photos_of_batch ON batch_photos (kitchen_id, batch_id, taken_at);
ALTER TABLE batch_photos ENABLE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON batch_photos USING (kitchen_id = kitchen_here());
GRANT SELECT, INSERT, UPDATE, DELETE ON batch_photos TO drubek_app;

-- Down Migration
DROP TABLE batch_photos;
