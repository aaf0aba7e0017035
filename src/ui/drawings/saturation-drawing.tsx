import { useUnits } from '../units-context';
import { filmText } from '../words/format';

/** Largest film drawn, g/m². */
const WIDEST = 150;

/** How much of the browning an oil film gives, up to where it drips: the curve flattens, so more buys little. */
export function SaturationDrawing({
  filmGM2,
  heldGM2,
  factor,
}: {
  filmGM2: number;
  heldGM2: number;
  factor: (filmGM2: number) => number;
}) {
  const units = useUnits();
  const [width, height, left, base] = [340, 84, 30, 66];
  const x = (film: number) => left + (Math.min(WIDEST, film) / WIDEST) * (width - left - 18);
  const low = factor(0) - 0.05;
  const y = (film: number) => base - ((factor(Math.min(film, heldGM2)) - low) / (1.02 - low)) * (base - 8);
  const points = Array.from({ length: 51 }, (_, i) => (i * WIDEST) / 50);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Browning against oil film: at ${filmText(filmGM2, units)} it is ${Math.round(factor(Math.min(filmGM2, heldGM2)) * 100)} % of the most`}
      className="h-auto w-full max-w-[340px]"
    >
      <rect x={x(heldGM2)} y={4} width={x(WIDEST) - x(heldGM2)} height={base - 4} className="fill-enamel-shadow" />
      <text x={x(heldGM2) + 4} y={base - 8} className="fill-iron-soft text-[11px]">
        drips off
      </text>
      <path
        d={points.map((film, i) => `${i === 0 ? 'M' : 'L'}${x(film)} ${y(film)}`).join('')}
        fill="none"
        className="stroke-oil"
        strokeWidth={2.5}
      />
      <line x1={left} x2={width - 18} y1={base} y2={base} className="stroke-iron-soft" />
      {[0, 50, 100, 150].map((film) => (
        <text key={film} x={x(film)} y={base + 14} textAnchor="middle" className="fill-iron-soft text-[11px]">
          {film === 0 ? filmText(0, units) : filmText(film, units).split(' ')[0]}
        </text>
      ))}
      <line x1={x(filmGM2)} x2={x(filmGM2)} y1={y(filmGM2)} y2={base} className="stroke-iron" strokeDasharray="2 2" />
      <circle cx={x(filmGM2)} cy={y(filmGM2)} r={5} className="fill-oil stroke-iron" />
    </svg>
  );
}
