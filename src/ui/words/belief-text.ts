import { type Belief, EIGHT_IN_TEN, type FryerQuantity } from '../../core/learn/beliefs';
import { percentText, temperatureGapText, type UnitSystem } from './format';

/** Nearer to the label than this, K or ln, is called the same. Source: assumed; below what a cook would turn a dial by. */
const SAME: Record<FryerQuantity, number> = { offset: 2, heatTransfer: 0.03, power: 0.02 };

/** Whether a belief is far enough from the label, and sure enough of its side, to be said. */
export function isApart({ mean, deviation }: Belief, quantity: FryerQuantity): boolean {
  return Math.abs(mean) >= SAME[quantity] && Math.abs(mean) > deviation * 0.8;
}

/** "Runs 12 °C under its dial", or that it runs as its dial says. */
export function dialText(offset: Belief, units: UnitSystem): string {
  if (!isApart(offset, 'offset')) return 'Runs as its dial says';
  return `Runs ${temperatureGapText(Math.abs(offset.mean), units)} ${offset.mean < 0 ? 'under' : 'over'} its dial`;
}

/** "±4 °C": within this eight times in ten. */
export function sureText({ deviation }: Belief, units: UnitSystem): string {
  return `±${temperatureGapText(EIGHT_IN_TEN * deviation, units)}`;
}

/** A quantity beside its label, and how sure that is. */
export function againstLabel(
  quantity: FryerQuantity,
  belief: Belief,
  powerW: number,
  units: UnitSystem,
): { readonly what: string; readonly sure: string } {
  const share = (by: number) => percentText(Math.abs(Math.exp(by) - 1));
  const reach = EIGHT_IN_TEN * belief.deviation;
  switch (quantity) {
    case 'offset': {
      const gap = temperatureGapText(Math.abs(belief.mean), units);
      const what = isApart(belief, quantity) ? `${gap} ${belief.mean < 0 ? 'under' : 'over'}` : 'as the dial says';
      return { what, sure: sureText(belief, units) };
    }
    case 'heatTransfer': {
      const what = isApart(belief, quantity)
        ? `${share(belief.mean)} ${belief.mean < 0 ? 'less' : 'more'}`
        : 'as usual';
      return { what, sure: `±${share(reach)}` };
    }
    case 'power': {
      const kilowatts = (watts: number) => (watts / 1000).toFixed(2);
      return { what: `${kilowatts(powerW * Math.exp(belief.mean))} kW`, sure: `±${kilowatts(powerW * reach)}` };
    }
  }
}

/** "14 °C under", as one batch says it; null where it says too little to be quoted. */
export function saysText(says: Belief, units: UnitSystem): string | null {
  if (Math.abs(says.mean) < SAME.offset || Math.abs(says.mean) < says.deviation * 0.4) return null;
  return `${temperatureGapText(Math.abs(says.mean), units)} ${says.mean < 0 ? 'under' : 'over'}`;
}

/** "4 batches and a test": what something is known from. */
export function taughtByText(batches: number, tests: number): string {
  const counted = (count: number, one: string, many: string) => (count === 1 ? `one ${one}` : `${count} ${many}`);
  const parts = [
    ...(batches > 0 || tests === 0 ? [counted(batches, 'batch', 'batches')] : []),
    ...(tests > 0 ? [counted(tests, 'test', 'tests')] : []),
  ];
  return parts.join(' and ');
}
