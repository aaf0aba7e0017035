import type { DipBath } from '../plan/plan';
import { enterByArea, type InHand } from './in-hand';
import { soakPieces } from './soak';

/** Water of a dip, K. Source: assumed, from the tap. */
const DIP_TEMPERATURE = 288.15;

/** Salt in salted water, kg/kg. Source: assumed, 30 g to the litre. */
const SALT_SHARE = 0.03;

/** What acid water leaves of the browning rate. Source: assumed; amines are bound below pH 5, browning of strips dipped in dilute acid falls by 10–25 %. */
const ACID_BROWNING = 0.85;

/** Dips pieces for some seconds: the water that clings brings what is dissolved in it; garlic weighs nothing here. */
export function dipPieces(hand: InHand, bath: DipBath, duration: number): void {
  soakPieces(hand, DIP_TEMPERATURE, duration);
  if (bath === 'acid') hand.skinBrowning *= ACID_BROWNING;
  if (bath !== 'salted') return;
  const salt = hand.state.film.map((film) => film * SALT_SHARE);
  salt.forEach((own, f) => (hand.state.seasoning[f] = hand.state.seasoning[f]! + own));
  enterByArea(hand, 'seasoning', 'solids', salt, 2);
}
