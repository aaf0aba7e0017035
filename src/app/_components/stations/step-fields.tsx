'use client';

import { marinadePlace } from '@/schemas/marinade-place';
import { BINDERS } from '@/core/food/binder';
import { COAT_INGREDIENTS } from '@/core/food/coat-by-recipe';
import { DRESSINGS } from '@/schemas/plan-steps';
import { Choice } from '@/ui/controls/choice';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { BATH_WORDS, COAT_WORDS, DRYING_WORDS, OIL_WORDS, PARCOOK_WORDS } from '@/ui/words/labels';
import { DRESSING_ORDERS } from '@/ui/words/dressing-orders';
import { REST_PLACES } from '@/ui/words/rest-places';
import type { AnyStep } from '@/ui/words/step-names';
import { typedLength, typedMass, typedTemperature } from '@/ui/words/typed-units';
import { CookFields } from './cook-fields';
import { CutFields } from './cut-fields';
import type { SetStep } from './set-step';

const DAY_HOURS = 24;
const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
const optionsOf = <Value extends string>(words: Record<Value, string>) =>
  (Object.entries(words) as [Value, string][]).map(([value, word]) => ({ value, word: capital(word) }));

/** What can be set about one step; nothing where it is done in one way only. */
export function StepFields({ step, set }: { step: AnyStep; set: SetStep }) {
  const units = useUnits();
  const lever = (
    label: string,
    value: number,
    limits: readonly [number, number],
    by: number,
    unit: string,
    make: (value: number) => AnyStep,
    typed?: Parameters<typeof Lever>[0]['typed'],
    note?: string,
  ) => (
    <Lever
      label={label}
      value={value}
      limits={limits}
      step={by}
      unit={unit}
      typed={typed}
      note={note}
      onMove={(moved) => set(make(moved), false)}
      onRelease={(moved) => set(make(moved), true)}
    />
  );
  const minutes = <Step extends AnyStep & { minutes: number }>(
    one: Step,
    limits: readonly [number, number],
    by: number,
    note?: string,
  ) => lever('Minutes', one.minutes, limits, by, 'min', (value) => ({ ...one, minutes: value }), undefined, note);
  const grams = <Step extends AnyStep & { mass_g: number }>(one: Step, most: number, by = 1) =>
    lever('Grams', one.mass_g, [0, most], by, 'g', (value) => ({ ...one, mass_g: value }), typedMass(units));
  const dial = (celsius: number, make: (value: number) => AnyStep) =>
    lever('Dial', celsius, [100, 230], 5, '°C', make, typedTemperature(units));

  switch (step.step) {
    case 'rinse':
      return lever('Changes of water', step.changes, [1, 10], 1, 'times', (changes) => ({ ...step, changes }));
    case 'soak':
      return (
        <>
          {minutes(step, [1, 240], 1)}
          {lever('Water', step.water_c, [2, 98], 1, '°C', (water_c) => ({ ...step, water_c }), typedTemperature(units))}
        </>
      );
    case 'dip':
      return (
        <>
          <Choice
            label="Into"
            value={step.bath}
            options={optionsOf(BATH_WORDS)}
            onChange={(bath) => set({ ...step, bath }, true)}
          />
          {lever('Seconds', step.seconds, [1, 120], 1, 's', (seconds) => ({ ...step, seconds }))}
        </>
      );
    case 'parcook':
      return (
        <>
          <Choice
            label="How"
            value={step.method}
            options={optionsOf(PARCOOK_WORDS)}
            onChange={(method) => set({ ...step, method }, true)}
          />
          {minutes(step, [1, 60], 1)}
        </>
      );
    case 'press':
      return minutes(step, [5, 120], 5);
    case 'marinate':
      return (
        <>
          {minutes(step, [5, 1440], 5)}
          <Choice
            label="Where"
            value={marinadePlace(step)}
            options={[
              { value: 'kitchen', word: 'In the kitchen' },
              { value: 'fridge', word: 'In the fridge' },
            ]}
            onChange={(place) => set({ ...step, place }, true)}
          />
        </>
      );
    case 'brine':
      return minutes(step, [5, 1440], 5);
    case 'cool':
      return minutes(step, [1, 120], 1);
    case 'dry':
      return (
        <Choice
          label="How"
          value={step.method}
          options={optionsOf(DRYING_WORDS)}
          onChange={(method) => set({ ...step, method }, true)}
        />
      );
    case 'chill':
    case 'freeze':
      return lever('Hours', step.hours, [0.5, 3 * DAY_HOURS], 0.5, 'h', (hours) => ({ ...step, hours }));
    case 'keep':
      return (
        <>
          <Choice
            label="Where"
            value={step.place}
            options={optionsOf({ fridge: 'fridge', freezer: 'freezer' })}
            onChange={(place) => set({ ...step, place }, true)}
          />
          {lever('Hours', step.hours, [1, 7 * DAY_HOURS], 1, 'h', (hours) => ({ ...step, hours }))}
        </>
      );
    case 'press-flat':
      return lever(
        'Thickness',
        step.thickness_mm,
        [3, 30],
        0.5,
        'mm',
        (thickness_mm) => ({ ...step, thickness_mm }),
        typedLength(units),
      );
    case 'cut':
      return <CutFields step={step} set={set} />;
    case 'oil':
      return (
        <>
          {grams({ ...step, mass_g: step.mass_g ?? 0 }, 60, 0.5)}
          <Choice
            label="Which"
            value={step.kind ?? 'refined'}
            options={optionsOf(OIL_WORDS)}
            onChange={(kind) => set({ ...step, kind }, true)}
          />
        </>
      );
    case 'starch':
      return grams(step, 60, 0.5);
    case 'season':
      return (
        <>
          {grams(step, 60, 0.5)}
          <Choice
            label="Of it salt"
            value={step.salt_share >= 0.75 ? 'all' : step.salt_share < 0.25 ? 'none' : 'half'}
            options={[
              { value: 'all', word: 'All of it' },
              { value: 'half', word: 'Half' },
              { value: 'none', word: 'None' },
            ]}
            onChange={(share) => set({ ...step, salt_share: { all: 1, half: 0.5, none: 0 }[share] }, true)}
          />
        </>
      );
    case 'batter':
      return grams(step, 500, 5);
    case 'bind':
      return (
        <>
          <Choice
            label="With"
            value={step.with}
            options={BINDERS.map((value) => ({ value, word: capital(COAT_WORDS[value]) }))}
            onChange={(binder) => set({ ...step, with: binder }, true)}
          />
          {grams(step, 300)}
        </>
      );
    case 'coat':
      return COAT_INGREDIENTS.map((name) => (
        <Lever
          key={name}
          label={capital(COAT_WORDS[name])}
          value={step[`${name}_g`]}
          limits={[0, 200]}
          step={1}
          unit="g"
          typed={typedMass(units)}
          onMove={(value) => set({ ...step, [`${name}_g`]: value }, false)}
          onRelease={(value) => set({ ...step, [`${name}_g`]: value }, true)}
        />
      ));
    case 'dredge':
      return (
        <Choice
          label="How often"
          value={step.layers === 2 ? 'twice' : 'once'}
          options={optionsOf({ once: 'once', twice: 'egg and crumbs twice' })}
          onChange={(times) => set({ ...step, layers: times === 'twice' ? 2 : 1 }, true)}
        />
      );
    case 'cook':
      return <CookFields step={step} set={set} />;
    case 'rest':
      return (
        <>
          <Choice
            label="Where"
            value={step.place}
            options={optionsOf(REST_PLACES)}
            onChange={(place) => set({ ...step, place }, true)}
          />
          {minutes(step, [0, 60], 1)}
          {lever('Salt while hot', step.salt_g, [0, 15], 0.5, 'g', (salt_g) => ({ ...step, salt_g }), typedMass(units))}
        </>
      );
    case 'dress':
      return (
        <>
          <Choice
            label="With"
            value={step.with}
            options={DRESSINGS.map((value) => ({ value, word: capital(DRESSING_ORDERS[value].word) }))}
            onChange={(dressing) => set({ ...step, with: dressing }, true)}
          />
          {grams(step, 200)}
        </>
      );
    case 'refresh':
      return (
        <>
          {minutes(step, [1, 15], 0.5)}
          {dial(step.temperature_c, (temperature_c) => ({ ...step, temperature_c }))}
        </>
      );
    case 'temper':
      return lever('Inside', step.to_c, [30, 90], 5, '°C', (to_c) => ({ ...step, to_c }), typedTemperature(units));
    case 'freeze-thaw':
      return null;
  }
}
