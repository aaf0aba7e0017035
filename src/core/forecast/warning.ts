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
  /** the solver hit its pass limit or took steam back this often, of all pieces and steps */
  | { readonly code: 'numerics'; readonly times: number };
