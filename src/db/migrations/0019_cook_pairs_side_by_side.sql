-- Up Migration
-- Why: a fryer with two drawers cooks both ways at once; which of them lies in which drawer is drawn then, instead of the order.
ALTER TABLE trial_pairs ADD COLUMN side_by_side boolean;
COMMENT ON COLUMN trial_pairs.side_by_side IS 'both at once, a drawer each: what would go in first lies in drawer 1; null, as in older archives, is no';

-- Down Migration
ALTER TABLE trial_pairs DROP COLUMN side_by_side;
