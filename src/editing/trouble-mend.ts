import { batchYield } from '../core/cut/batch-yield';
import type { Cause } from '../core/trouble/cause';
import type { PlanFile } from '../schemas/plan-file';
import { wholePlanFromFile } from '../schemas/plan-from-file';
import { withOpenings, withOpeningsBy, withStages } from './edit-cook';
import { withLoads } from './edit-loads';
import { prepStep, withPrepStep } from './edit-plan';
import { USUAL_PREHEAT } from './usual-amounts';

/** What a mend turns the dial by, °C, and the dials between which it stays. Source: chosen, one step a cook would try. */
const TURN = 15;
const COOLEST = 100;
const HOTTEST = 230;

/** How much longer the stages are of what goes slower. Source: chosen; the pull is forecast anyway, they only must not end before. */
const LONGER = 1.4;
const LONGEST_STAGE = 90;

/** Scatter of a mandoline; oil that is held and browns, g/m²; pieces at room temperature, °C. Source: as the bench offers them. */
const EVEN_SCATTER = 0.03;
const GOOD_FILM = 45;
const ROOM = 20;

const MOST_LOADS = 6;

function turned(document: PlanFile, by: number): PlanFile {
  const stages = document.cook.stages.map((stage) => ({
    minutes: by < 0 ? Math.min(LONGEST_STAGE, Math.round(stage.minutes * LONGER)) : stage.minutes,
    temperature_c: Math.min(HOTTEST, Math.max(COOLEST, stage.temperature_c + by)),
  }));
  return withStages(document, stages);
}

function oiled(document: PlanFile): PlanFile {
  const oil = prepStep(document, 'oil');
  const { food, cut, mass } = wholePlanFromFile(document);
  const grams = Math.max(1, Math.round(GOOD_FILM * batchYield(food, cut, mass).surface));
  if (!oil || oil.mass_g === grams) return document;
  return withPrepStep(document, 'oil', { ...oil, film_g_m2: undefined, mass_g: grams });
}

function longer(document: PlanFile): PlanFile {
  return withStages(
    document,
    document.cook.stages.map((stage) => ({
      ...stage,
      minutes: Math.min(LONGEST_STAGE, Math.round(stage.minutes * LONGER)),
    })),
  );
}

/** What is left of a coat that is mended, and of the time in the pot. Source: chosen, a third less. */
const LESS = 2 / 3;
const LEAST_COAT = 0.5;
const LEAST_PARCOOK = 0.5;

function thinner(document: PlanFile): PlanFile {
  return {
    ...document,
    prep: document.prep.map((step) => {
      if (step.step === 'starch' || step.step === 'batter') {
        return { ...step, mass_g: Math.max(LEAST_COAT, Math.round(step.mass_g * LESS * 2) / 2) };
      }
      return step.step === 'dredge' && step.layers === 2 ? { ...step, layers: 1 as const } : step;
    }),
  };
}

function firmer(document: PlanFile): PlanFile {
  const parcook = prepStep(document, 'parcook');
  if (!parcook) return document;
  const minutes = Math.max(LEAST_PARCOOK, Math.round(parcook.minutes * LESS * 2) / 2);
  return withPrepStep(document, 'parcook', { ...parcook, minutes });
}

/** The plan changed against a cause, its openings chosen anew where they follow it; the same plan where nothing in it can be changed. */
export function mendAgainst(cause: Cause, document: PlanFile): PlanFile {
  const split = () => withLoads(document, Math.min(MOST_LOADS, document.loads.count + 1));
  switch (cause) {
    case 'cool-fryer':
      return turned(document, TURN);
    case 'hot-fryer':
    case 'sweet-produce':
      return turned(document, -TURN);
    case 'weak-fan':
      return longer(split());
    case 'too-full':
      return split();
    case 'wet-pieces':
      return withPrepStep(document, 'dry', { step: 'dry', method: 'towel-twice' });
    case 'uneven-cut':
      return { ...document, cut: { ...document.cut, scatter: EVEN_SCATTER } };
    case 'cold-start': {
      const preheat = { minutes: USUAL_PREHEAT, temperature_c: document.cook.stages[0]!.temperature_c };
      return {
        ...document,
        start_temperature_c: Math.max(ROOM, document.start_temperature_c),
        fryer: { ...document.fryer, preheat },
      };
    }
    case 'few-openings':
      return document.cook.events.length > 0
        ? withOpeningsBy(document, 'chosen')
        : withOpenings(document, 3, document.cook.stages.reduce((sum, { minutes }) => sum + minutes, 0) * 0.6);
    case 'little-oil':
    case 'much-oil':
      return oiled(document);
    case 'heavy-coat':
      return thinner(document);
    case 'soft-parcook':
      return firmer(document);
    case 'much-shaking':
      return document.cook.events.length > 0 ? withOpeningsBy(document, 'chosen') : document;
    case 'pulled-early':
      return longer(document);
    case 'pulled-late':
    case 'waited':
      return { ...document, after: document.after.filter(({ step }) => step !== 'rest') };
  }
}
