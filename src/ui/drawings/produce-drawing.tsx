import { foodColour } from '../colour/food-colours';
import { useUnits } from '../units-context';
import { massText } from '../words/format';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Mass of one whole vegetable or block, kg. Source: assumed, a middling one. */
const WHOLE = 0.2;

/** As many whole ones as the mass makes, each as wide as a ball of its mass, one scale for all. */
export function ProduceDrawing({ plan, ramp, large }: DrawingProps) {
  const units = useUnits();
  const { width, height } = large ? PAPER.large : PAPER.small;
  const scale = large ? 1 : 0.27;
  const count = Math.max(1, Math.round(plan.mass / WHOLE));
  const radius = Math.cbrt((3 * plan.mass) / count / plan.food.density / (4 * Math.PI)) * 1000 * scale;
  const shown = Math.min(count, Math.floor(width / (radius * 1.6)));
  const gap = Math.min(radius * 2.1, (width - 2 * radius) / Math.max(1, shown));
  const left = (width - gap * (shown - 1)) / 2;
  return (
    <Sketch large={large} label={`${count} of about ${massText((plan.mass / count) * 1000, units)} each, to scale`}>
      {Array.from({ length: shown }, (_, i) => (
        <ellipse
          key={i}
          cx={left + i * gap}
          cy={large ? height / 2 : height - radius * 0.94 - 1}
          rx={radius * 1.08}
          ry={radius * 0.94}
          fill={foodColour(ramp, 0)}
          stroke={foodColour(ramp, 1.6)}
          strokeWidth={large ? 3 : 1.5}
        />
      ))}
    </Sketch>
  );
}
