import { findFood } from '../../core/food/catalogue';
import { EIGHT_IN_TEN, type FryerQuantity } from '../../core/learn/beliefs';
import type { Finding } from '../../core/learn/findings';
import { taughtByText } from './belief-text';
import { percentText, temperatureGapText, type UnitSystem } from './format';
import { COAT_WORDS } from './labels';

/** Browning of one swatch beside the next, ln. Source: the swatches of the outcome. */
const SWATCH = 0.45;

const share = (by: number) => percentText(Math.abs(Math.exp(by) - 1));

/** How far, in the finding's own unit, and how sure. */
function gapText({ about, now }: Finding, units: UnitSystem): { gap: string; sure: string } {
  const reach = EIGHT_IN_TEN * now.deviation;
  if (about.kind === 'fryer' && about.quantity === 'offset') {
    return { gap: temperatureGapText(Math.abs(now.mean), units), sure: `±${temperatureGapText(reach, units)}` };
  }
  if (about.kind === 'taste') {
    const swatches = (by: number) => (Math.abs(by) / SWATCH).toFixed(1);
    return { gap: swatches(now.mean), sure: `±${swatches(reach)}` };
  }
  return { gap: share(now.mean), sure: `±${share(reach)}` };
}

const foodName = (food: string) => findFood(food)?.name ?? food;

function fryerText(quantity: FryerQuantity, gap: string, less: boolean): string {
  switch (quantity) {
    case 'offset':
      return `runs ${gap} ${less ? 'under' : 'over'} its dial`;
    case 'heatTransfer':
      return `carries ${gap} ${less ? 'less' : 'more'} heat with its air`;
    case 'power':
      return `heats ${gap} ${less ? 'less' : 'more'} than its plate says`;
  }
}

function foodText(quantity: 'browning' | 'sugar' | 'softening', gap: string, less: boolean): string {
  switch (quantity) {
    case 'browning':
      return `browns ${gap} ${less ? 'slower' : 'faster'}`;
    case 'sugar':
      return `holds ${gap} ${less ? 'less' : 'more'} sugar than usual`;
    case 'softening':
      return `takes ${gap} ${less ? 'less' : 'longer'} to soften`;
  }
}

/** What was found out, as one plain sentence. */
export function findingText(finding: Finding, units: UnitSystem): string {
  const { about, now } = finding;
  const { gap, sure } = gapText(finding, units);
  const less = now.mean < 0;
  switch (about.kind) {
    case 'fryer':
      return `${about.fryer} ${fryerText(about.quantity, gap, less)} (${sure})`;
    case 'food':
      return `${foodName(about.food)} ${foodText(about.quantity, gap, less)} here (${sure})`;
    case 'coat':
      return `${about.coat === 'batter' ? 'Batter' : `A coat of ${COAT_WORDS[about.coat]}`} browns ${gap} ${less ? 'slower' : 'faster'} here (${sure})`;
    case 'taste':
      return `You like it ${gap} of a swatch ${less ? 'paler' : 'darker'} than most (${sure})`;
  }
}

/** "sure, from 5 batches, all agree". */
export function evidenceText({ sureness, from, tests, agree, differ }: Finding): string {
  const sides =
    differ === 0 ? (agree > 1 ? ', none differs' : '') : `, ${differ} ${differ === 1 ? 'differs' : 'differ'}`;
  return `${sureness}, from ${taughtByText(from.length, tests)}${sides}`;
}

/** What the dotted line of its bar stands for. */
export function labelOf({ about }: Finding): string {
  if (about.kind === 'taste') return 'most';
  if (about.kind === 'food' || about.kind === 'coat') return 'as usual';
  return { offset: 'dial', heatTransfer: 'as usual', power: 'its plate' }[about.quantity];
}
