/** Shape of whole produce: the body that a knife meets. */
export interface Produce {
  /** m */
  readonly length: number;
  /** m */
  readonly diameter: number;
  /** a ball or egg, a round bar of even thickness, one that tapers to a point, or a square block */
  readonly body: 'round' | 'bar' | 'tapered' | 'block';
  /** share of the mass that goes with peel, core and ends when it is trimmed; the skin alone is a third of it, assumed */
  readonly trim: number;
}

const mm = (length: number, diameter: number, body: Produce['body'], trim: number): Produce => ({
  length: length / 1000,
  diameter: diameter / 1000,
  body,
  trim,
});

/** Middling produce by food, as sold. Source: assumed from greengrocers' usual sizes; blocks are cut square already. */
const PRODUCE: Readonly<Record<string, Produce>> = {
  'potato-floury': mm(95, 65, 'round', 0.12),
  'potato-waxy': mm(80, 52, 'round', 0.12),
  'sweet-potato': mm(160, 65, 'round', 0.12),
  carrot: mm(180, 32, 'tapered', 0.12),
  parsnip: mm(200, 50, 'tapered', 0.15),
  celeriac: mm(115, 125, 'round', 0.25),
  beetroot: mm(70, 70, 'round', 0.15),
  swede: mm(115, 125, 'round', 0.18),
  turnip: mm(75, 85, 'round', 0.15),
  kohlrabi: mm(75, 85, 'round', 0.25),
  'jerusalem-artichoke': mm(80, 40, 'round', 0.15),
  cassava: mm(260, 65, 'bar', 0.25),
  taro: mm(130, 85, 'round', 0.18),
  yam: mm(230, 95, 'bar', 0.15),
  'plantain-green': mm(230, 45, 'bar', 0.35),
  'plantain-ripe': mm(230, 45, 'bar', 0.35),
  courgette: mm(190, 45, 'bar', 0.06),
  aubergine: mm(190, 80, 'round', 0.08),
  pumpkin: mm(190, 220, 'round', 0.3),
  cauliflower: mm(150, 170, 'round', 0.4),
  broccoli: mm(150, 140, 'round', 0.4),
  'brussels-sprout': mm(33, 30, 'round', 0.12),
  'green-bean': mm(110, 8, 'bar', 0.08),
  asparagus: mm(200, 13, 'bar', 0.25),
  okra: mm(85, 16, 'tapered', 0.12),
  onion: mm(70, 75, 'round', 0.1),
  mushroom: mm(45, 45, 'round', 0.05),
};

/** A block of tofu, cheese or the like, as packed, m. Source: assumed. */
const BLOCK: Produce = { length: 0.1, diameter: 0.055, body: 'block', trim: 0 };

/** The usual whole produce of a food. */
export function produceOf(foodId: string): Produce {
  return PRODUCE[foodId] ?? BLOCK;
}

/** Radius of the body at `along` m from its middle, m. */
export function radiusAt(produce: Produce, along: number): number {
  const half = produce.length / 2;
  const share = Math.min(1, Math.abs(along) / half);
  if (produce.body === 'bar' || produce.body === 'block') return produce.diameter / 2;
  if (produce.body === 'round') return (produce.diameter / 2) * Math.sqrt(Math.max(0, 1 - share * share));
  return (produce.diameter / 2) * (0.65 - (0.35 * along) / half);
}

/** Volume of one, m³: the body of revolution, or the block. */
export function produceVolume({ length, diameter, body }: Produce): number {
  if (body === 'block') return diameter ** 2 * length;
  const cylinder = (Math.PI / 4) * diameter ** 2 * length;
  if (body === 'bar') return cylinder;
  /* tapered: radius from 1.0 to 0.3 of the widest, a frustum; round: an ellipsoid */
  return body === 'round' ? (2 / 3) * cylinder : (cylinder * (1 + 0.3 + 0.09)) / 3;
}
