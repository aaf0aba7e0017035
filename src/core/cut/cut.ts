/** Dimensions of one piece as cut, m. Thickness is the smallest. */
export type Cut =
  | { readonly shape: 'stick'; readonly thickness: number; readonly width: number; readonly length: number }
  | { readonly shape: 'slice'; readonly thickness: number; readonly diameter: number }
  | { readonly shape: 'cube'; readonly thickness: number }
  /** a segment: thickness across the skin side, width from the skin to the edge */
  | { readonly shape: 'wedge'; readonly thickness: number; readonly width: number; readonly length: number }
  /** a branched head of this diameter */
  | { readonly shape: 'floret'; readonly diameter: number }
  /** beans, spears, baby vegetables, balls where the length is the diameter */
  | { readonly shape: 'cylinder'; readonly diameter: number; readonly length: number }
  /** flattened pieces with a torn rim */
  | { readonly shape: 'disc'; readonly thickness: number; readonly diameter: number }
  /** leaves */
  | { readonly shape: 'sheet'; readonly thickness: number; readonly width: number; readonly length: number }
  /** rolled or scooped pieces with a rough skin */
  | { readonly shape: 'formed'; readonly diameter: number; readonly length: number };

/** The name of a shape. */
export type CutShape = Cut['shape'];
