import type { PlanFile } from '../schemas/plan-file';
import type { EarlierCookStep, PrepStep } from '../schemas/plan-steps';

/** What a batch begins with. */
export type Beginning = 'board' | 'frozen' | 'par-fried' | 'kept';

/** Temperature of a freezer and of a fridge, °C. */
const FREEZER_C = -18;
const ROOM_C = 20;

/** Steps that only raw pieces from the board go through. */
const FOR_RAW: ReadonlySet<PrepStep['step']> = new Set([
  'rinse',
  'soak',
  'parcook',
  'press',
  'freeze-thaw',
  'brine',
  'dry',
]);

/** How long a factory fries before it freezes, min, and how long the freezing takes, h. Source: par-frying of strips 45–90 s leaves 65–72 % water; assumed. */
const PAR_FRIED: readonly PrepStep[] = [
  { step: 'parcook', method: 'par-fry', minutes: 1, water_c: 75 },
  { step: 'freeze', hours: 10 },
];

/** How long what was kept lies in the fridge, h, and how it is made hot again. Source: assumed, the next day; crisp after some ten minutes. */
const KEPT_HOURS = 20;
const REHEAT = { minutes: 15, temperature_c: 185 } as const;

/** What a plan begins with. */
export function beginningOf({ prep, start_temperature_c }: PlanFile): Beginning {
  const [first, second] = prep;
  if (first?.step === 'parcook' && first.method === 'par-fry' && second?.step === 'freeze') return 'par-fried';
  const lastCook = prep.findLastIndex(({ step }) => step === 'cook');
  if (lastCook >= 0 && prep[lastCook + 1]?.step === 'chill' && lastCook + 2 === prep.length) return 'kept';
  return start_temperature_c < 0 ? 'frozen' : 'board';
}

/**
 * The plan begun otherwise. Frozen pieces are neither soaked nor dried; what was kept went through the plan as it stands up to its
 * pull, a night in the fridge, and is made hot and crisp again. @param pullMinute when the plan as it stands is pulled
 */
export function withBeginning(document: PlanFile, beginning: Beginning, pullMinute: number): PlanFile {
  const now = beginningOf(document);
  if (now === beginning) return document;
  const raw = now === 'kept' ? beforeKeeping(document) : { ...document, prep: withoutParFry(document.prep) };
  const coats = raw.prep.filter(({ step }) => !FOR_RAW.has(step));
  switch (beginning) {
    case 'board':
      return { ...raw, start_temperature_c: ROOM_C };
    case 'frozen':
      return { ...raw, start_temperature_c: FREEZER_C, prep: coats };
    case 'par-fried':
      return {
        ...raw,
        start_temperature_c: ROOM_C,
        prep: [...PAR_FRIED, ...coats.filter(({ step }) => step !== 'oil')],
      };
    case 'kept': {
      const { stages, events } = raw.cook;
      const first: EarlierCookStep = {
        step: 'cook',
        stages: until(stages, pullMinute),
        events: events.flatMap((event) => (event.action === 'add' || event.minute >= pullMinute ? [] : [event])),
        preheat: raw.fryer.preheat,
        until: 'stages',
      };
      return {
        ...raw,
        prep: [...raw.prep, first, { step: 'chill', hours: KEPT_HOURS }],
        cook: { stages: [REHEAT], events: [{ minute: 4, action: 'shake' }], openings: 'set' },
      };
    }
  }
}

function withoutParFry(prep: readonly PrepStep[]): PrepStep[] {
  return prep[0]?.step === 'parcook' && prep[0].method === 'par-fry' && prep[1]?.step === 'freeze'
    ? prep.slice(PAR_FRIED.length)
    : [...prep];
}

/** The plan as it was before its leftovers were planned. */
function beforeKeeping(document: PlanFile): PlanFile {
  const at = document.prep.findLastIndex(({ step }) => step === 'cook');
  const first = document.prep[at];
  if (first?.step !== 'cook') return document;
  return {
    ...document,
    prep: document.prep.slice(0, at),
    fryer: { ...document.fryer, preheat: first.preheat },
    cook: { stages: first.stages, events: first.events, openings: 'set' },
  };
}

function until(stages: PlanFile['cook']['stages'], minute: number): PlanFile['cook']['stages'] {
  const kept: PlanFile['cook']['stages'] = [];
  let left = Math.max(1, Math.round(minute * 2) / 2);
  for (const stage of stages) {
    if (left < 0.5) break;
    kept.push({ ...stage, minutes: Math.min(stage.minutes, left) });
    left -= stage.minutes;
  }
  return kept;
}
