/** One answer away from what was shown or said, in ln browning and ln crispness. Source: assumed, one swatch. */
export const ANSWER_STEP = 0.45;

/** How the pieces look beside the picture shown. */
export type Look = 'as-shown' | 'paler' | 'darker';

/** How a piece bends or snaps beside what was said. */
export type Bite = 'as-said' | 'softer' | 'crisper';

/** One thing a cook, a scale or a probe told during the run; `time` s after loading. */
export type Observation =
  /** `shown` is the typical browning of the picture the cook compared with */
  | { readonly kind: 'look'; readonly time: number; readonly look: Look; readonly shown: number }
  /** the swatch of the ramp that the typical piece matches */
  | { readonly kind: 'swatch'; readonly time: number; readonly browning: number }
  /** `said` is the crispness, over that wished, which the words meant */
  | { readonly kind: 'bite'; readonly time: number; readonly bite: Bite; readonly said: number }
  /** kg of food in the basket, from a scale */
  | { readonly kind: 'weight'; readonly time: number; readonly mass: number }
  /** the same as a share of what was put in, as events told it before */
  | { readonly kind: 'weight-left'; readonly time: number; readonly share: number }
  /** share of all pieces that the cook took out as right */
  | { readonly kind: 'pulled'; readonly time: number; readonly share: number }
  /** K of the fryer's air, from a sensor */
  | { readonly kind: 'air'; readonly time: number; readonly temperature: number };
