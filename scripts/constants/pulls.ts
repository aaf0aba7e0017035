/* The moments to pull of five plans, min, as JSON: run by write-constants on a copy of the core with one constant moved. */
import { forecastPlan } from '../../src/core/forecast/forecast';
import { planFileSchema } from '../../src/schemas/plan-file';
import { planFromFile } from '../../src/schemas/plan-from-file';
import { ORDINARY_BATCHES } from '../../tests/reference/ordinary-batches';
import { FIVE_PLANS } from './five-plans';

const pulls = FIVE_PLANS.map((id) => {
  const { plan } = ORDINARY_BATCHES.find((one) => one.id === id)!;
  const { pull } = forecastPlan(planFromFile(planFileSchema.parse(plan)));
  if (!Number.isFinite(pull.time)) throw new Error(`${id} has no moment to pull`);
  return pull.time / 60;
});
process.stdout.write(JSON.stringify(pulls));
