-- Up Migration
-- Why: a row and its parent are in the same kitchen, whatever an archive says: five keys since 0014 named the parent alone. Rows
-- that crossed from one kitchen into another were never read by anybody; they go.
DELETE FROM fryer_tests AS own WHERE NOT EXISTS (
  SELECT FROM fryers AS parent WHERE (parent.kitchen_id, parent.fryer_id) = (own.kitchen_id, own.fryer_id));
DELETE FROM trials AS own WHERE NOT EXISTS (
  SELECT FROM fryers AS parent WHERE (parent.kitchen_id, parent.fryer_id) = (own.kitchen_id, own.fryer_id));
DELETE FROM trial_tastings AS own WHERE NOT EXISTS (
  SELECT FROM trial_pairs AS parent
  WHERE (parent.kitchen_id, parent.trial_id, parent.pair) = (own.kitchen_id, own.trial_id, own.pair));
DELETE FROM evening_batches AS own WHERE NOT EXISTS (
  SELECT FROM batches AS parent WHERE (parent.kitchen_id, parent.batch_id) = (own.kitchen_id, own.batch_id));
DELETE FROM batch_photos AS own WHERE NOT EXISTS (
  SELECT FROM batches AS parent WHERE (parent.kitchen_id, parent.batch_id) = (own.kitchen_id, own.batch_id));

ALTER TABLE trial_pairs ADD CONSTRAINT trial_pairs_in_kitchen UNIQUE (kitchen_id, trial_id, pair);
ALTER TABLE fryer_tests DROP CONSTRAINT fryer_tests_fryer_fk, ADD CONSTRAINT fryer_tests_fryer_fk
  FOREIGN KEY (kitchen_id, fryer_id) REFERENCES fryers (kitchen_id, fryer_id) ON DELETE CASCADE;
ALTER TABLE trials DROP CONSTRAINT trials_fryer_fk, ADD CONSTRAINT trials_fryer_fk
  FOREIGN KEY (kitchen_id, fryer_id) REFERENCES fryers (kitchen_id, fryer_id) ON DELETE CASCADE;
ALTER TABLE trial_tastings DROP CONSTRAINT trial_tastings_pair_fk, ADD CONSTRAINT trial_tastings_pair_fk
  FOREIGN KEY (kitchen_id, trial_id, pair) REFERENCES trial_pairs (kitchen_id, trial_id, pair) ON DELETE CASCADE;
ALTER TABLE evening_batches DROP CONSTRAINT evening_batches_batch_fk, ADD CONSTRAINT evening_batches_batch_fk
  FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE;
ALTER TABLE batch_photos DROP CONSTRAINT batch_photos_batch_fk, ADD CONSTRAINT batch_photos_batch_fk
  FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE;

-- Down Migration
ALTER TABLE batch_photos DROP CONSTRAINT batch_photos_batch_fk, ADD CONSTRAINT batch_photos_batch_fk
  FOREIGN KEY (batch_id) REFERENCES batches ON DELETE CASCADE;
ALTER TABLE evening_batches DROP CONSTRAINT evening_batches_batch_fk, ADD CONSTRAINT evening_batches_batch_fk
  FOREIGN KEY (batch_id) REFERENCES batches ON DELETE CASCADE;
ALTER TABLE trial_tastings DROP CONSTRAINT trial_tastings_pair_fk, ADD CONSTRAINT trial_tastings_pair_fk
  FOREIGN KEY (trial_id, pair) REFERENCES trial_pairs (trial_id, pair) ON DELETE CASCADE;
ALTER TABLE trials DROP CONSTRAINT trials_fryer_fk, ADD CONSTRAINT trials_fryer_fk
  FOREIGN KEY (fryer_id) REFERENCES fryers ON DELETE CASCADE;
ALTER TABLE fryer_tests DROP CONSTRAINT fryer_tests_fryer_fk, ADD CONSTRAINT fryer_tests_fryer_fk
  FOREIGN KEY (fryer_id) REFERENCES fryers ON DELETE CASCADE;
ALTER TABLE trial_pairs DROP CONSTRAINT trial_pairs_in_kitchen;
