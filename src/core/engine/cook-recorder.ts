import { cookDuration, type Plan } from '../plan/plan';
import { crispnessOf, heartOf, meanGlassyDepth } from './assess-piece';
import type { CookRecord } from './cook-record';
import type { CookRun } from './cook-run';
import { visibleBrowning } from './piece-step.kernel';
import type { Resolution } from './resolution';

/** Takes samples of a cook into arrays made once. */
export function createRecorder(plan: Plan, run: CookRun, resolution: Resolution) {
  const { state } = run;
  const { count, cells } = state;
  const samples = Math.floor(cookDuration(plan) / resolution.interval + 1e-9) + 1;
  const solids = new Float64Array(count);
  for (let p = 0; p < count; p++) {
    for (let i = p * cells; i < (p + 1) * cells; i++) solids[p] = solids[p]! + state.volume[i]!;
  }
  const record = {
    interval: resolution.interval,
    samples,
    pieces: count,
    browning: new Float32Array(samples * count * 2),
    crispness: new Float32Array(samples * count),
    softness: new Float32Array(samples * count),
    crustDepth: new Float32Array(samples),
    centreTemperature: new Float32Array(samples),
    moisture: new Float32Array(samples),
    waterLost: new Float32Array(samples),
    airTemperature: new Float32Array(samples),
    power: new Float32Array(samples),
  };
  const take = (sample: number) => {
    visibleBrowning(state, record.browning, sample * count * 2);
    let crust = 0;
    let centre = 0;
    let moisture = 0;
    for (let p = 0; p < count; p++) {
      const depth = meanGlassyDepth(state, p, plan);
      const middle = p * cells + (cells - 1) / 2;
      record.crispness[sample * count + p] = crispnessOf(state, p, plan);
      record.softness[sample * count + p] = heartOf(state, p, plan);
      crust += depth / count;
      centre += state.temperature[middle]! / count;
      let water = 0;
      for (let i = p * cells; i < (p + 1) * cells; i++) water += state.moisture[i]! * state.volume[i]!;
      moisture += water / solids[p]! / count;
    }
    record.crustDepth[sample] = crust;
    record.centreTemperature[sample] = centre;
    record.moisture[sample] = moisture;
    record.waterLost[sample] = (run.water.start - run.water.left) / plan.mass;
    record.airTemperature[sample] = run.cavity.temperature;
    const fullPower = plan.fryer.maximumPower * resolution.interval;
    record.power[sample] = sample === 0 ? 0 : run.energySinceSample / fullPower;
    run.energySinceSample = 0;
  };
  return {
    take,
    finish: (): CookRecord => ({
      ...record,
      energy: run.cavity.energy,
      sugarLeft: run.sugarLeft,
      repairs: state.repairs,
    }),
  };
}
