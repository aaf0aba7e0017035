-- Up Migration
-- Why: how long a food takes to soften differs by variety and season; whether its inside was still hard tells it.
ALTER TABLE outcomes ADD COLUMN heart text CONSTRAINT outcomes_heart CHECK (heart IN ('hard', 'soft'));
COMMENT ON COLUMN outcomes.heart IS 'how the inside was; null where it was not said, and in older archives';

-- Down Migration
ALTER TABLE outcomes DROP COLUMN heart;
