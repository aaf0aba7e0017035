import { randomLcg } from 'd3';
import type { Cut } from '../../core/cut/cut';

/** What a mark is drawn with: a colour of its own, or that of the food by how much browner than the piece it is, a paler one below none. */
export type Ink = string | number;

/** One shape of a drawn piece, its path in mm about the middle; those that come later lie over it. */
export interface Mark {
  readonly path: string;
  readonly fill?: Ink;
  readonly stroke?: Ink;
  /** mm */
  readonly strokeWidth?: number;
  readonly opacity?: number;
}

/** How much browner edges and shaded sides look than the flat, and how much paler what catches the light. Source: chosen by looking. */
const FLAT = 0;
const EDGE = 0.55;
const SHADE = 0.95;
const LIGHT = -0.45;

/** What a piece darkens beneath it. */
const SHADOW = '#1b1e22';

/** Specks of a crumb or batter coat on a piece, and how far apart their brownings lie. Source: chosen by looking. */
const SPECKS = 26;
const SPECKLED = 1.7;

/** Whether no two pieces of this cut are drawn alike; where they are, the marks of one do for all. */
export function isEachItsOwn(cut: Cut, coated: boolean): boolean {
  return (
    cut.shape === 'slice' ||
    cut.shape === 'disc' ||
    cut.shape === 'floret' ||
    cut.shape === 'sheet' ||
    (coated && cut.shape !== 'wedge')
  );
}

/** The marks of one piece seen from above, in mm about its middle; `twist` 0–1 varies it. */
export function pieceMarks(cut: Cut, coated: boolean, twist: number): Mark[] {
  const mm = (metres: number) => metres * 1000;
  const speckles = (long: number, wide: number) => (coated ? specks(long, wide, twist) : []);
  switch (cut.shape) {
    case 'stick':
      return [
        ...bar(mm(cut.length), mm(cut.width), mm(cut.thickness), 1.2),
        ...speckles(mm(cut.length) * 0.9, mm(cut.width) * 0.8),
      ];
    case 'cube': {
      const side = mm(cut.thickness);
      return [...bar(side, side, side * 0.5, 1.6), ...speckles(side * 0.8, side * 0.8)];
    }
    case 'wedge':
      return wedge(mm(cut.length), mm(cut.thickness));
    case 'slice':
    case 'disc': {
      const radius = mm(cut.diameter) / 2;
      return [...round(radius, mm(cut.thickness), 0.84 + 0.14 * twist, twist), ...speckles(radius * 1.5, radius * 1.5)];
    }
    case 'floret':
      return [...floret(mm(cut.diameter) / 2, twist), ...speckles(mm(cut.diameter) * 0.7, mm(cut.diameter) * 0.7)];
    case 'cylinder':
    case 'formed': {
      const wide = mm(cut.diameter);
      const long = Math.max(wide, mm(cut.length));
      return [...bar(long, wide, wide * 0.2, wide / 2), ...speckles(long * 0.8, wide * 0.7)];
    }
    case 'sheet':
      return leaf(mm(cut.length), mm(cut.width), twist);
  }
}

/** mm to the hundredth, for a path. */
const at = (...numbers: number[]) => numbers.map((value) => Number(value.toFixed(2))).join(' ');

/** A box with rounded corners. */
function box(x: number, y: number, width: number, height: number, radius: number): string {
  const r = Math.min(radius, width / 2, height / 2);
  const corner = (dx: number, dy: number) => `a${at(r, r)} 0 0 1 ${at(dx, dy)}`;
  return `M${at(x + r, y)}h${at(width - 2 * r)}${corner(r, r)}v${at(height - 2 * r)}${corner(-r, r)}h${at(2 * r - width)}${corner(-r, -r)}v${at(2 * r - height)}${corner(r, -r)}z`;
}

function ellipse(x: number, y: number, rx: number, ry: number): string {
  return `M${at(x - rx, y)}a${at(rx, ry)} 0 0 1 ${at(2 * rx, 0)}a${at(rx, ry)} 0 0 1 ${at(-2 * rx, 0)}z`;
}

/** A stick, a cube, or with round ends anything long. */
function bar(long: number, wide: number, thick: number, radius: number): Mark[] {
  const drop = Math.min(thick * 0.35, 6);
  const top = -wide / 2;
  return [
    { path: box(-long / 2, top + drop + 1.5, long, wide, radius), fill: SHADOW, opacity: 0.16 },
    { path: box(-long / 2, top + drop, long, wide, radius), fill: SHADE },
    {
      path: box(-long / 2, top, long, wide, radius),
      fill: FLAT,
      stroke: EDGE,
      strokeWidth: Math.min(1.4, wide * 0.12),
    },
    {
      path: box(-long * 0.42, -wide * 0.32, long * 0.84, wide * 0.3, Math.min(radius, wide * 0.15)),
      fill: LIGHT,
      opacity: 0.55,
    },
    { path: barEnd(-1, long, wide, radius) + barEnd(1, long, wide, radius), fill: EDGE, opacity: 0.8 },
  ];
}

/** The last of a bar at its left (−1) or right (1) end, within its outline however round that is. */
function barEnd(side: -1 | 1, long: number, wide: number, radius: number): string {
  const r = Math.min(radius, long / 2, wide / 2);
  const deep = long * 0.09;
  const turned = Math.min(deep, r);
  /* half of its inner edge: shorter than the bar is wide where it ends within the rounding */
  const half = wide / 2 - r + Math.sqrt(r * r - (r - turned) ** 2);
  const corner = (dx: number, dy: number) => `a${at(r, r)} 0 0 ${side < 0 ? 0 : 1} ${at(dx, dy)}`;
  const straight = side * (deep - turned);
  const rise = half - wide / 2 + r;
  return `M${at((side * long) / 2 - side * deep, -half)}h${at(straight)}${corner(side * turned, rise)}v${at(wide - 2 * r)}${corner(-side * turned, rise)}h${at(-straight)}z`;
}

/** A wedge, its skin towards the viewer. */
function wedge(long: number, wide: number): Mark[] {
  const half = long / 2;
  const lens = (from: number, above: number, below: number) =>
    `M${at(-half, from)}Q${at(0, above)} ${at(half, from)}Q${at(0, below)} ${at(-half, from)}z`;
  return [
    { path: lens(2, -wide * 0.9, wide * 0.75), fill: SHADOW, opacity: 0.16 },
    { path: lens(0, -wide, wide * 0.55), fill: FLAT, stroke: EDGE, strokeWidth: 1.6 },
    { path: lens(0, wide * 0.15, wide * 0.55), fill: SHADE },
    {
      path: `M${at(-half * 0.7, -wide * 0.14)}Q${at(0, -wide * 0.62)} ${at(half * 0.7, -wide * 0.14)}`,
      stroke: LIGHT,
      strokeWidth: 2,
      opacity: 0.8,
    },
  ];
}

/** A slice or disc; thin ones blister. */
function round(radius: number, thick: number, squash: number, twist: number): Mark[] {
  const drop = Math.min(thick * 0.4, 4);
  const thin = thick < 4;
  const whole = (y: number) => ellipse(0, y, radius, radius * squash);
  const blister = (x: number, y: number, r: number): Mark => ({
    path: ellipse(radius * x, radius * y, radius * r, radius * r),
    fill: LIGHT,
    stroke: EDGE,
    strokeWidth: 0.6,
  });
  return [
    { path: whole(drop + 1.5), fill: SHADOW, opacity: 0.16 },
    { path: whole(drop), fill: SHADE },
    { path: whole(0), fill: FLAT, stroke: EDGE, strokeWidth: radius * (thin ? 0.14 : 0.1) },
    { path: ellipse(-radius * 0.2, -radius * 0.22, radius * 0.5, radius * 0.34 * squash), fill: LIGHT, opacity: 0.5 },
    ...(thin ? [blister(0.4 - 0.7 * twist, 0.3, 0.16), blister(0.34, -0.1 - 0.3 * twist, 0.11)] : []),
  ];
}

/** A floret with its stem. */
function floret(radius: number, twist: number): Mark[] {
  const random = randomLcg(twist);
  const buds = Array.from({ length: 11 }, (_, i) => {
    const angle = (i / 11) * 2 * Math.PI;
    const reach = i % 3 === 0 ? 0.25 : 0.58;
    return {
      x: Math.cos(angle) * radius * reach,
      y: Math.sin(angle) * radius * reach * 0.8 - radius * 0.12,
      r: radius * (0.3 + 0.1 * random()),
    };
  });
  return [
    { path: ellipse(0, radius * 0.2, radius, radius * 0.85), fill: SHADOW, opacity: 0.14 },
    {
      path: `M${at(-radius * 0.2, 0)}L${at(-radius * 0.26, radius)}H${at(radius * 0.26)}L${at(radius * 0.2, 0)}z`,
      fill: LIGHT,
      stroke: FLAT,
      strokeWidth: 1,
    },
    ...buds.map(({ x, y, r }, i) => ({
      path: ellipse(x, y, r, r),
      fill: i % 4 === 0 ? EDGE : FLAT,
      stroke: SHADE,
      strokeWidth: 0.7,
    })),
    ...buds.slice(0, 6).map(({ x, y, r }) => ({
      path: ellipse(x - r * 0.25, y - r * 0.3, r * 0.4, r * 0.4),
      fill: LIGHT,
      opacity: 0.5,
    })),
  ];
}

/** A frilled leaf. */
function leaf(long: number, wide: number, twist: number): Mark[] {
  const random = randomLcg(twist);
  const rim = Array.from({ length: 22 }, (_, i) => {
    const angle = (i / 22) * 2 * Math.PI;
    const frill = (i % 2 === 0 ? 1 : 0.76) * (0.86 + 0.2 * random());
    return [(Math.cos(angle) * long * frill) / 2, (Math.sin(angle) * wide * frill) / 2] as const;
  });
  const outline = (dx: number, dy: number) => `M${rim.map(([x, y]) => at(x + dx, y + dy)).join('L')}z`;
  const vein = (x: number, y: number, toX: number, toY: number) => `M${at(long * x, y)}L${at(long * toX, wide * toY)}`;
  return [
    { path: outline(1, 3), fill: SHADOW, opacity: 0.18 },
    { path: outline(0, 0), fill: FLAT, stroke: EDGE, strokeWidth: 2.4 },
    { path: `M${at(-long * 0.42, 0)}Q${at(0, wide * 0.12)} ${at(long * 0.38, 0)}`, stroke: LIGHT, strokeWidth: 1.6 },
    {
      path: vein(-0.1, 2, 0.12, -0.26) + vein(-0.2, 1, -0.06, 0.28) + vein(0.1, 2, 0.24, 0.2),
      stroke: LIGHT,
      strokeWidth: 1,
      opacity: 0.8,
    },
  ];
}

/** The grain of a crumb or batter coat. */
function specks(long: number, wide: number, twist: number): Mark[] {
  const random = randomLcg(twist + 0.1);
  return Array.from({ length: SPECKS }, () => {
    const [x, y, r] = [(random() - 0.5) * long, (random() - 0.5) * wide, 0.7 + random() * 0.9];
    return { path: ellipse(x, y, r, r), fill: (random() - 0.5) * SPECKLED };
  });
}
