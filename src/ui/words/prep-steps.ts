import type { BestMoment } from '../../core/forecast/best-moment';
import { pullTimeIn } from '../../core/forecast/pull-time-in';
import { batchYield } from '../../core/cut/batch-yield';
import { prepTasks } from '../../core/prep/prep-tasks';
import { celsiusFromKelvin } from '../../core/units/temperature';
import type { PlanFile } from '../../schemas/plan-file';
import { restOf } from '../../schemas/rest-of';
import { afterSeconds } from '../../schemas/after-time';
import { halfMinutes, massText, temperatureText, type UnitSystem, wholeMinutes } from './format';
import { ACTION_CAUTIONS, STEP_CAUTIONS } from './cautions';
import { currentLoad } from '../../schemas/load-order';
import { drawerWord } from './drawer-word';
import { firstStepOfEachLoad, stepOfLoad } from '../../schemas/each-load';
import type { PrepStep } from '../../schemas/plan-steps';
import { planFromFile, wholePlanFromFile } from '../../schemas/plan-from-file';
import { besideTexts } from './beside-text';
import { openingsUntil, openingText } from './opening-text';
import { cutText, hoursText } from './plan-text';
import { stepOrder } from './step-orders';
import type { StepOrder } from './step-order';

/** One line of a prep card: what to do, and for how long, s; null where it takes no time of its own. */
export interface CardStep {
  readonly text: string;
  readonly duration: number | null;
  readonly caution?: string;
}

function lineOf({ text, amount, caution }: StepOrder): Pick<CardStep, 'text' | 'caution'> {
  return { text: amount === null ? `${text}.` : `${text}: ${amount}.`, ...(caution === null ? {} : { caution }) };
}

/** A step that is done for each load, with the amounts of one. */
function eachLine(step: PrepStep, document: PlanFile, units: UnitSystem): Pick<CardStep, 'text' | 'caution'> {
  const line = lineOf(stepOrder(stepOfLoad(step, document), planFromFile(document), units));
  const which = document.loads.sizes ? 'for the first load, the others by their size' : 'for each load as it goes in';
  return { ...line, text: `${line.text.slice(0, -1)}; ${which}.` };
}

/** The whole plan as steps to read aloud at the board and the fryer, in order. */
export function cardSteps(
  document: PlanFile,
  moment: Pick<BestMoment, 'pull' | 'inTime' | 'firstCheck'>,
  units: UnitSystem,
): CardStep[] {
  const pullTime = pullTimeIn(moment);
  const plan = wholePlanFromFile(document);
  const { count: loads, serve } = document.loads;
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const tasks = prepTasks(plan);
  const each = firstStepOfEachLoad(document);
  const steps: CardStep[] = [
    {
      text: `Cut: ${cutText(document, units)}; ${massText(document.mass_g, units)}, about ${count} pieces.`,
      duration: null,
    },
    ...document.prep.map((step, i) => ({
      ...(i < each ? lineOf(stepOrder(step, plan, units)) : eachLine(step, document, units)),
      duration: tasks[i]?.duration ?? null,
    })),
  ];
  const { preheat } = document.fryer;
  const first = document.cook.stages[0]!;
  for (const side of document.sides) {
    const lead = side.lead_hours > 0 ? `, ${hoursText(side.lead_hours)} before the table` : '';
    steps.push({
      text: `${side.name}: ${massText(side.grams_per_head * document.portions, units)}${lead}.`,
      duration: side.hands_minutes * 60,
    });
  }
  steps.push({
    text: preheat
      ? `Preheat to ${temperatureText(preheat.temperature_c, units)} while the last steps go on.`
      : `Set the dial to ${temperatureText(first.temperature_c, units)}; no preheat.`,
    duration: preheat ? preheat.minutes * 60 : null,
  });
  for (const beside of besideTexts(document, units, pullTime)) {
    steps.push({ text: `Have ready: ${beside}.`, duration: null });
  }
  steps.push({
    text:
      loads === 1
        ? 'Load the basket.'
        : `Load the first of ${loads}: ${massText(document.mass_g * currentLoad(document).share, units)}${drawerWord(document)}.`,
    duration: null,
    caution: STEP_CAUTIONS.load,
  });
  let from = 0;
  for (const stage of plan.stages) {
    if (from > 0 && (pullTime === null || from < pullTime)) {
      steps.push({
        text: `After ${halfMinutes(from)} min set ${temperatureText(celsiusFromKelvin(stage.temperature), units)}.`,
        duration: null,
      });
    }
    from += stage.duration;
  }
  for (const opening of openingsUntil(document, pullTime)) {
    const when = halfMinutes(opening.minute * 60);
    steps.push({
      text: `After ${when} min: ${openingText(opening, document, units)}.`,
      duration: null,
      caution: ACTION_CAUTIONS[opening.action],
    });
  }
  steps.push({
    text:
      pullTime === null
        ? 'Not done within the stages: look and go on.'
        : `Pull after about ${wholeMinutes(pullTime)} min; begin looking after ${wholeMinutes(moment.firstCheck)} min.`,
    duration: pullTime,
  });
  if (loads > 1) {
    steps.push({
      text: `The other ${loads === 2 ? 'load follows' : `${loads - 1} loads follow`} at once in the warm fryer, each a little sooner; ${serve === 'together' ? 'what is out waits on a rack' : 'serve them as they come'}.`,
      duration: null,
    });
  }
  for (const step of document.after.length > 0 ? document.after : [restOf(document)]) {
    steps.push({ ...lineOf(stepOrder(step, plan, units)), duration: afterSeconds(step, document) });
  }
  return steps;
}
