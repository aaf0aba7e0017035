'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { PLACES } from '@/core/fryer/places';
import { BREAD_DURATION } from '@/core/learn/bread-test';
import { type FryerTest, THERMOMETER_TIMES, WATER } from '@/core/learn/fryer-test';
import { celsiusFromKelvin } from '@/core/units/temperature';
import { type FryerTestFile, fryerTestSchema } from '@/schemas/fryer-test-schema';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { FormField } from '@/ui/controls/form-field';
import { clockText } from '@/ui/words/format';
import { BreadGrid } from './bread-grid';

/** What is typed of a test, as text, and what is tapped. */
type Texts = Record<'grams' | 'diameter' | 'left' | 'lamp' | 'first' | 'second' | 'minutes', string> & {
  drawer: keyof typeof DRAWERS;
  shades: (number | null)[];
};

const DRAWERS = { only: null, first: 1, second: 2 } as const;

const START: Texts = {
  grams: String(WATER.mass * 1000),
  diameter: String(WATER.diameter * 100),
  left: '',
  lamp: '',
  first: '',
  second: '',
  minutes: String(BREAD_DURATION / 60),
  drawer: 'only',
  shades: new Array<number | null>(PLACES).fill(null),
};

const FAULTS: Readonly<Record<FryerTest['kind'], string>> = {
  water: 'Put in 50 to 1000 g, 5 to 40 cm across, and weigh what is left; the lamp can stay empty.',
  thermometer: 'Both readings, in °C from 20 to 300.',
  bread: 'Tap the shade of at least four slices, or take a photo of the drawer; 2 to 15 minutes in the fryer.',
};

const DIAL_C = Math.round(celsiusFromKelvin(WATER.dial));

const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));

/** The test as it is kept; what is not a number is left for the schema to say. */
function testOf(kind: FryerTest['kind'], texts: Texts): unknown {
  const drawer = DRAWERS[texts.drawer];
  if (kind === 'bread') return { kind, drawer, dial_c: DIAL_C, minutes: number(texts.minutes), shades: texts.shades };
  if (kind === 'water') {
    return {
      kind,
      drawer,
      dial_c: DIAL_C,
      grams: number(texts.grams),
      diameter_cm: number(texts.diameter),
      minutes: WATER.duration / 60,
      left_g: number(texts.left),
      lamp_out_s: texts.lamp.trim() === '' ? null : number(texts.lamp),
    };
  }
  return {
    kind,
    drawer,
    dial_c: DIAL_C,
    readings: [texts.first, texts.second].map((text, i) => ({
      minute: THERMOMETER_TIMES[i]! / 60,
      celsius: number(text),
    })),
  };
}

/** A test under way: its clock, and what is read. */
export function TestForm({
  kind,
  onKeep,
  onLeave,
}: {
  kind: FryerTest['kind'];
  onKeep: (test: FryerTestFile) => Promise<void>;
  onLeave: () => void;
}) {
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const check = zodResolver(fryerTestSchema);
  const { register, handleSubmit, formState, setValue, control } = useForm<Texts, unknown, FryerTestFile>({
    defaultValues: START,
    resolver: (texts, context, options) => check(testOf(kind, texts) as FryerTestFile, context, options as never),
  });
  const faults = Object.keys(formState.errors).length > 0;
  return (
    <form onSubmit={handleSubmit(onKeep)} aria-label="What was read" className="mt-3 space-y-3">
      {startedAt === null ? (
        <Button onClick={() => setStartedAt(Date.now())}>
          {kind === 'bread' ? 'They are in: start the clock' : 'It is in and switched on: start the clock'}
        </Button>
      ) : (
        <p className="flex flex-wrap items-center gap-4">
          <Stopwatch from={startedAt} />
          {kind === 'water' && (
            <Button onClick={() => setValue('lamp', String(Math.round((Date.now() - startedAt) / 1000)))}>
              The lamp went out
            </Button>
          )}
        </p>
      )}
      <Controller
        control={control}
        name="drawer"
        render={({ field }) => (
          <Choice
            label="Which drawer of it"
            value={field.value}
            options={[
              { value: 'only', word: 'It has one' },
              { value: 'first', word: 'Drawer 1' },
              { value: 'second', word: 'Drawer 2' },
            ]}
            onChange={field.onChange}
          />
        )}
      />
      {kind === 'bread' && (
        <Controller
          control={control}
          name="shades"
          render={({ field }) => <BreadGrid shades={field.value} onChange={field.onChange} />}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        {kind === 'water' ? (
          <>
            <FormField label="Water put in" unit="g" inputMode="decimal" {...register('grams')} />
            <FormField label="Across the water" unit="cm" inputMode="decimal" {...register('diameter')} />
            <FormField
              label={`Left after ${WATER.duration / 60} min`}
              unit="g"
              inputMode="decimal"
              {...register('left')}
            />
            <FormField label="Lamp out first, if seen" unit="s" inputMode="decimal" {...register('lamp')} />
          </>
        ) : kind === 'thermometer' ? (
          <>
            <FormField label="After 4 min" unit="°C" inputMode="decimal" {...register('first')} />
            <FormField label="After 8 min" unit="°C" inputMode="decimal" {...register('second')} />
          </>
        ) : (
          <FormField label="In the fryer" unit="min" inputMode="decimal" {...register('minutes')} />
        )}
      </div>
      {faults && (
        <p role="alert" className="text-[14px] text-alarm">
          {FAULTS[kind]}
        </p>
      )}
      <div className="flex gap-2">
        <Button look="main" type="submit" disabled={formState.isSubmitting}>
          Keep it
        </Button>
        <Button look="quiet" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

/** Minutes since the start, by the clock of this device. */
function Stopwatch({ from }: { from: number }) {
  const [now, setNow] = useState(from);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, []);
  return (
    <span role="timer" className="font-display text-[28px] font-bold">
      {clockText((now - from) / 1000)}
    </span>
  );
}
