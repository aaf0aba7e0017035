import { randomLcg } from 'd3';
import type { ColourRamp } from '../../core/food/colour-ramp';
import { foodColour } from '../colour/food-colours';

/** Tones of one piece: its flat, its edges that brown first, the side turned from the light, the light on it. */
export interface Tones {
  readonly flat: string;
  readonly edge: string;
  readonly shade: string;
  readonly light: string;
}

/** Specks of a crumb or batter coat on a piece. */
const SPECKS = 26;

/** A stick, a cube, or with round ends anything long. */
export function Bar({
  long,
  wide,
  thick,
  tones,
  round,
}: {
  long: number;
  wide: number;
  thick: number;
  tones: Tones;
  round: number;
}) {
  const drop = Math.min(thick * 0.35, 6);
  const box = { x: -long / 2, width: long, height: wide, rx: round };
  return (
    <>
      <rect {...box} y={-wide / 2 + drop + 1.5} fill="#1b1e22" opacity={0.16} />
      <rect {...box} y={-wide / 2 + drop} fill={tones.shade} />
      <rect {...box} y={-wide / 2} fill={tones.flat} stroke={tones.edge} strokeWidth={Math.min(1.4, wide * 0.12)} />
      <rect
        x={-long * 0.42}
        y={-wide * 0.32}
        width={long * 0.84}
        height={wide * 0.3}
        rx={Math.min(round, wide * 0.15)}
        fill={tones.light}
        opacity={0.55}
      />
      <rect x={-long / 2} y={-wide / 2} width={long * 0.09} height={wide} rx={round} fill={tones.edge} opacity={0.8} />
      <rect
        x={long * 0.41}
        y={-wide / 2}
        width={long * 0.09}
        height={wide}
        rx={round}
        fill={tones.edge}
        opacity={0.8}
      />
    </>
  );
}

/** A wedge, its skin towards the viewer. */
export function Wedge({ long, wide, tones }: { long: number; wide: number; tones: Tones }) {
  const half = long / 2;
  return (
    <>
      <path d={`M${-half} 2Q0 ${-wide * 0.9} ${half} 2Q0 ${wide * 0.75} ${-half} 2z`} fill="#1b1e22" opacity={0.16} />
      <path
        d={`M${-half} 0Q0 ${-wide} ${half} 0Q0 ${wide * 0.55} ${-half} 0z`}
        fill={tones.flat}
        stroke={tones.edge}
        strokeWidth={1.6}
      />
      <path d={`M${-half} 0Q0 ${wide * 0.15} ${half} 0Q0 ${wide * 0.55} ${-half} 0z`} fill={tones.shade} />
      <path
        d={`M${-half * 0.7} ${-wide * 0.14}Q0 ${-wide * 0.62} ${half * 0.7} ${-wide * 0.14}`}
        stroke={tones.light}
        strokeWidth={2}
        fill="none"
        opacity={0.8}
      />
    </>
  );
}

/** A slice or disc; thin ones blister. */
export function Round({
  radius,
  thick,
  tones,
  squash,
  blister,
}: {
  radius: number;
  thick: number;
  tones: Tones;
  squash: number;
  blister: number;
}) {
  const drop = Math.min(thick * 0.4, 4);
  const thin = thick < 4;
  return (
    <>
      <ellipse cy={drop + 1.5} rx={radius} ry={radius * squash} fill="#1b1e22" opacity={0.16} />
      <ellipse cy={drop} rx={radius} ry={radius * squash} fill={tones.shade} />
      <ellipse
        rx={radius}
        ry={radius * squash}
        fill={tones.flat}
        stroke={tones.edge}
        strokeWidth={radius * (thin ? 0.14 : 0.1)}
      />
      <ellipse
        cx={-radius * 0.2}
        cy={-radius * 0.22}
        rx={radius * 0.5}
        ry={radius * 0.34 * squash}
        fill={tones.light}
        opacity={0.5}
      />
      {thin && (
        <>
          <circle
            cx={radius * (0.4 - 0.7 * blister)}
            cy={radius * 0.3}
            r={radius * 0.16}
            fill={tones.light}
            stroke={tones.edge}
            strokeWidth={0.6}
          />
          <circle
            cx={radius * 0.34}
            cy={-radius * (0.1 + 0.3 * blister)}
            r={radius * 0.11}
            fill={tones.light}
            stroke={tones.edge}
            strokeWidth={0.6}
          />
        </>
      )}
    </>
  );
}

/** A floret with its stem. */
export function Floret({ radius, tones, twist }: { radius: number; tones: Tones; twist: number }) {
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
  return (
    <>
      <ellipse cy={radius * 0.2} rx={radius} ry={radius * 0.85} fill="#1b1e22" opacity={0.14} />
      <path
        d={`M${-radius * 0.2} 0L${-radius * 0.26} ${radius}H${radius * 0.26}L${radius * 0.2} 0z`}
        fill={tones.light}
        stroke={tones.flat}
        strokeWidth={1}
      />
      {buds.map(({ x, y, r }, i) => (
        <circle
          key={i}
          cx={x}
          cy={y}
          r={r}
          fill={i % 4 === 0 ? tones.edge : tones.flat}
          stroke={tones.shade}
          strokeWidth={0.7}
        />
      ))}
      {buds.slice(0, 6).map(({ x, y, r }, i) => (
        <circle key={i} cx={x - r * 0.25} cy={y - r * 0.3} r={r * 0.4} fill={tones.light} opacity={0.5} />
      ))}
    </>
  );
}

/** A frilled leaf. */
export function Leaf({ long, wide, tones, twist }: { long: number; wide: number; tones: Tones; twist: number }) {
  const random = randomLcg(twist);
  const points = Array.from({ length: 22 }, (_, i) => {
    const angle = (i / 22) * 2 * Math.PI;
    const frill = (i % 2 === 0 ? 1 : 0.76) * (0.86 + 0.2 * random());
    return `${((Math.cos(angle) * long * frill) / 2).toFixed(1)} ${((Math.sin(angle) * wide * frill) / 2).toFixed(1)}`;
  });
  return (
    <>
      <polygon points={points.join(' ')} transform="translate(1 3)" fill="#1b1e22" opacity={0.18} />
      <polygon
        points={points.join(' ')}
        fill={tones.flat}
        stroke={tones.edge}
        strokeWidth={2.4}
        strokeLinejoin="round"
      />
      <path
        d={`M${-long * 0.42} 0Q0 ${wide * 0.12} ${long * 0.38} 0`}
        stroke={tones.light}
        strokeWidth={1.6}
        fill="none"
      />
      <path
        d={`M${-long * 0.1} 2L${long * 0.12} ${-wide * 0.26}M${-long * 0.2} 1L${-long * 0.06} ${wide * 0.28}M${long * 0.1} 2L${long * 0.24} ${wide * 0.2}`}
        stroke={tones.light}
        strokeWidth={1}
        fill="none"
        opacity={0.8}
      />
    </>
  );
}

/** The grain of a crumb or batter coat. */
export function Specks({
  long,
  wide,
  ramp,
  browning,
  twist,
}: {
  long: number;
  wide: number;
  ramp: ColourRamp;
  browning: number;
  twist: number;
}) {
  const random = randomLcg(twist + 0.1);
  return (
    <>
      {Array.from({ length: SPECKS }, (_, i) => (
        <circle
          key={i}
          cx={(random() - 0.5) * long}
          cy={(random() - 0.5) * wide}
          r={0.7 + random() * 0.9}
          fill={foodColour(ramp, Math.max(0, browning + (random() - 0.5) * 1.7))}
        />
      ))}
    </>
  );
}
