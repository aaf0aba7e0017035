/** The colour wished for; `first` is hardly any, for what is to be frozen or fried again. */
export type TargetColour = 'first' | 'pale' | 'golden' | 'brown';

/** The bite wished for: soft enough to press flat, dried and chewy but not glassy, tender, crisp or very crisp. */
export type TargetCrispness = 'soft' | 'chewy' | 'tender' | 'crisp' | 'very-crisp';

/** How pieces should come out. */
export interface Wish {
  readonly colour: TargetColour;
  readonly crispness: TargetCrispness;
  /** which faces must be so; both unless given */
  readonly faces?: 'both' | 'one' | undefined;
  /** whether all are to come out alike, or some soft and some dark; alike unless given */
  readonly spread?: 'even' | 'mixed' | undefined;
  /** browning that this cook calls the wished colour over that which most do; 1 unless learnt */
  readonly shade?: number | undefined;
  /** the same of the bite */
  readonly firmness?: number | undefined;
}

/** What is wished of most things that go into a hot-air fryer. */
export const GOLDEN_AND_CRISP: Wish = { colour: 'golden', crispness: 'crisp' };

/** Whether a crust is wished for, so that a wait is judged by the bite that is left; else by how warm the pieces still are. */
export function wantsBite({ crispness }: Pick<Wish, 'crispness'>): boolean {
  return crispness === 'crisp' || crispness === 'very-crisp';
}
