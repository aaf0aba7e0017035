/** Dimensions of one piece as cut, m. Thickness is the smallest. */
export type Cut =
  | { readonly shape: 'stick'; readonly thickness: number; readonly width: number; readonly length: number }
  | { readonly shape: 'slice'; readonly thickness: number; readonly diameter: number }
  | { readonly shape: 'cube'; readonly thickness: number };

/** The name of a shape. */
export type CutShape = Cut['shape'];
