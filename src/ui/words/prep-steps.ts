import type { BestMoment } from '../../core/forecast/best-moment';
import { pullTimeIn } from '../../core/forecast/forecast';
import { batchYield } from '../../core/cut/batch-yield';
import { prepTasks } from '../../core/prep/prep-tasks';
import type { Plan } from '../../core/plan/plan';
import { celsiusFromKelvin } from '../../core/units/temperature';
import type { PlanFile } from '../../schemas/plan-file';
import { halfMinutes, massText, temperatureText, type UnitSystem, wholeMinutes } from './format';
import { ACTION_WORDS } from './labels';
import { cutText, prepPhrase } from './plan-text';

/** One line of a prep card: what to do, and for how long, s; null where it takes no time of its own. */
export interface CardStep {
  readonly text: string;
  readonly duration: number | null;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The whole plan as steps to read aloud at the board and the fryer, in order. */
export function cardSteps(
  document: PlanFile,
  plan: Plan,
  moment: Pick<BestMoment, 'pull' | 'inTime' | 'firstCheck'>,
  units: UnitSystem,
): CardStep[] {
  const pullTime = pullTimeIn(moment);
  const { count } = batchYield(plan.food, plan.cut, plan.mass);
  const tasks = prepTasks(plan);
  const steps: CardStep[] = [
    {
      text: `Cut: ${cutText(document, units)}; ${massText(document.mass_g, units)}, about ${count} pieces.`,
      duration: null,
    },
    ...document.prep.map((step, i) => ({
      text: `${capital(prepPhrase(step, units))}.`,
      duration: tasks[i]?.duration ?? null,
    })),
  ];
  const { preheat } = document.fryer;
  const first = document.cook.stages[0]!;
  steps.push({
    text: preheat
      ? `Preheat to ${temperatureText(preheat.temperature_c, units)} while the last steps go on.`
      : `Set the dial to ${temperatureText(first.temperature_c, units)}; no preheat.`,
    duration: preheat ? preheat.minutes * 60 : null,
  });
  steps.push({ text: 'Load the basket.', duration: null });
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
  const openings = plan.events
    .filter((event) => pullTime === null || event.time < pullTime)
    .toSorted((a, b) => a.time - b.time);
  for (const { time, action } of openings) {
    steps.push({ text: `${ACTION_WORDS[action]} after ${halfMinutes(time)} min.`, duration: null });
  }
  steps.push({
    text:
      pullTime === null
        ? 'Not done within the stages: look and go on.'
        : `Pull after about ${wholeMinutes(pullTime)} min; begin looking after ${wholeMinutes(moment.firstCheck)} min.`,
    duration: pullTime,
  });
  const { rest } = document;
  steps.push({
    text: `Rest ${rest?.minutes ?? 2} min ${rest && rest.place !== 'rack' ? rest.place.replace('warm-oven', 'in the warm oven') : 'on a rack'}${rest?.salt_g ? `, with ${massText(rest.salt_g, units)} of salt while hot` : ''}.`,
    duration: (rest?.minutes ?? 2) * 60,
  });
  return steps;
}
