import { useMemo } from 'react';
import { cutThickness } from '../../core/cut/piece-geometry';
import type { Plan } from '../../core/plan/plan';
import { preparedPiece } from '../../core/prep/just-holds';
import { foodColour } from '../colour/food-colours';
import { type DrawingProps, PAPER, Sketch } from './sketch';

/** Rings drawn from skin to heart. */
const RINGS = 15;

/** Softness from the skin to the heart of one piece as it leaves the pot, 0–1. */
function softnessProfile(plan: Plan): number[] {
  const { state } = preparedPiece(plan, 2 * RINGS - 1);
  return Array.from({ length: RINGS }, (_, i) =>
    Math.min(1, state.softening[state.coatCells + i]! / plan.food.softeningDose),
  );
}

/** A piece cut through: the softer a ring, the paler and wetter it is drawn; raw ones keep their colour. */
export function ParcookDrawing({ plan, ramp, large }: DrawingProps) {
  const { width, height } = large ? PAPER.large : PAPER.small;
  const parcook = plan.preparation.find((step) => step.step === 'parcook');
  const profile = useMemo(() => (parcook ? softnessProfile(plan) : null), [plan, parcook]);
  const side = Math.min(cutThickness(plan.cut) * 1000 * (large ? 9 : 2.2), height - 10);
  const [left, top] = [(width - side) / 2, large ? (height - side) / 2 : height - side - 1];
  return (
    <Sketch
      large={large}
      label={
        profile
          ? `A piece cut through: ${Math.round(profile[0]! * 100)} % soft at the skin, ${Math.round(profile.at(-1)! * 100)} % at the heart`
          : 'Raw, not cooked before'
      }
    >
      <rect x={left} y={top} width={side} height={side} fill={foodColour(ramp, 0)} stroke={foodColour(ramp, 1.4)} />
      {profile?.map((softness, i) => {
        const inset = (i / (2 * RINGS)) * side;
        return (
          <rect
            key={i}
            x={left + inset}
            y={top + inset}
            width={side - 2 * inset}
            height={side - 2 * inset}
            fill={mixWithWater(foodColour(ramp, 0), softness)}
          />
        );
      })}
      {large && profile && (
        <text x={left + side + 14} y={height / 2} className="fill-iron-soft text-[13px]">
          teal: soft
        </text>
      )}
    </Sketch>
  );
}

/** The raw colour, tinted towards water by softness. */
function mixWithWater(raw: string, softness: number): string {
  return `color-mix(in oklab, ${raw} ${Math.round(100 - 55 * softness)}%, #1c7c86)`;
}
