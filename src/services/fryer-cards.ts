import { fryerBelief, narrowing, saysAlone } from '@/core/learn/beliefs';
import { CONTRADICTS } from '@/core/learn/contradiction';
import { NOTHING_KNOWN } from '@/core/learn/knowledge';
import { listFryers } from '@/db/queries/fryers';
import { listOutcomes } from '@/db/queries/outcomes';
import type { FryerCard } from '@/schemas/fryer-card';
import { loadLearning } from './learning';
import { type Result, succeed, withKitchen } from './result';

/** Most batches that a card lists. Source: chosen; what fits beside each other. */
const LISTED = 12;

/** What the kitchen knows of each of its fryers, and from which batches. */
export function loadFryerCards(kitchenId: string): Promise<Result<FryerCard[]>> {
  return withKitchen(kitchenId, async () => {
    const [learning, fryers] = await Promise.all([loadLearning(kitchenId), listFryers(kitchenId)]);
    const { knowledge, standings, batches } = learning;
    const counting = batches.filter(({ counts }) => counts);
    const listed = fryers.map((fryer) => batches.filter((batch) => batch.fryer === fryer.name).slice(-LISTED));
    const outcomes = await listOutcomes(
      kitchenId,
      listed.flat().map(({ id }) => id),
    );
    return succeed(
      fryers.map((fryer, i) => {
        const shown = listed[i]!;
        const steps = new Map(
          narrowing(counting, fryer.name, new Set(shown.map(({ id }) => id))).map(({ id, after }) => [id, after]),
        );
        const own = counting.filter((batch) => batch.fryer === fryer.name);
        const from = fryer.learns_from?.getTime() ?? null;
        return {
          fryerId: fryer.fryer_id,
          inUse: fryer.not_learnt_at === null,
          from,
          now: fryerBelief(knowledge, fryer.name),
          before: fryerBelief(NOTHING_KNOWN, fryer.name),
          places: knowledge.places.filter((known) => known.fryer === fryer.name),
          counting: own.filter(({ isTest }) => !isTest).length,
          testsCounting: own.filter(({ isTest }) => isTest).length,
          batches: shown.map((batch) => ({
            id: batch.id,
            name: batch.name,
            begunAt: batch.begunAt,
            leftOut: batch.leftOut,
            isTest: batch.isTest,
            before: from !== null && batch.begunAt < from,
            says: saysAlone(batch, 'offset'),
            after: steps.get(batch.id) ?? null,
            contradicts: (standings.find(({ id }) => id === batch.id)?.distance ?? 0) > CONTRADICTS,
            colours: outcomes.find(({ batch_id }) => batch_id === batch.id)?.fingerprint ?? [],
          })),
        };
      }),
    );
  });
}
