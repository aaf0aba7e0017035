import { memo } from 'react';
import type { Food } from '@/core/food/food';
import type { TargetColour } from '@/core/food/wish';
import { cutFromFile } from '@/schemas/cut-from-file';
import { PiecePile } from '@/ui/drawings/piece-pile';
import { BATTER_COAT, CRUMB_COAT } from '@/core/food/coat';
import { wishOfWay } from '@/editing/ways/plan-of-way';
import type { Way } from '@/editing/ways/way';

/** The pieces that a way gives, as they come out, in a heap. */
export const WayPile = memo(function WayPile({ food, way, className }: { food: Food; way: Way; className?: string }) {
  const coat = way.prep.some(({ step }) => step === 'dredge')
    ? CRUMB_COAT
    : way.prep.some(({ step }) => step === 'batter')
      ? BATTER_COAT
      : food.coat;
  return (
    <PiecePile
      cut={cutFromFile(way.cut)}
      ramp={coat?.ramp ?? food.ramp}
      coated={coat !== null}
      browning={BROWNINGS[wishOfWay(food, way).colour]}
      seed={seedOf(`${food.id} ${way.id}`)}
      className={className}
    />
  );
});

/** What pieces look like when they come out as wished; 1 is golden. */
const BROWNINGS: Record<TargetColour, number> = { first: 0.15, pale: 0.4, golden: 1, brown: 1.5 };

/** A number between 0 and 1 that is always the same for a text. */
function seedOf(text: string): number {
  return [...text].reduce((hash, letter) => (hash * 31 + letter.charCodeAt(0)) % 9973, 7) / 9973;
}
