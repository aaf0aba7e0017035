import { proxy, type Remote, wrap } from 'comlink';
import type { PullInterval } from '../../core/forecast/pull-interval';
import type { HoldForecast, HoldPlace } from '../../core/forecast/hold';
import type { PlanOutcome } from '../../core/forecast/plan-outcome';
import type { Sensitivity } from '../../core/forecast/sensitivity';
import type { JoinMoment } from '../../core/search/when-to-add';
import type { Complaint } from '../../core/trouble/diagnose';
import type { Explained } from '../../editing/explain-difference';
import type { ChosenOpening } from '../../editing/openings-for';
import type { PlanFile } from '../../schemas/plan-file';
import { mendedService } from '../mended-service';
import { faultIfSilent } from '../ready';
import { type SearchListener, searchSideBySide } from './search-side-by-side';
import type { LoadsOutcome, StudyService, TriedDiagnosis } from './protocol';

/** Asks the study worker; every question returns a function that calls it off. */
export interface Study {
  outcomes(documents: readonly PlanFile[], onOutcome: (index: number, outcome: PlanOutcome | null) => void): () => void;
  sensitivity(document: PlanFile, onAnswer: (found: Sensitivity[]) => void): () => void;
  hold(document: PlanFile, pulledAt: number, onAnswer: (holds: Record<HoldPlace, HoldForecast>) => void): () => void;
  loads(document: PlanFile, onAnswer: (loads: LoadsOutcome) => void): () => void;
  whenToAdd(document: PlanFile, index: number, onAnswer: (found: JoinMoment) => void): () => void;
  openings(document: PlanFile, onAnswer: (chosen: ChosenOpening[]) => void): () => void;
  search(document: PlanFile, listener: SearchListener): () => void;
  intervals(documents: readonly PlanFile[], onAnswer: (intervals: PullInterval[]) => void): () => void;
  explain(one: PlanFile, other: PlanFile, onAnswer: (explained: Explained) => void): () => void;
  diagnose(document: PlanFile, complaint: Complaint, onAnswer: (tried: TriedDiagnosis) => void): () => void;
  end(): void;
}

function startWorker() {
  const worker = faultIfSilent(new Worker(new URL('./study.worker.ts', import.meta.url), { type: 'module' }));
  return { worker, service: wrap<StudyService>(worker) };
}

/**
 * Starts the worker, and for a search a second one beside it. One that ends by a fault is started anew and asked again, for as
 * long as the answer is wanted. A question that itself fails is dropped: what it decorates then stays without its number.
 */
export function createStudy(): Study {
  const mended = mendedService(startWorker);
  let tickets = 0;
  function ask<Answer>(
    question: (service: Remote<StudyService>, ticket: number, onAnswer: (answer: Answer) => void) => Promise<unknown>,
    onAnswer: (answer: Answer) => void,
  ): () => void {
    const ticket = ++tickets;
    let wanted = true;
    let open = true;
    mended
      .askWhile(
        () => wanted,
        async (service) => {
          if (wanted) await question(service, ticket, (answer) => wanted && onAnswer(answer));
        },
      )
      .catch(() => undefined)
      .finally(() => (open = false));
    return () => {
      wanted = false;
      if (open) callOff(ticket);
    };
  }
  const callOff = (ticket: number) => void mended.ask((service) => service.callOff(ticket)).catch(() => undefined);
  return {
    outcomes: (documents, onOutcome) =>
      ask<readonly [number, PlanOutcome | null]>(
        (service, ticket, answer) =>
          service.outcomes(
            ticket,
            documents,
            proxy((index: number, outcome: PlanOutcome | null) => answer([index, outcome])),
          ),
        ([index, outcome]) => onOutcome(index, outcome),
      ),
    sensitivity: (document, onAnswer) =>
      ask<Sensitivity[]>(async (service, ticket, answer) => {
        const found = await service.sensitivity(ticket, document);
        if (found) answer(found);
      }, onAnswer),
    hold: (document, pulledAt, onAnswer) =>
      ask<Record<HoldPlace, HoldForecast>>(async (service, ticket, answer) => {
        const holds = await service.hold(ticket, document, pulledAt);
        if (holds) answer(holds);
      }, onAnswer),
    loads: (document, onAnswer) =>
      ask<LoadsOutcome>(async (service, ticket, answer) => {
        const loads = await service.loads(ticket, document);
        if (loads) answer(loads);
      }, onAnswer),
    whenToAdd: (document, index, onAnswer) =>
      ask<JoinMoment>(async (service, ticket, answer) => {
        const found = await service.whenToAdd(ticket, document, index);
        if (found) answer(found);
      }, onAnswer),
    openings: (document, onAnswer) =>
      ask<ChosenOpening[]>(async (service, ticket, answer) => {
        const chosen = await service.openings(ticket, document);
        if (chosen) answer(chosen);
      }, onAnswer),
    search: (document, listener) =>
      searchSideBySide(
        {
          search: (...question) => mended.ask((service) => service.search(...question)),
          callOff: async (ticket) => callOff(ticket),
        },
        () => ++tickets,
        navigator.hardwareConcurrency > 1 ? startWorker() : null,
        document,
        listener,
      ),
    diagnose: (document, complaint, onAnswer) =>
      ask<TriedDiagnosis>(async (service, ticket, answer) => {
        const tried = await service.diagnose(ticket, document, complaint);
        if (tried) answer(tried);
      }, onAnswer),
    intervals: (documents, onAnswer) =>
      ask<PullInterval[]>(async (service, ticket, answer) => {
        const intervals = await service.intervals(ticket, documents);
        if (intervals) answer(intervals);
      }, onAnswer),
    explain: (one, other, onAnswer) =>
      ask<Explained>(async (service, ticket, answer) => {
        const explained = await service.explain(ticket, one, other);
        if (explained) answer(explained);
      }, onAnswer),
    end: () => mended.end(),
  };
}
