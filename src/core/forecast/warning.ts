import type { OilKind } from '../food/oil-kind';

/** What a forecast warns of; the words are made in the interface. */
export type Warning =
  | { readonly code: 'power-limited'; readonly minutesAtFullPower: number; readonly airBelowDial: number }
  | { readonly code: 'too-full'; readonly layers: number }
  | { readonly code: 'will-not-crisp' }
  | { readonly code: 'not-done-in-time'; readonly medianBrowning: number }
  | { readonly code: 'window-narrow'; readonly width: number }
  | { readonly code: 'cut-uneven'; readonly peakShare: number }
  | { readonly code: 'never-together'; readonly peakShare: number }
  | { readonly code: 'dries-before-browning'; readonly moisture: number }
  | { readonly code: 'browns-before-cooked'; readonly softness: number }
  | { readonly code: 'breaks'; readonly share: number }
  | { readonly code: 'smoke'; readonly drippingG: number }
  | { readonly code: 'acrylamide-high' }
  | { readonly code: 'never-turned' }
  /** water on the pieces as they go in, g/m² */
  | { readonly code: 'wet-pieces'; readonly filmGM2: number }
  /** a coat or starch without oil */
  | { readonly code: 'dry-coat' }
  | { readonly code: 'too-much-oil'; readonly drippingG: number }
  | { readonly code: 'over-boiled'; readonly softness: number }
  /** the drawer is out for this share of the time to the pull */
  | { readonly code: 'peeking'; readonly share: number }
  /** the paper lies free under the fan where no food holds it down; share of the floor that is covered */
  | { readonly code: 'liner-loose'; readonly covered: number }
  /** thin slices lie on one another and are not moved soon */
  | { readonly code: 'slices-stick' }
  /** the dial is above what this oil bears, K */
  | { readonly code: 'oil-smokes'; readonly kind: OilKind; readonly from: number }
  | { readonly code: 'no-binder'; /** share of the pieces that likely fall apart */ readonly falling: number }
  | { readonly code: 'sweet-burns'; readonly hottest: number }
  | { readonly code: 'marinade-warm'; readonly minutes: number }
  /** s out of the fridge, over all loads */
  | { readonly code: 'two-hours'; readonly time: number }
  /** the solver hit its pass limit or took steam back this often, of all pieces and steps */
  | { readonly code: 'numerics'; readonly times: number };
