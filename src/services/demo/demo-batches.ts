import type { FirstPlanFile } from '@/schemas/plan-file';

/** A batch of the demo month: what was planned, when, in which fryer, and what the cook noted. */
export interface DemoBatch {
  readonly daysAgo: number;
  /** hour of the evening, such as 18.5 */
  readonly hour: number;
  readonly fryer: 'large' | 'small';
  readonly plan: Pick<FirstPlanFile, 'name' | 'food' | 'cut' | 'mass_g' | 'prep' | 'cook' | 'start_temperature_c'> & {
    readonly preheatMinutes: number;
  };
  readonly note: string;
}

type Prep = NonNullable<FirstPlanFile['prep']>;

const stick = (thickness: number, length: number, scatter = 0.07) =>
  ({ shape: 'stick', thickness_mm: thickness, length_mm: length, scatter }) as const;
const slice = (thickness: number, diameter: number) =>
  ({ shape: 'slice', thickness_mm: thickness, diameter_mm: diameter, scatter: 0.03 }) as const;
const cube = (thickness: number) => ({ shape: 'cube', thickness_mm: thickness, scatter: 0.07 }) as const;
const dryOil = (oil: number): Prep => [
  { step: 'dry', method: 'towel' },
  { step: 'oil', mass_g: oil },
];
const soakDryOil = (minutes: number, oil: number): Prep => [{ step: 'soak', water_c: 15, minutes }, ...dryOil(oil)];
const oneStage = (temperature: number, minutes: number, shakes: readonly number[]) => ({
  stages: [{ minutes, temperature_c: temperature }],
  events: shakes.map((minute) => ({ minute, action: 'shake' as const })),
});

/** The batch that the half-done trial began with. */
export const TRIAL_BATCH = 'Potato sticks, trial: soaked';

/** A month of evenings in the board-game flat. Made up; the outcomes are computed, not written here. */
// prettier-ignore
export const DEMO_BATCHES: readonly DemoBatch[] = [
  { daysAgo: 29, hour: 18.2, fryer: 'large', plan: { name: 'Celeriac batons', food: 'celeriac', cut: stick(10, 70), mass_g: 400, prep: dryOil(9), cook: oneStage(190, 32, [8, 14, 19]), preheatMinutes: 4 }, note: 'First try for the six of us.' },
  { daysAgo: 27, hour: 19.1, fryer: 'small', plan: { name: 'Carrot sticks', food: 'carrot', cut: stick(9, 60), mass_g: 250, prep: dryOil(6), cook: oneStage(190, 32, [8, 15]), preheatMinutes: 3 }, note: 'Paler than I wanted, gave it longer.' },
  { daysAgo: 26, hour: 18.6, fryer: 'large', plan: { name: 'Smoked tofu cubes', food: 'tofu-smoked', cut: cube(18), mass_g: 300, prep: dryOil(6), cook: oneStage(200, 24, [6, 11]), preheatMinutes: 4 }, note: '' },
  { daysAgo: 22, hour: 18.4, fryer: 'large', plan: { name: 'Kohlrabi chips', food: 'kohlrabi', cut: slice(2, 55), mass_g: 150, prep: dryOil(4), cook: oneStage(150, 34, [8, 14, 20]), preheatMinutes: 0 }, note: 'Thin ones curl up towards the top.' },
  { daysAgo: 20, hour: 19, fryer: 'small', plan: { name: 'Kohlrabi chips', food: 'kohlrabi', cut: slice(2, 55), mass_g: 120, prep: dryOil(3), cook: oneStage(150, 40, [10, 18, 26]), preheatMinutes: 0 }, note: 'Same as last week, but the small one took its time.' },
  { daysAgo: 19, hour: 18.3, fryer: 'large', plan: { name: 'Swede sticks', food: 'swede', cut: stick(11, 60), mass_g: 450, prep: dryOil(10), cook: oneStage(190, 36, [9, 16, 22]), preheatMinutes: 4 }, note: '' },
  { daysAgo: 15, hour: 18.1, fryer: 'large', plan: { name: 'Artichoke crisps', food: 'jerusalem-artichoke', cut: slice(1.5, 35), mass_g: 140, prep: soakDryOil(15, 4), cook: oneStage(150, 28, [6, 11, 15]), preheatMinutes: 0 }, note: 'The minute between golden and dark is short.' },
  { daysAgo: 13, hour: 19.2, fryer: 'small', plan: { name: 'Smoked tofu cubes', food: 'tofu-smoked', cut: cube(18), mass_g: 220, prep: dryOil(5), cook: oneStage(200, 30, [7, 13]), preheatMinutes: 3 }, note: 'Set 200, feels like less.' },
  { daysAgo: 12, hour: 18.5, fryer: 'large', plan: { name: 'Celeriac batons', food: 'celeriac', cut: stick(10, 70), mass_g: 800, prep: dryOil(18), cook: oneStage(190, 45, [10, 17, 24, 31]), preheatMinutes: 4 }, note: 'Too much for one basket. Two batches next time.' },
  { daysAgo: 8, hour: 18.2, fryer: 'large', plan: { name: 'Celeriac batons', food: 'celeriac', cut: stick(8, 70, 0.12), mass_g: 400, prep: dryOil(10), cook: oneStage(190, 28, [7, 12, 16]), preheatMinutes: 4 }, note: 'Cut in a hurry.' },
  { daysAgo: 6, hour: 18.7, fryer: 'small', plan: { name: 'Carrot sticks', food: 'carrot', cut: stick(9, 60), mass_g: 250, prep: dryOil(6), cook: oneStage(200, 32, [8, 14, 19]), preheatMinutes: 5 }, note: 'Ten more on the dial helps.' },
  { daysAgo: 5, hour: 18.1, fryer: 'large', plan: { name: 'Potato sticks, trial: soaked', food: 'potato-floury', cut: stick(10, 70), mass_g: 400, prep: soakDryOil(30, 9), cook: oneStage(195, 32, [7, 12, 17]), preheatMinutes: 4 }, note: 'First half of the trial: soaked. The unsoaked half comes next.' },
  { daysAgo: 3, hour: 18.4, fryer: 'large', plan: { name: 'Beetroot chips', food: 'beetroot', cut: slice(2, 50), mass_g: 150, prep: dryOil(4), cook: oneStage(150, 34, [8, 14, 19]), preheatMinutes: 0 }, note: 'Hard to see the colour, listened for the rustle.' },
  { daysAgo: 1, hour: 18.3, fryer: 'large', plan: { name: 'Firm tofu cubes', food: 'tofu-firm', cut: cube(20), mass_g: 350, prep: dryOil(7), cook: oneStage(200, 28, [7, 12, 17]), preheatMinutes: 4 }, note: '' },
];
