/* npm run table: every ordinary batch of tests/reference against the minutes that cooks say. */
import { forecastPlan } from '../src/core/forecast/forecast';
import { planFileSchema } from '../src/schemas/plan-file';
import { planFromFile } from '../src/schemas/plan-from-file';
import { ORDINARY_BATCHES } from '../tests/reference/ordinary-batches';

let inside = 0;
/* as the screen says it, to the half minute */
let shown = 0;
let far = 0;
for (const { id, plan, minutes } of ORDINARY_BATCHES) {
  const forecast = forecastPlan(planFromFile(planFileSchema.parse(plan)));
  const pull = (forecast.inTime ? forecast.pull.time : Infinity) / 60;
  const off = pull < minutes[0] ? pull / minutes[0] - 1 : pull > minutes[1] ? pull / minutes[1] - 1 : 0;
  if (off === 0) inside++;
  const said = Math.round(pull * 2) / 2;
  if (said >= minutes[0] && said <= minutes[1]) shown++;
  if (Math.abs(off) > 0.25) far++;
  const s = Math.min(forecast.record.samples - 1, Math.round((pull * 60) / forecast.record.interval));
  console.log(
    `${id.padEnd(42)} ${pull.toFixed(1).padStart(5)}  ${minutes[0]}–${minutes[1]}  ${off === 0 ? '' : `${off > 0 ? '+' : '−'}${Math.abs(off * 100).toFixed(0)} %`.padStart(6)}  best ${forecast.peak.share.toFixed(2)} X ${forecast.record.moisture[s]?.toFixed(2)} crust ${(forecast.record.crustDepth[s]! * 1e3).toFixed(2)}`,
  );
}
console.log(
  `${inside} of ${ORDINARY_BATCHES.length} inside (${shown} as the screen says it, to the half minute), ${far} off by more than a quarter`,
);
