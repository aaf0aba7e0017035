'use client';

import { RadioGroup } from 'radix-ui';
import { useId, useState } from 'react';
import { type FryerShape, LITRES, quickFryer, SHAPE_WORDS, WATTS } from '../../editing/quick-fryer';
import { FRYER_LIMITS, type KitchenFryer } from '../../schemas/kitchen';
import { FryerShapeDrawing } from '../drawings/fryer-shape-drawing';
import { newId } from '../new-id';
import { useUnits } from '../units-context';
import { areaText, lengthText } from '../words/format';
import { typedSpan, typedVolume } from '../words/typed-units';
import { Button } from './button';
import { Choice } from './choice';
import { Lever } from './lever';
import { RadioRoot } from './radio-root';

const SHAPES = Object.keys(SHAPE_WORDS) as FryerShape[];

/** cm a hand spans from thumb to little finger. Source: assumed, of a grown cook. */
const SPAN_CM = 20;

/** What the label of a fryer gives its size in. */
const LABELLED = { metric: 'Litres', us: 'Quarts' } as const;

/** A fryer in three taps: its shape, its size, its watts. What is taken for the rest is shown, and can be changed in Kitchen. */
export function QuickFryerForm({ onUse, onLeave }: { onUse: (fryer: KitchenFryer) => void; onLeave: () => void }) {
  const units = useUnits();
  const span = typedSpan(units);
  const id = useId();
  const [fryerId] = useState(newId);
  const [shape, setShape] = useState<FryerShape>('drawer');
  const [by, setBy] = useState<'litres' | 'ruler'>('litres');
  const [litres, setLitres] = useState(LITRES.drawer.usual);
  const [lengthCm, setLength] = useState(22);
  const [widthCm, setWidth] = useState(22);
  const [watts, setWatts] = useState(WATTS.drawer);
  const fryer = quickFryer(fryerId, shape, by === 'litres' ? { litres } : { lengthCm, widthCm }, watts);
  return (
    <div role="group" aria-label="Another fryer" className="space-y-3 rounded-part border-2 border-rim p-3">
      <div>
        <span id={id} className="mb-1 block text-[14px] font-semibold">
          It is
        </span>
        <RadioRoot
          aria-labelledby={id}
          value={shape}
          onValueChange={(next) => {
            setShape(next as FryerShape);
            setLitres(LITRES[next as FryerShape].usual);
            setWatts(WATTS[next as FryerShape]);
          }}
          className="grid grid-cols-2 gap-1.5 sm:grid-cols-4"
        >
          {SHAPES.map((one) => (
            <RadioGroup.Item
              key={one}
              value={one}
              className="flex min-h-11 flex-col items-center rounded-part border-2 border-enamel-deep bg-paper p-1 text-[13px] leading-tight font-semibold data-[state=checked]:border-rim data-[state=checked]:bg-rim data-[state=checked]:text-on-rim"
            >
              <FryerShapeDrawing shape={one} />
              {SHAPE_WORDS[one]}
            </RadioGroup.Item>
          ))}
        </RadioRoot>
      </div>
      <Choice
        label="How large"
        value={by}
        options={[
          { value: 'litres', word: `${LABELLED[units]} on its label` },
          { value: 'ruler', word: 'Floor, by ruler or hand' },
        ]}
        onChange={setBy}
      />
      {by === 'litres' ? (
        <Lever
          label={LABELLED[units]}
          value={litres}
          limits={[LITRES[shape].least, LITRES[shape].most]}
          step={0.5}
          unit="l"
          typed={typedVolume(units)}
          onMove={setLitres}
          onRelease={setLitres}
        />
      ) : (
        <>
          <Lever
            label="Long"
            value={lengthCm}
            limits={[10, 45]}
            step={1}
            unit="cm"
            typed={span}
            onMove={setLength}
            onRelease={setLength}
          />
          <Lever
            label="Wide"
            value={widthCm}
            limits={[10, 45]}
            step={1}
            unit="cm"
            typed={span}
            note={`A hand spans about ${span.show(SPAN_CM)} ${span.unit} from thumb to little finger.`}
            onMove={setWidth}
            onRelease={setWidth}
          />
        </>
      )}
      <Lever
        label="Watts, from the plate under it"
        value={watts}
        limits={[FRYER_LIMITS.powerW[0], FRYER_LIMITS.powerW[1]]}
        step={50}
        unit="W"
        onMove={setWatts}
        onRelease={setWatts}
      />
      <p className="text-[14px]">
        Taken for it: {areaText(fryer.basketCm2, units)} of floor, {lengthText(fryer.basketHeightMm, units)} high, the
        air as hot as its dial{shape === 'two-drawers' && '; one of the two drawers'}. All of it can be changed in
        Kitchen.
      </p>
      <div className="flex gap-2">
        <Button look="main" onClick={() => onUse(fryer)}>
          Use this fryer
        </Button>
        <Button look="quiet" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </div>
  );
}
