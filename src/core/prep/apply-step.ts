import { coatLaid } from '../plan/coat-laid';
import type { PreparationStep } from '../plan/plan';
import { bindPieces } from './bind';
import { chillPieces, coolPieces, freezePieces } from './air-pieces';
import { coatWith } from './coat-pieces';
import { dipPieces } from './dip';
import { dryPieces } from './dry-pieces';
import { type InHand, enterByArea, setFilm, takeSolids, tissueCell } from './in-hand';
import { oilPieces } from './oiling';
import { parcookPieces } from './parcook';
import { dustPieces } from './powder';
import { pressedShare, takeWater, THAWED_SHARE } from './press';
import { cutPieces, pressFlat } from './reshape';
import { seasonPieces } from './season';
import { soakPieces } from './soak';
import { washStarch } from './water-bath';
import { FILM_AFTER, MARINADE_FILM } from './water-film';

/** Water of a brine, K. Source: assumed, from the tap and kept in the fridge. */
const BRINE_TEMPERATURE = 283.15;

/** Share of the surface sugar that one change of rinsing water takes. Source: assumed, cut cells only. */
const RINSED_PER_CHANGE = 0.03;

/** What sugar and soy of a marinade add to browning in the end, and how fast they go in, s. Source: assumed. */
const MARINATED_BROWNING = 0.35;
const MARINADE_TIME = 1200;

/** Does one step of a preparation to the pieces in hand; what goes through the fryer is not its business. */
export function applyStep(hand: InHand, step: Exclude<PreparationStep, { step: 'cook' }>): void {
  switch (step.step) {
    case 'rinse':
      return rinse(hand, step.changes);
    case 'soak':
      return soakPieces(hand, step.waterTemperature, step.duration);
    case 'brine':
      return soakPieces(hand, BRINE_TEMPERATURE, step.duration);
    case 'parcook':
      return parcookPieces(hand, step);
    case 'press':
      return takeWater(hand, pressedShare(step.duration));
    case 'freeze-thaw':
      return takeWater(hand, THAWED_SHARE);
    case 'marinate':
      setFilm(hand, MARINADE_FILM, 'marinade');
      hand.skinBrowning *= 1 + MARINATED_BROWNING * (1 - Math.exp(-step.duration / MARINADE_TIME));
      return;
    case 'dry':
      return dryPieces(hand, step.method, step.duration);
    case 'oil':
      return oilPieces(hand, step.mass, step.method);
    case 'starch':
      return dustPieces(hand, step.mass);
    case 'dredge':
    case 'batter':
    case 'coat': {
      const coat = coatLaid(step, hand.surface);
      return coat ? coatWith(hand, coat.recipe, coat.solids) : undefined;
    }
    case 'season':
      return seasonPieces(hand, step);
    case 'bind':
      return bindPieces(hand, step.binder, step.mass);
    case 'dip':
      return dipPieces(hand, step.bath, step.duration);
    case 'cool':
      return coolPieces(hand, step.duration);
    case 'chill':
      return chillPieces(hand, step.duration);
    case 'freeze':
      return freezePieces(hand, step.duration);
    case 'press-flat':
      return pressFlat(hand, step.thickness);
    case 'cut':
      return cutPieces(hand, step.cut, step.scatter);
  }
}

/** Rinses until `changes` waters have been poured off: loose starch and a little sugar go, a drained film stays. */
function rinse(hand: InHand, changes: number): void {
  const { state } = hand;
  const share = 1 - (1 - RINSED_PER_CHANGE) ** changes;
  washStarch(hand, changes);
  const lost = new Float64Array(2 * state.count);
  for (let f = 0; f < lost.length; f++) {
    const at = tissueCell(state, f, 0);
    lost[f] = -state.sugar[at]! * share;
    state.sugar[at] = state.sugar[at]! + lost[f]!;
    takeSolids(state, at, -lost[f]!);
  }
  enterByArea(hand, 'sugar-washed-off', 'solids', lost, 2);
  setFilm(hand, FILM_AFTER.drain, 'water-clinging');
}
