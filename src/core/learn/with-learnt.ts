import type { Wish } from '../food/wish';
import type { Fryer } from '../plan/fryer';
import type { BatchPart, Plan } from '../plan/plan';
import type { Learnt } from './learnt';

/** Least and most that a learnt bite asks for over that usually wished. Source: numerics; a chip that is glass throughout has 1.18 of it. */
const FIRMNESS = { least: 0.6, most: 1.1 } as const;

/** A wish as this cook means it. The first colour is none of taste: it is to be cooked on. */
function withTaste(wish: Wish, { shade, firmness }: Learnt): Wish {
  return {
    ...wish,
    shade: wish.colour === 'first' ? 1 : shade,
    firmness: Math.min(FIRMNESS.most, Math.max(FIRMNESS.least, firmness)),
  };
}

/** What of it is the fryer's. */
export type LearntFryer = Pick<Learnt, 'offset' | 'heatTransfer' | 'power' | 'places'>;

/** A fryer as the kitchen knows it. */
function fryerAsKnown(fryer: Fryer, { offset, heatTransfer, power, places }: LearntFryer): Fryer {
  return {
    ...fryer,
    heatTransferCoefficient: fryer.heatTransferCoefficient * heatTransfer,
    thermostatOffset: fryer.thermostatOffset + offset,
    maximumPower: fryer.maximumPower * power,
    ...(places ? { places } : {}),
  };
}

/** The plan as the kitchen knows it: its fryer, its food, its taste, and how far each may still be off. @param drawers what is known of each drawer, where there are two */
export function withLearnt(plan: Plan, learnt: Learnt, drawers?: readonly LearntFryer[]): Plan {
  const asKnown = <Part extends BatchPart>(part: Part): Part => ({
    ...part,
    target: withTaste(part.target, learnt),
    ...(part.food.id === plan.food.id
      ? {
          food: { ...part.food, softeningDose: part.food.softeningDose * learnt.softening },
          reducingSugar: part.reducingSugar * learnt.sugar,
        }
      : {}),
  });
  return {
    ...asKnown(plan),
    events: plan.events.map((event) => (event.part ? { ...event, part: asKnown(event.part) } : event)),
    browningScale: plan.browningScale * learnt.browning,
    spread: learnt.spread,
    fryer: fryerAsKnown(plan.fryer, learnt),
    ...(drawers ? { drawers: drawers.map((own) => fryerAsKnown(plan.fryer, own)) } : {}),
  };
}
