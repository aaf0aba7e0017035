import { advise, type Advice } from '../../core/coach/advice';
import { type Filter, observe, refresh, replanFilter, startFilter } from '../../core/coach/filter';
import type { Observation } from '../../core/coach/observation';
import { pullOf, meanUnknowns } from '../../core/coach/particles';
import { planFromFile } from '../../schemas/plan-from-file';
import type { CoachService } from './protocol';

const SEED = 1;

/** Lets a newer call come in. */
function breathe(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, 0));
}

/** The coach of one run, with what it has learnt so far. */
export function createCoachService(): CoachService {
  let filter: Filter | null = null;
  let planned = '';
  let told: string[] = [];
  let calls = 0;
  return {
    async correct(document, observations, now, plannedPull, report) {
      const call = ++calls;
      const isOld = async () => {
        await breathe();
        return call !== calls;
      };
      if (await isOld()) return;
      const plan = planFromFile(document);
      const key = JSON.stringify(document.cook);
      const all = observations.map((observation) => JSON.stringify(observation));
      if (!filter || !told.every((one, i) => one === all[i])) {
        filter = startFilter(plan, SEED);
        told = [];
      } else if (key !== planned) filter = replanFilter(filter, plan);
      planned = key;
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
        current = observe(current, observation as Observation);
        answer(null);
        current = refresh(current, plan);
        told.push(all[i]!);
        filter = current;
        if (await isOld()) return;
      }
      answer(null);
      if (observations.length === 0 || (await isOld())) return;
      const likelyPull = pullOf(current.particles).p50;
      answer(advise(plan, meanUnknowns(current.particles), now, likelyPull, plannedPull, SEED));
    },
  };
}
