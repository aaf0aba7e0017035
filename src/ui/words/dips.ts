/** A dip with the time it takes, min: hands, then standing until it is good. Made up; standing times assumed. */
export interface Dip {
  readonly name: string;
  readonly hands: number;
  readonly stands: number;
}

/** Things to make ahead. */
export const DIPS: readonly Dip[] = [
  { name: 'Yoghurt with herbs', hands: 5, stands: 30 },
  { name: 'Miso and sesame', hands: 5, stands: 0 },
  { name: 'Roast garlic mayonnaise', hands: 10, stands: 60 },
  { name: 'Smoked paprika ketchup', hands: 10, stands: 20 },
  { name: 'Pickled onion relish', hands: 10, stands: 180 },
];
