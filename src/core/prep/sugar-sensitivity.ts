import type { BatchPart, PreparationStep } from '../plan/plan';
import { preparedPiece } from './just-holds';

/** Step of the difference, ln of the raw sugar. Source: numerics. */
const STEP = 0.1;

/** Boiling water, K. */
const BOILING = 373.15;

/** What of a step bears on the sugar of what browns; boiling as a soak in hot water, which costs the same however long it is. */
function aboutSugar(step: PreparationStep): PreparationStep[] {
  switch (step.step) {
    case 'parcook': {
      const { method, duration, waterTemperature } = step;
      if (method !== 'boil' && method !== 'hot-soak') return [];
      return [{ step: 'soak', duration, waterTemperature: method === 'boil' ? BOILING : waterTemperature }];
    }
    case 'rinse':
    case 'soak':
    case 'starch':
    case 'bind':
    case 'dredge':
    case 'batter':
    case 'coat':
    case 'press-flat':
    case 'cut':
      return [step];
    default:
      return [];
  }
}

/**
 * How much faster a part browns for more sugar in its produce, d ln browning by d ln sugar, 0–1: half for bare potatoes, a tenth for
 * carrots, which have enough of it, more once a soak has taken it, none where a coat browns. Cost: two preparations of one piece,
 * by their water and coats alone; under a millisecond a step, whatever its length.
 */
export function sugarSensitivity(part: BatchPart): number {
  const bare = { ...part, preparation: part.preparation.flatMap(aboutSugar) };
  const sweeter = { ...bare, reducingSugar: bare.reducingSugar * Math.exp(STEP) };
  const [here, there] = [bare, sweeter].map((one) => preparedPiece(one).state.browningFactor);
  return here!.reduce((sum, factor, f) => sum + Math.log(there![f]! / factor), 0) / (here!.length * STEP);
}
