/** A colour in CIE L*a*b*, D50 white: lightness 0–100, a* and b* about ±60. */
export type LabColour = readonly [lightness: number, a: number, b: number];

/** Colours a food passes through, at ascending degrees of browning (0 raw, 1 golden). */
export type ColourRamp = readonly { readonly browning: number; readonly lab: LabColour }[];

/** Colour of strongly browned and of charred food, whatever it was before. Source: assumed, from the potato ramp. */
const DARK: LabColour = [33, 15, 20];
const CHARRED: LabColour = [14, 5, 6];

function mix(from: number, to: number, share: number): number {
  return from + (to - from) * share;
}

/**
 * The ramp of a food from its raw and its golden colour; pale and brown lie between as they do for potato, whose b* rises
 * before its lightness falls.
 * Source: shape assumed from potato strips, L*a*b* falling from (82, 0, 22) to (66, 14, 46) while frying.
 */
export function rampBetween(raw: LabColour, golden: LabColour): ColourRamp {
  return [
    { browning: 0, lab: raw },
    {
      browning: 0.35,
      lab: [mix(raw[0], golden[0], 0.13), mix(raw[1], golden[1], 0.14), mix(raw[2], golden[2], 0.5)],
    },
    { browning: 1, lab: golden },
    {
      browning: 1.8,
      lab: [mix(golden[0], DARK[0], 0.48), mix(golden[1], DARK[1], 0.5) + 5.5, mix(golden[2], DARK[2], 0.31)],
    },
    { browning: 3, lab: DARK },
    { browning: 6, lab: CHARRED },
  ];
}

/** The colour at a degree of browning, linear in L*a*b* between anchors and held beyond the last. */
export function colourAtBrowning(ramp: ColourRamp, browning: number): LabColour {
  for (let i = 1; i < ramp.length; i++) {
    const above = ramp[i]!;
    if (browning <= above.browning || i === ramp.length - 1) {
      const below = ramp[i - 1]!;
      const share = Math.min(1, Math.max(0, (browning - below.browning) / (above.browning - below.browning)));
      return [
        mix(below.lab[0], above.lab[0], share),
        mix(below.lab[1], above.lab[1], share),
        mix(below.lab[2], above.lab[2], share),
      ];
    }
  }
  return CHARRED;
}

/** Levels tried when a colour is looked up, and the darkest of them. Source: numerics. */
const TRIED = 300;
const DARKEST = 6;

/** The degree of browning whose colour lies nearest (ΔE 1976) to one that was read. Resolution 0.02. */
export function browningOfColour(ramp: ColourRamp, [l, a, b]: LabColour): number {
  let nearest = 0;
  let least = Infinity;
  for (let level = 0; level <= TRIED; level++) {
    const browning = (DARKEST * level) / TRIED;
    const [l1, a1, b1] = colourAtBrowning(ramp, browning);
    const distance = (l - l1) ** 2 + (a - a1) ** 2 + (b - b1) ** 2;
    if (distance < least) {
      least = distance;
      nearest = browning;
    }
  }
  return nearest;
}
