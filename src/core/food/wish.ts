/** The colour wished for. */
export type TargetColour = 'pale' | 'golden' | 'brown';

/** The bite wished for. */
export type TargetCrispness = 'tender' | 'crisp' | 'very-crisp';

/** How pieces should come out. */
export interface Wish {
  readonly colour: TargetColour;
  readonly crispness: TargetCrispness;
}

/** What is wished of most things that go into a hot-air fryer. */
export const GOLDEN_AND_CRISP: Wish = { colour: 'golden', crispness: 'crisp' };
