'use client';

import { ChevronDown, X } from 'lucide-react';
import { useState } from 'react';
import {
  stageEnd,
  withDialTurn,
  withOpeningChanged,
  withOpeningPutIn,
  withoutOpening,
  withStages,
} from '@/editing/edit-cook';
import type { PlanFile } from '@/schemas/plan-file';
import { AddedFields } from './added-fields';
import { Button } from '@/ui/controls/button';
import { Choice } from '@/ui/controls/choice';
import { LateMenu } from '@/ui/controls/late-menu';
import { Lever } from '@/ui/controls/lever';
import { useUnits } from '@/ui/units-context';
import { halfMinutes } from '@/ui/words/format';
import { ACTION_WORDS } from '@/ui/words/labels';
import { type Opening, openingText } from '@/ui/words/opening-text';
import { typedMass } from '@/ui/words/typed-units';

/** Every kind of opening, as it begins when it is put in at `minute`. */
function newOpenings(minute: number, document: PlanFile): Opening[] {
  const share = document.mass_g / 500;
  return [
    { minute, action: 'shake' },
    { minute, action: 'toss' },
    { minute, action: 'flip' },
    { minute, action: 'open' },
    ...((document.fryer.racks ?? 1) > 1 ? [{ minute, action: 'swap' as const }] : []),
    { minute, action: 'oil', mass_g: Math.max(1, Math.round(4 * share)) },
    { minute, action: 'season', mass_g: Math.max(1, Math.round(3 * share)) },
    { minute, action: 'pull', which: 'darkest' },
    {
      minute,
      action: 'add',
      part: {
        food: 'courgette',
        storage: 'usual',
        cut: { shape: 'slice', thickness_mm: 10, diameter_mm: 45, scatter: 0.07 },
        mass_g: Math.max(20, Math.round(document.mass_g / 4)),
        start_temperature_c: 20,
        prep: [{ step: 'oil', mass_g: 3 }],
      },
    },
  ];
}

/** What a dial turned half way goes down by, °C, and its coolest. Source: chosen, one step a cook would try. */
const TURNED_BY = 20;
const COOLEST = 100;

/** The plan with its dial turned down half way to the pull: a stage more, to be set like the others. */
function withDialTurned(document: PlanFile, pullMinute: number): PlanFile {
  const { stages } = document.cook;
  const celsius = Math.max(COOLEST, stages.at(-1)!.temperature_c - TURNED_BY);
  return withStages(document, withDialTurn(stages, Math.max(1, Math.round(pullMinute) / 2), celsius));
}

/** The openings one by one: when, what, and what it brings; each can be set, moved and taken out. */
export function OpeningsList({
  document,
  pullMinute,
  move,
  release,
}: {
  document: PlanFile;
  /** where an opening put in begins: half way to the pull */
  pullMinute: number;
  move: (document: PlanFile) => void;
  release: (document: PlanFile) => void;
}) {
  const units = useUnits();
  const [open, setOpen] = useState<number | null>(null);
  const end = stageEnd(document, document.cook.stages.length - 1);
  const inOrder = document.cook.events
    .map((opening, i) => ({ opening, i }))
    .sort((a, b) => a.opening.minute - b.opening.minute);
  return (
    <div className="space-y-2">
      <ol aria-label="Openings, one by one" className="space-y-1.5">
        {inOrder.map(({ opening, i }) => (
          <li key={i} className="rounded-part border-2 border-enamel-deep bg-paper">
            <div className="flex items-center">
              <button
                type="button"
                aria-expanded={open === i}
                onClick={() => setOpen(open === i ? null : i)}
                className="min-h-11 min-w-0 flex-1 px-3 py-1.5 text-left text-[15px]"
              >
                <span className="font-semibold">{halfMinutes(opening.minute * 60)} min</span>{' '}
                {openingText(opening, document, units)}
              </button>
              <button
                type="button"
                aria-label={`Remove ${ACTION_WORDS[opening.action]} at ${halfMinutes(opening.minute * 60)} min`}
                className="flex size-11 shrink-0 items-center justify-center text-rim"
                onClick={() => {
                  setOpen(null);
                  release(withoutOpening(document, i));
                }}
              >
                <X size={18} aria-hidden />
              </button>
            </div>
            {open === i && (
              <div className="space-y-2 border-t-2 border-enamel-shadow px-4 py-2">
                <OpeningFields
                  opening={opening}
                  index={i}
                  document={document}
                  end={end}
                  set={(changed, settled) => (settled ? release : move)(withOpeningChanged(document, i, changed))}
                />
                <Button look="quiet" className="px-0" onClick={() => setOpen(null)}>
                  Close
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
      <LateMenu
        label={
          <>
            Add an opening <ChevronDown size={16} aria-hidden className="inline" />
          </>
        }
        className="min-h-11 rounded-part border-2 border-rim px-4 text-[15px] font-semibold text-rim"
        items={[
          ...newOpenings(Math.max(0.5, Math.round(pullMinute) / 2), document).map((opening) => ({
            word: opening.action === 'add' ? 'Add more food' : openingText(opening, document, units),
            act: () => {
              setOpen(document.cook.events.length);
              release(withOpeningPutIn(document, opening));
            },
          })),
          { word: 'Turn the dial', act: () => release(withDialTurned(document, pullMinute)) },
        ]}
      />
    </div>
  );
}

type HandOpening = Extract<Opening, { action: 'shake' | 'toss' | 'flip' | 'open' | 'swap' }>;

function isByHand(opening: Opening): opening is HandOpening {
  return ['shake', 'toss', 'flip', 'open', 'swap'].includes(opening.action);
}

/** What hands alone can do at the drawer; racks change places only where there are several. */
function handActions({ fryer }: PlanFile): HandOpening['action'][] {
  return ['shake', 'toss', 'flip', 'open', ...((fryer.racks ?? 1) > 1 ? (['swap'] as const) : [])];
}

function OpeningFields({
  opening,
  index,
  document,
  end,
  set,
}: {
  opening: Opening;
  /** of the opening in the plan */
  index: number;
  document: PlanFile;
  end: number;
  set: (opening: Opening, settled: boolean) => void;
}) {
  const units = useUnits();
  const grams = (massG: number, limits: readonly [number, number], by: number, make: (massG: number) => Opening) => (
    <Lever
      label="Grams"
      value={massG}
      limits={limits}
      step={by}
      unit="g"
      typed={typedMass(units)}
      onMove={(value) => set(make(value), false)}
      onRelease={(value) => set(make(value), true)}
    />
  );
  return (
    <>
      <Lever
        label="After"
        value={opening.minute}
        limits={[0.5, end]}
        step={0.5}
        unit="min"
        onMove={(minute) => set({ ...opening, minute }, false)}
        onRelease={(minute) => set({ ...opening, minute }, true)}
      />
      {isByHand(opening) && (
        <Choice
          label="Do"
          value={opening.action}
          options={handActions(document).map((value) => ({ value, word: ACTION_WORDS[value] }))}
          onChange={(action) => set({ minute: opening.minute, action }, true)}
        />
      )}
      {opening.action === 'oil' && grams(opening.mass_g ?? 0, [0, 40], 0.5, (mass_g) => ({ ...opening, mass_g }))}
      {opening.action === 'season' && grams(opening.mass_g, [0, 30], 0.5, (mass_g) => ({ ...opening, mass_g }))}
      {opening.action === 'pull' && (
        <Choice
          label="Take out"
          value={opening.which ?? 'right'}
          options={[
            { value: 'right', word: 'What is right' },
            { value: 'darkest', word: 'The darkest third' },
            { value: 'palest', word: 'The palest third' },
          ]}
          onChange={(which) => set({ ...opening, which }, true)}
        />
      )}
      {opening.action === 'add' && (
        <AddedFields opening={opening} index={index} document={document} set={set}>
          {grams(opening.part.mass_g, [20, 1000], 10, (mass_g) => ({ ...opening, part: { ...opening.part, mass_g } }))}
        </AddedFields>
      )}
    </>
  );
}
