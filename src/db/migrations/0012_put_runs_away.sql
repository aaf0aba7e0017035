-- Up Migration
INSERT INTO batch_event_kinds (kind) VALUES ('put-away');

-- Down Migration
DELETE FROM batch_event_kinds WHERE kind = 'put-away';
