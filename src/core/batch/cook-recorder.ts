import { cookDuration, type Plan } from '../plan/plan';
import { crispnessOf, heartOf, meanGlassyDepth } from '../piece/assess-piece';
import type { BedState } from '../fryer/bed';
import type { CookRecord } from './cook-record';
import { basketWeight, type CookRun } from './cook-run';
import type { PieceGroup } from './piece-group';
import { visibleBrowning } from '../piece/piece-step.kernel';
import type { Resolution } from './resolution';

/** The part of a record by which pieces are judged. */
export type CookArrays = Pick<CookRecord, 'interval' | 'pieces' | 'part' | 'browning' | 'crispness' | 'softness'>;

/** Arrays of a record that have as many values for every sample. */
const PER_SAMPLE = [
  'browning',
  'crispness',
  'softness',
  'place',
  'over',
  'faceUp',
  'inBasket',
  'softening',
  'crustDepth',
  'centreTemperature',
  'moisture',
  'waterLost',
  'weight',
  'airTemperature',
  'power',
] as const;

/** Takes samples of a cook into arrays made once; what was not taken is cut off at the end. */
export function createRecorder(plan: Plan, run: CookRun<PieceGroup>, resolution: Resolution) {
  const samples = Math.floor(cookDuration(plan) / resolution.interval + 1e-9) + 1;
  const count = run.bed.place.length;
  const part = new Uint8Array(count);
  run.groups.forEach((group, index) => part.fill(index, group.first, group.first + group.state.count));
  const record = {
    interval: resolution.interval,
    samples,
    pieces: count,
    part,
    browning: new Float32Array(samples * count * 2),
    crispness: new Float32Array(samples * count),
    softness: new Float32Array(samples * count),
    place: new Uint16Array(samples * count),
    over: new Uint8Array(samples * count),
    faceUp: new Uint8Array(samples * count),
    inBasket: new Uint8Array(samples * count),
    softening: new Float32Array(samples),
    crustDepth: new Float32Array(samples),
    centreTemperature: new Float32Array(samples),
    moisture: new Float32Array(samples),
    waterLost: new Float32Array(samples),
    weight: new Float32Array(samples),
    airTemperature: new Float32Array(samples),
    power: new Float32Array(samples),
  };
  const take = (sample: number) => {
    takePlaces(run.bed, record, sample);
    let joined = 0;
    let water = 0;
    let steamed = 0;
    for (const group of run.groups) {
      takePieces(group, record, sample);
      if (!group.joined) continue;
      addMeans(group, record, sample);
      joined += group.state.count;
      water += group.waterAtStart;
      steamed += group.steamed;
    }
    record.softening[sample] = meanSoftening(run.groups[0]!);
    record.crustDepth[sample]! /= joined;
    record.centreTemperature[sample]! /= joined;
    record.moisture[sample]! /= joined;
    record.waterLost[sample] = steamed / water;
    record.weight[sample] = basketWeight(run);
    record.airTemperature[sample] = run.cavity.temperature;
    const fullPower = plan.fryer.maximumPower * resolution.interval;
    record.power[sample] = sample === 0 ? 0 : run.energySinceSample / fullPower;
    run.energySinceSample = 0;
  };
  return {
    record: record as CookArrays,
    take,
    /** Takes over all samples up to one from a cook that was the same until then; its record as such a recorder made it. */
    takeOver: (from: CookArrays, sample: number) => {
      const before = from as typeof record;
      for (const name of PER_SAMPLE) {
        const values = before[name].subarray(0, (before[name].length / before.samples) * (sample + 1));
        (record[name] as Float32Array).set(values);
      }
    },
    /** @param taken samples, the first included */
    finish: (taken: number): CookRecord => ({
      ...record,
      ...(taken < samples ? cutOff(record, taken) : {}),
      energy: run.cavity.energy,
      prepared: run.groups[0]!.prepared,
      repairs: run.groups.reduce((sum, group) => sum + group.state.repairs, 0),
      unsettled: run.groups.reduce((sum, group) => sum + group.state.unsettled, 0),
    }),
  };
}

/** The arrays of a record up to a sample. */
function cutOff(record: Omit<CookRecord, 'energy' | 'prepared' | 'repairs' | 'unsettled'>, samples: number) {
  const { pieces } = record;
  return {
    samples,
    browning: record.browning.subarray(0, 2 * pieces * samples),
    crispness: record.crispness.subarray(0, pieces * samples),
    softness: record.softness.subarray(0, pieces * samples),
    place: record.place.subarray(0, pieces * samples),
    over: record.over.subarray(0, pieces * samples),
    faceUp: record.faceUp.subarray(0, pieces * samples),
    inBasket: record.inBasket.subarray(0, pieces * samples),
    softening: record.softening.subarray(0, samples),
    crustDepth: record.crustDepth.subarray(0, samples),
    centreTemperature: record.centreTemperature.subarray(0, samples),
    moisture: record.moisture.subarray(0, samples),
    waterLost: record.waterLost.subarray(0, samples),
    weight: record.weight.subarray(0, samples),
    airTemperature: record.airTemperature.subarray(0, samples),
    power: record.power.subarray(0, samples),
  };
}

type Arrays = Pick<CookRecord, 'pieces' | 'browning' | 'crispness' | 'softness'>;
type Means = Pick<CookRecord, 'crustDepth' | 'centreTemperature' | 'moisture'>;

/** Colour, bite and heart of each piece; one that is not in yet has no colour. */
function takePieces({ state, part, first, joined }: PieceGroup, record: Arrays, sample: number): void {
  const at = sample * record.pieces + first;
  if (joined) visibleBrowning(state, record.browning, 2 * at);
  for (let p = 0; p < state.count; p++) {
    record.crispness[at + p] = crispnessOf(state, p, part);
    record.softness[at + p] = heartOf(state, p, part);
  }
}

/** Where the pieces lie, which face looks up and which are still in the basket. */
function takePlaces(
  bed: BedState,
  record: Pick<CookRecord, 'pieces' | 'place' | 'over' | 'faceUp' | 'inBasket'>,
  sample: number,
) {
  const at = sample * record.pieces;
  record.place.set(bed.place, at);
  record.over.set(bed.over, at);
  record.inBasket.set(bed.inBasket, at);
  for (let p = 0; p < record.pieces; p++) record.faceUp[at + p] = 2 * bed.faceUp[p]!;
}

/** Dose at the hearts over that which softens them. */
function meanSoftening({ state, part }: PieceGroup): number {
  const { cells, count, softening } = state;
  let sum = 0;
  for (let p = 0; p < count; p++) sum += softening[p * cells + (cells - 1) / 2]!;
  return sum / count / part.food.softeningDose;
}

/** Adds the pieces of a group to the sums of a sample. */
function addMeans({ state }: PieceGroup, record: Means, sample: number): void {
  const { cells } = state;
  for (let p = 0; p < state.count; p++) {
    let water = 0;
    let solids = 0;
    for (let i = p * cells; i < (p + 1) * cells; i++) {
      water += state.moisture[i]! * state.solids[i]!;
      solids += state.solids[i]!;
    }
    record.crustDepth[sample]! += meanGlassyDepth(state, p);
    record.centreTemperature[sample]! += state.temperature[p * cells + (cells - 1) / 2]!;
    record.moisture[sample]! += water / solids;
  }
}
