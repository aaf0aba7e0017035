import { advise, type Advice } from '../../core/coach/advice';
import { type Filter, observe, refresh, replanFilter, startFilter } from '../../core/coach/filter';
import type { Observation } from '../../core/coach/observation';
import { pullOf, meanUnknowns } from '../../core/coach/particles';
import { planFromFile } from '../../schemas/plan-from-file';
import type { PlanFile } from '../../schemas/plan-file';
import { breathe } from '../breathe';
import type { CoachService } from './protocol';

const SEED = 1;

/** The coach of one run, with what it has learnt so far. */
export function createCoachService(): CoachService {
  let filter: Filter | null = null;
  let planned = '';
  let told: string[] = [];
  let calls = 0;
  return {
    async correct(document, observations, then, now, plannedPull, report) {
      const call = ++calls;
      const isOld = async () => {
        await breathe();
        return call !== calls;
      };
      if (await isOld()) return;
      const plan = planFromFile(document);
      const all = observations.map((observation) => JSON.stringify(observation));
      if (!filter || !told.every((one, i) => one === all[i])) {
        const first = then[0] ?? document;
        filter = startFilter(planFromFile(first), SEED);
        planned = JSON.stringify(first.cook);
        told = [];
      }
      const goOn = (from: Filter, as: PlanFile): Filter => {
        const key = JSON.stringify(as.cook);
        if (key === planned) return from;
        planned = key;
        return replanFilter(from, planFromFile(as));
      };
      let current: Filter = filter;
      const answer = (advice: Advice | null) =>
        report({
          interval: pullOf(current.particles),
          unknowns: meanUnknowns(current.particles),
          taken: current.taken,
          advice,
        });
      for (const [i, observation] of observations.entries()) {
        if (i < told.length) continue;
        const as = then[i] ?? document;
        current = observe(goOn(current, as), observation as Observation);
        answer(null);
        current = refresh(current, planFromFile(as));
        told.push(all[i]!);
        filter = current;
        if (await isOld()) return;
      }
      current = goOn(current, document);
      filter = current;
      answer(null);
      if (observations.length === 0 || (await isOld())) return;
      answer(advise(plan, meanUnknowns(current.particles), now, plannedPull, SEED));
    },
  };
}
