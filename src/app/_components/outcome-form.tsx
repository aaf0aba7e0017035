'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { Controller, useForm } from 'react-hook-form';
import { useState } from 'react';
import type { z } from 'zod';
import { hasHeart } from '@/core/learn/what-came-out';
import type { ColourRamp } from '@/core/food/colour-ramp';
import type { Wish } from '@/core/food/wish';
import {
  OUTCOME_CRISPNESS,
  OUTCOME_EVENNESS,
  OUTCOME_FAULTS,
  OUTCOME_HEARTS,
  OUTCOME_LIKED,
  OUTCOME_NEXT,
  type Outcome,
  outcomeSchema,
} from '@/schemas/batch';
import type { PlanFile } from '@/schemas/plan-file';
import { planFromFile } from '@/schemas/plan-from-file';
import { WISHED_BROWNING } from '@/editing/wished-browning';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { send } from '@/ui/send';
import { BITE_WORDS, EVENNESS_WORDS, FAULT_WORDS, HEART_WORDS, LIKED_WORDS, NEXT_WORDS } from '@/ui/words/labels';
import { SwatchPicker } from './swatch-picker';

type Entry = z.input<typeof outcomeSchema>;

/** What came of a batch, in a few taps. Nothing is filled in but what the cook told: a guess must not become a fact by being saved. */
export function OutcomeForm({
  batchId,
  cooked,
  ramp,
  wished,
  seen = null,
  stuck = false,
  before,
}: {
  batchId: string;
  /** the plan as it really went, and s after loading at which it was pulled */
  cooked: { readonly document: PlanFile; readonly pulledAfter: number | null };
  ramp: ColourRamp;
  wished: Wish;
  /** browning that the cook told shortly before the pull */
  seen?: number | null;
  /** whether pieces were said to stick or break */
  stuck?: boolean;
  before?: Outcome;
}) {
  const router = useRouter();
  const { cut } = planFromFile(cooked.document);
  const [problem, setProblem] = useState<string | null>(null);
  const { control, register, handleSubmit, formState, setValue } = useForm<Entry, unknown, Outcome>({
    resolver: zodResolver(outcomeSchema),
    defaultValues: before ?? { faults: stuck ? ['stuck'] : [], note: '', ...(seen === null ? {} : { browning: seen }) },
  });
  const sayAsWished = () => {
    const said = { shouldValidate: formState.isSubmitted };
    setValue('crispness', wished.crispness === 'chewy' ? 'tender' : wished.crispness, said);
    setValue('browning', WISHED_BROWNING[wished.colour], said);
    setValue('evenness', 'even', said);
    setValue('liked', 'as-wished', said);
    if (hasHeart(cut)) setValue('heart', 'soft', said);
  };
  const missing = [
    formState.errors.crispness && 'the bite',
    formState.errors.browning && 'the colour',
    formState.errors.evenness && 'how even they are',
  ].filter(Boolean);
  const save = async (outcome: Outcome) => {
    setProblem(null);
    /* the pieces' colours are worked out here: the server cooks nothing */
    const { fingerprintAt } = await import('@/core/run/fingerprint');
    const fingerprint = fingerprintAt(planFromFile(cooked.document), cooked.pulledAfter, outcome.browning);
    const sent = await send('PUT', `/api/batches/${batchId}/outcome`, { ...outcome, fingerprint });
    if (sent.kind !== 'done') return setProblem(`${sent.error} What you chose is still here; save again.`);
    router.push(`/log/${batchId}`);
    router.refresh();
  };
  return (
    <form onSubmit={handleSubmit(save)} className="space-y-4" aria-label="Outcome">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h2 className="text-[24px]">How did it come out?</h2>
        <Button onClick={sayAsWished}>All as wished</Button>
      </div>
      <Controller
        control={control}
        name="crispness"
        render={({ field }) => (
          <Choice
            label="Bite"
            value={field.value ?? ''}
            options={OUTCOME_CRISPNESS.map((value) => ({ value, word: BITE_WORDS[value] }))}
            onChange={field.onChange}
          />
        )}
      />
      {hasHeart(cut) && (
        <Controller
          control={control}
          name="heart"
          render={({ field }) => (
            <Choice
              label="The inside"
              value={field.value ?? ''}
              options={OUTCOME_HEARTS.map((value) => ({ value, word: HEART_WORDS[value] }))}
              onChange={field.onChange}
            />
          )}
        />
      )}
      <Controller
        control={control}
        name="browning"
        render={({ field }) => <SwatchPicker ramp={ramp} value={field.value ?? null} onChange={field.onChange} />}
      />
      <Controller
        control={control}
        name="liked"
        render={({ field }) => (
          <Choice
            label="The colour, to your taste"
            value={field.value ?? ''}
            options={OUTCOME_LIKED.map((value) => ({ value, word: LIKED_WORDS[value] }))}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="evenness"
        render={({ field }) => (
          <Choice
            label="Evenness"
            value={field.value ?? ''}
            options={OUTCOME_EVENNESS.map((value) => ({ value, word: EVENNESS_WORDS[value] }))}
            onChange={field.onChange}
          />
        )}
      />
      <fieldset>
        <legend className="mb-1 text-[14px] font-semibold">What went wrong, if anything</legend>
        <div className="flex flex-wrap gap-x-5">
          {OUTCOME_FAULTS.map((fault) => (
            <label key={fault} className="flex min-h-11 items-center gap-2 text-[15px]">
              <input type="checkbox" value={fault} {...register('faults')} className="size-5 accent-rim" />
              {FAULT_WORDS[fault]}
            </label>
          ))}
        </div>
      </fieldset>
      <Controller
        control={control}
        name="next"
        render={({ field }) => (
          <Choice
            label="Next time"
            value={field.value ?? ''}
            options={OUTCOME_NEXT.map((value) => ({ value, word: NEXT_WORDS[value] }))}
            onChange={field.onChange}
          />
        )}
      />
      <label className="block text-[14px] font-semibold">
        Note
        <textarea
          {...register('note')}
          rows={2}
          aria-invalid={formState.errors.note ? true : undefined}
          className="mt-1 block w-full rounded-part border-2 border-enamel-deep bg-paper p-2 text-[15px] font-normal"
          placeholder="Anything to remember next time"
        />
      </label>
      {formState.errors.note && (
        <p role="alert" className="text-alarm">
          The note {formState.errors.note.message}.
        </p>
      )}
      {missing.length > 0 && (
        <p role="alert" className="text-alarm">
          Still to say: {missing.join(', ')}. A tap each, or “All as wished”.
        </p>
      )}
      {problem && (
        <p role="alert" className="text-alarm">
          {problem}
        </p>
      )}
      <Button look="main" type="submit" disabled={formState.isSubmitting} className="px-7">
        {formState.isSubmitting ? 'Saving …' : 'Save to the log'}
      </Button>
    </form>
  );
}
