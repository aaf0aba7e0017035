import type { Wish } from '../food/wish';
import type { Plan } from '../plan/plan';
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

/** The plan as the kitchen knows it: its fryer, its food, its taste, and how far each may still be off. */
export function withLearnt(plan: Plan, learnt: Learnt): Plan {
  const { fryer } = plan;
  return {
    ...plan,
    target: withTaste(plan.target, learnt),
    events: plan.events.map((event) =>
      event.part ? { ...event, part: { ...event.part, target: withTaste(event.part.target, learnt) } } : event,
    ),
    browningScale: plan.browningScale * learnt.browning,
    spread: learnt.spread,
    fryer: {
      ...fryer,
      heatTransferCoefficient: fryer.heatTransferCoefficient * learnt.heatTransfer,
      thermostatOffset: fryer.thermostatOffset + learnt.offset,
      maximumPower: fryer.maximumPower * learnt.power,
    },
  };
}
