import { looksAt } from '../../core/batch/record-statistics';
import { forecastHold, HOLD_PLACES, type HoldForecast, type HoldPlace } from '../../core/forecast/hold';
import { outcomeOf, type PlanOutcome } from '../../core/forecast/plan-outcome';
import { type Sensitivity, tryFactors } from '../../core/forecast/sensitivity';
import { forecastLoads } from '../../core/forecast/forecast-loads';
import { isMixing, type Plan } from '../../core/plan/plan';
import { chooseOpenings } from '../../core/search/choose-openings';
import { whenToAdd } from '../../core/search/when-to-add';
import { searchPlans } from '../../core/search/search-plans';
import { type Alternative, worthShowing } from '../../core/search/trade-off';
import type { PlanFile } from '../../schemas/plan-file';
import { loadOrder } from '../../schemas/load-order';
import { restOf } from '../../schemas/rest-of';
import { planFromFile, wholePlanFromFile } from '../../schemas/plan-from-file';
import { fileWithAlternative } from '../../editing/found-plan';
import { type Cause, planWith } from '../../core/trouble/cause';
import { diagnose } from '../../core/trouble/diagnose';
import { forecastInterval } from '../../core/forecast/interval';
import type { PullInterval } from '../../core/forecast/pull-interval';
import { forecastPlan } from '../../core/forecast/forecast';
import { chosenOpenings, openingsFor } from '../../editing/openings-for';
import { explainDifference } from '../../editing/explain-difference';
import { mendAgainst } from '../../editing/trouble-mend';
import type { LoadOutcome, StudyService, TriedMend } from './protocol';
import { breathe } from '../breathe';

const SEED = 1;

/** How long a wait is looked at, and a refresh after it, s. */
const HOLD_FOR = 3600;
const REFRESH_FOR = 240;

/** Ways found, and ways looked over, between two reports of the search. */
const FOUND_BETWEEN = 3;
const TRIED_BETWEEN = 20;

/** Causes whose mends are tried. Source: chosen; what is shown. */
const MENDED = 5;

/** A mend in a kitchen that has the cause it is against. */
function triedMend(document: PlanFile, cause: Cause, strength: number): TriedMend {
  const changed = mendAgainst(cause, document);
  const chosen = changed.cook.openings === 'chosen' ? openingsFor(changed, SEED) : changed;
  const plan = planFromFile(chosen);
  /* what the cook does otherwise next time is not still there */
  const spoilt = BY_HAND.has(cause) ? plan : (planWith(plan, cause, strength) ?? plan);
  const { pull, inTime } = forecastPlan(spoilt, SEED);
  return { cause, document: chosen, pullTime: inTime ? pull.time : null, right: pull.share };
}

/** Causes that a cook undoes by doing otherwise; the others are there the next time too. */
const BY_HAND: ReadonlySet<Cause> = new Set([
  'too-full',
  'wet-pieces',
  'uneven-cut',
  'cold-start',
  'few-openings',
  'little-oil',
  'much-oil',
  'heavy-coat',
  'soft-parcook',
  'much-shaking',
  'pulled-early',
  'pulled-late',
  'waited',
]);

/** Answers questions one plan at a time, so that a call-off is heard within one forecast. */
export function createStudyService(): StudyService {
  const off = new Set<number>();
  const isOff = async (ticket: number) => {
    await breathe();
    return off.delete(ticket);
  };
  /** Goes through a study a cook at a time; null where it was called off. */
  const toTheEnd = async <Answer>(ticket: number, steps: Generator<void, Answer>): Promise<Answer | null> => {
    for (;;) {
      if (await isOff(ticket)) return null;
      const step = steps.next();
      if (step.done) return step.value;
    }
  };
  return {
    async outcomes(ticket, documents, report) {
      for (const [index, document] of documents.entries()) {
        if (await isOff(ticket)) return;
        report(index, outcomeOn(document));
      }
    },
    async sensitivity(ticket, document) {
      const found: Sensitivity[] = [];
      for (const one of tryFactors(planFromFile(document), SEED)) {
        found.push(one);
        if (await isOff(ticket)) return null;
      }
      return found;
    },
    async intervals(ticket, documents) {
      const intervals: PullInterval[] = [];
      for (const document of documents) {
        if (await isOff(ticket)) return null;
        intervals.push(forecastInterval(planFromFile(document), SEED));
      }
      return intervals;
    },
    explain: (ticket, one, other) => toTheEnd(ticket, explainDifference(one, other)),
    async diagnose(ticket, document, complaint) {
      const diagnosis = await toTheEnd(ticket, diagnose(planFromFile(document), complaint));
      if (!diagnosis) return null;
      const mends: TriedMend[] = [];
      for (const { cause, strength } of diagnosis.causes.slice(0, MENDED)) {
        if (await isOff(ticket)) return null;
        mends.push(triedMend(document, cause, strength));
      }
      return { diagnosis, mends };
    },
    async hold(ticket, document, pulledAt) {
      const plan = planFromFile(document);
      const holds: Partial<Record<HoldPlace, HoldForecast>> = {};
      for (const place of HOLD_PLACES) {
        if (await isOff(ticket)) return null;
        holds[place] = forecastHold(plan, SEED, pulledAt, place, HOLD_FOR, REFRESH_FOR);
      }
      return holds as Record<HoldPlace, HoldForecast>;
    },
    async loads(ticket, document) {
      if (await isOff(ticket)) return null;
      const forecast = forecastLoads(wholePlanFromFile(document), loadOrder(document), SEED);
      const { loads, time, evenness, energy, inTime } = forecast;
      const { place } = restOf(document);
      const each: LoadOutcome[] = [];
      for (const load of loads) {
        if (await isOff(ticket)) return null;
        const { share, drawer, plan, from, to } = load;
        const { pull, record } = load.forecast;
        const hold = forecastHold(plan, SEED, pull.time, place, time - to, REFRESH_FOR);
        const { kept, hearts, refreshed, heartRefreshed } = hold;
        const waited = { kept: kept.at(-1)!, heart: hearts.at(-1)!, refreshed, heartRefreshed };
        each.push({ share, drawer, from, to, looks: looksAt(record, pull.time), right: pull.share, ...waited });
      }
      return { each, time: inTime ? time : null, evenness, energy };
    },
    async whenToAdd(ticket, document, index) {
      if (await isOff(ticket)) return null;
      return whenToAdd(planFromFile(document), index, SEED);
    },
    async openings(ticket, document) {
      if (await isOff(ticket)) return null;
      return chosenOpenings(document, SEED);
    },
    async search(ticket, document, part, report) {
      const all: Alternative[] = [];
      let newest = 0;
      const answer = (finished: boolean) => report({ front: frontOf(document, all), tried: newest, finished });
      for (const { tried, found } of searchPlans(planOnBench(document), SEED, loadOrder(document), part)) {
        newest = tried;
        if (found) all.push(found);
        if (await isOff(ticket)) return;
        if (tried === 1 || (found ? all.length % FOUND_BETWEEN === 0 : tried % TRIED_BETWEEN === 0)) answer(false);
      }
      answer(true);
    },
    callOff: (ticket) => void off.add(ticket),
  };
}

/** How a plan turns out; null where it cannot be worked out, so that one such plan does not take the answer from the others. */
function outcomeOn(document: PlanFile): PlanOutcome | null {
  try {
    return outcomeOf(planOnBench(document), SEED, loadOrder(document));
  } catch {
    return null;
  }
}

/** All that is on the board as the bench would have it: where openings follow, with those that suit it, so that a price is what arrives. */
function planOnBench(document: PlanFile): Plan {
  const plan = wholePlanFromFile(document);
  if (document.cook.openings !== 'chosen') return plan;
  const mixing = chooseOpenings(planFromFile(document), SEED).filter(({ action }) => isMixing(action));
  return { ...plan, events: [...plan.events.filter(({ action }) => !isMixing(action)), ...mixing] };
}

/** What is worth showing, as plans that can be put on the bench. */
function frontOf(document: PlanFile, found: readonly Alternative[]) {
  return worthShowing(found).map((one) => ({
    document: fileWithAlternative(document, one),
    batches: one.batches,
    score: one.score,
    asItStands: one.asItStands,
  }));
}
