import { arrangeEvening } from '../../core/evening/arrange-evening';
import { fryerOrder } from '../../core/evening/fryer-order';
import { runnerUpOf } from '../../core/evening/runner-up';
import { atTable } from '../../core/evening/at-table';
import { keepOf } from '../../core/evening/way-id';
import { TABLE } from '../../core/evening/table-way';
import type { DishWay, EveningProblem, EveningSchedule } from '../../core/evening/evening-problem';
import { dishOf, eveningRun } from '../../core/evening/evening-run';
import { type DishForecast, forecastDish, HOT_ENOUGH } from '../../core/evening/forecast-dish';
import { servingLines } from '../../core/evening/serving-lines';
import { shareOutHands } from '../../core/evening/share-out-hands';
import { overdueWaits, pinsToCome, underWay } from '../../core/evening/under-way';
import { warmUps } from '../../core/evening/warm-ups';
import { waysOut } from '../../core/evening/ways-out';
import { WARM_OVEN_C } from '../../core/forecast/hold';
import { kelvinFromCelsius } from '../../core/units/temperature';
import { eveningProblem, fryerResource } from '../../editing/evening-problem';
import { openingsFor, openingsOf } from '../../editing/openings-for';
import { loadOrder } from '../../schemas/load-order';
import type { PlanFile } from '../../schemas/plan-file';
import { planFromFile, wholePlanFromFile } from '../../schemas/plan-from-file';
import type { DishAtTable, EveningQuestion, EveningService, EveningView, ShownSchedule } from './protocol';
import { breathe } from '../breathe';

const SEED = 1;

/** Forecasts kept ready. */
const KEPT = 60;

/** Partial schedules looked at for the best. Source: numerics; time is up before. */
const LOOKS = 100_000;

/** How long is looked for the best, for the runner-up, and for each once it is under way, ms. Source: chosen; a cook waits two seconds for a plan and one in mid-evening. */
const PATIENCE = { best: 2000, runnerUp: 1000, underWay: 300, lines: 400 } as const;

/** Says when so many ms are over. */
function timer(ms: number): () => boolean {
  const end = performance.now() + ms;
  return () => performance.now() > end;
}

/** Lateness that is worth saying, loss against what was planned. Source: chosen, a twentieth of a dish. */
const WORTH_SAYING = 5;

/** Answers one question at a time; a newer one ends an older. */
export function createEveningService(): EveningService {
  const known = new Map<string, DishForecast>();
  const losses = new Map<string, number>();
  let newest = 0;
  const dishIn = (fryer: string, document: PlanFile): DishForecast => {
    const key = JSON.stringify([fryer, document]);
    const forecast = known.get(key) ?? forecastIn(fryer, document);
    known.delete(key);
    known.set(key, forecast);
    if (known.size > KEPT) known.delete(known.keys().next().value!);
    return forecast;
  };
  return {
    async arrange(question, report) {
      const own = ++newest;
      const { evening, plans } = question;
      const wanted = evening.dishes.flatMap(({ kind, id }) => (kind === 'plan' && plans[id] ? [id] : []));
      const fried = new Map<string, DishForecast[]>();
      for (const [i, id] of wanted.entries()) {
        report(i, wanted.length);
        const inEach: DishForecast[] = [];
        for (const [n, { fryer_id }] of evening.fryers.entries()) {
          await breathe();
          if (own !== newest) return null;
          inEach.push(dishIn(fryerResource(fryer_id), plans[id]![n]!));
        }
        fried.set(id, inEach);
      }
      report(wanted.length, wanted.length);
      await breathe();
      return own === newest ? viewOf(question, fried, losses) : null;
    },
  };
}

function forecastIn(fryer: string, document: PlanFile): DishForecast {
  const opened = document.cook.openings === 'chosen' ? openingsFor(document, SEED) : document;
  return forecastDish(fryer, wholePlanFromFile(opened), loadOrder(opened), SEED);
}

function viewOf(
  { evening, plans, paces, told, now }: EveningQuestion,
  fried: Map<string, DishForecast[]>,
  losses: Map<string, number>,
): EveningView {
  const run = eveningRun(told);
  const serveAt = run.serveAt ?? Date.parse(evening.serve_at);
  const moved = { ...evening, serve_at: new Date(serveAt).toISOString() };
  const planned = eveningProblem(moved, fried, paces);
  const isUnderWay = run.steps.size > 0;
  const problem = isUnderWay
    ? underWay(planned, run, serveAt, now)
    : notBegun(planned, Math.max(0, (serveAt - now) / 1000));
  const answer = arrangeEvening(problem, LOOKS, timer(isUnderWay ? PATIENCE.underWay : PATIENCE.best));
  const show = (schedule: EveningSchedule | null, by = 0): ShownSchedule | null =>
    schedule && shownSchedule(schedule, problem, evening, plans, fried, serveAt + by * 1000, new Set(run.steps.keys()));
  const late =
    isUnderWay &&
    (answer.best === null ||
      answer.best.loss > plannedLoss(planned, JSON.stringify([moved, plans, paces]), losses) + WORTH_SAYING);
  return {
    best: show(answer.best),
    runnerUp:
      isUnderWay || !answer.best ? null : show(runnerUpOf(problem, answer.best, LOOKS, timer(PATIENCE.runnerUp))),
    proved: answer.proved,
    bound: answer.bound,
    orders: answer.orders,
    waysOut: answer.best ? [] : waysOut(problem),
    lines: late
      ? servingLines(problem, timer(PATIENCE.lines)).map(({ by, schedule }) => ({ by, shown: show(schedule, by)! }))
      : [],
    overdue: answer.best ? [...overdueWaits(asPlanned(answer.best, planned), run, now)] : [],
    pictures: Object.fromEntries(
      [...fried].map(([id, each]) => [
        id,
        each.map(({ looks, browning, loads }) => ({
          looks,
          browning,
          openings: openingsOf(loads[0]!.openings),
        })),
      ]),
    ),
  };
}

/** An evening of which nothing is begun: all of it from now on. */
function notBegun(planned: EveningProblem, earliest: number): EveningProblem {
  return { ...planned, earliest, fixed: new Map(pinsToCome(planned.fixed, earliest)) };
}

/** The ways of a schedule as they were planned, with the waits they should keep. */
function asPlanned({ ways }: EveningSchedule, planned: EveningProblem): DishWay[] {
  return [...ways].flatMap(
    ([dish, { id }]) => planned.dishes.find((one) => one.id === dish)?.ways.find((way) => way.id === id) ?? [],
  );
}

/** What the evening would cost at the table if nothing slipped; the same evening is asked about again and again. */
function plannedLoss(planned: EveningProblem, key: string, known: Map<string, number>): number {
  const loss = known.get(key) ?? arrangeEvening(planned, LOOKS, timer(PATIENCE.underWay)).best?.loss ?? Infinity;
  known.clear();
  known.set(key, loss);
  return loss;
}

function shownSchedule(
  { ways, begins, loss }: EveningSchedule,
  problem: EveningProblem,
  evening: EveningQuestion['evening'],
  plans: EveningQuestion['plans'],
  fried: Map<string, DishForecast[]>,
  serveAt: number,
  settled: ReadonlySet<string>,
): ShownSchedule {
  const steps = [...ways.values()].flatMap((way) => way.steps);
  const own = new Map(Object.entries(evening.hands).filter(([, cook]) => cook < evening.cooks.length));
  const orders = problem.fryers.map((fryer) => ({ fryer, steps: fryerOrder(fryer, ways, begins) }));
  return {
    loss,
    serveAt,
    steps: steps
      .map(({ id, kind, length, uses }) => ({ id, dish: dishOf(id), kind, begin: begins.get(id)!, length, uses }))
      .sort((a, b) => b.begin - a.begin),
    work: shareOutHands(steps, begins, evening.cooks.length, own, settled),
    table: [...ways]
      .filter(([dish]) => dish !== TABLE)
      .map(([dish, way]): DishAtTable => {
        const each = fried.get(dish);
        if (!each || keepOf(way) === null) {
          const [last] = way.waiting;
          const since = last ? Math.max(0, begins.get(last.step)! - last.from) : 0;
          return { dish, way: way.id, kept: null, heart: null, since, fryer: null };
        }
        const from = each.findIndex(({ fryer }) => way.id.startsWith(fryer));
        return { dish, way: way.id, ...atTable(way, each, begins), fryer: from };
      }),
    warmUps: warmUps(
      steps.map(({ id, uses }) => ({ id, uses, begin: begins.get(id)! })),
      problem.fryers,
      (fryer, step) => {
        const plan = plans[dishOf(step)]?.[problem.fryers.indexOf(fryer)];
        const { preheat = null, stages } = plan ? planFromFile(plan) : { stages: [] };
        return {
          duration: preheat?.duration ?? HOT_ENOUGH,
          temperature: preheat?.temperature ?? stages[0]?.temperature ?? null,
        };
      },
      kelvinFromCelsius(WARM_OVEN_C),
    ),
    orders,
  };
}
