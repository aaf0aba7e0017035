/** What stands in the README of an archive. */
export const ARCHIVE_README = `A kitchen of Drubek, taken out whole.

kitchen.json      format, version, name, units; stands last; checksum: SHA-256 over all rows with ids left out
fryers.jsonl      one fryer a line: W, cm2, mm, offset of the thermostat in K
cutters.jsonl     cutter settings, measured: mm, scatter as a share
plans.jsonl       plans as they are now; "document" is a plan file (format drubek.plan)
plan_versions.jsonl  what plans were before
batches.jsonl     batches: the plan as it was then, and what was forecast, in minutes
batch_events.jsonl   what happened, in order: kind, detail, when by the device's clock
fryer_tests.jsonl    what was read in tests of a fryer, and what that says of it: information and vector of a normal likelihood
outcomes.jsonl    what was said of each batch; browning 1 is golden; fingerprint: browning of the pieces, palest first
batch_photos.jsonl   photos of batches, JPEG in base64
evenings.jsonl    dishes brought to the table at one time, as evening files; evening_events.jsonl what was told of them,
                  evening_batches.jsonl which load of which evening a batch was
trials.jsonl      two ways of one thing, cooked on one lot; trial_pairs.jsonl which bowl held which, trial_tastings.jsonl what was said
log.csv           the log once more, for a spreadsheet
plans/            every plan as a plan file of its own

Each .jsonl file holds one JSON object a line, in UTF-8; moments are ISO 8601 with their zone. Take it in again under
Kitchen -> Take in an archive, on this server or another; taken in twice it doubles nothing.
`;
