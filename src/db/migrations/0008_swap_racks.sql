-- Up Migration
-- Racks that change places are told as an event of their own.
INSERT INTO batch_event_kinds (kind) VALUES ('swapped');
