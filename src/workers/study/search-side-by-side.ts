import { proxy } from 'comlink';
import { worthShowing } from '../../core/search/trade-off';
import type { PlanFile } from '../../schemas/plan-file';
import type { SearchAnswer, StudyService } from './protocol';

/** What of a study worker a search needs. */
type Searcher = { [Name in 'search' | 'callOff']: (...args: Parameters<StudyService[Name]>) => Promise<void> };

/** A second worker, for one search. */
export interface Helper {
  readonly worker: Pick<Worker, 'terminate' | 'addEventListener'>;
  readonly service: Pick<Searcher, 'search'>;
}

/** What becomes of a search. */
export interface SearchListener {
  onAnswer(answer: SearchAnswer): void;
  /** some of its ways cannot be cooked any more: what was found stands, the end does not come */
  onFailure(): void;
}

/**
 * Searches with half of the ways in a helper; all of them here where there is none, or where it fails; what fails here is said.
 * @param newTicket of a question to `here`
 * @returns calls the search off
 */
export function searchSideBySide(
  here: Searcher,
  newTicket: () => number,
  helper: Helper | null,
  document: PlanFile,
  { onAnswer, onFailure }: SearchListener,
): () => void {
  const of = helper ? 2 : 1;
  const answers = Array<SearchAnswer | null>(of).fill(null);
  const open = new Set<number>();
  let wanted = true;
  const fail = () => {
    if (wanted) onFailure();
  };
  const search = (index: number, service: Pick<Searcher, 'search'>) => {
    const ticket = newTicket();
    if (service === here) open.add(ticket);
    const onPart = (answer: SearchAnswer) => {
      if (!wanted) return;
      answers[index] = answer;
      const together = togetherOf(answers);
      if (together) onAnswer(together);
    };
    return service.search(ticket, document, { index, of }, proxy(onPart)).finally(() => open.delete(ticket));
  };
  search(0, here).catch(fail);
  if (helper) {
    let left = false;
    const leave = () => {
      if (!left && wanted) search(1, here).catch(fail);
      left = true;
      helper.worker.terminate();
    };
    helper.worker.addEventListener('error', leave);
    search(1, helper.service).then(() => helper.worker.terminate(), leave);
  }
  return () => {
    wanted = false;
    helper?.worker.terminate();
    for (const ticket of open) void here.callOff(ticket);
  };
}

/** The answers of both parts as one; null before the first, which has the plan as it stands. */
function togetherOf(answers: readonly (SearchAnswer | null)[]): SearchAnswer | null {
  if (!answers[0]) return null;
  const known = answers.filter((answer) => answer !== null);
  return {
    front: worthShowing(known.flatMap(({ front }) => front)),
    tried: known.reduce((sum, { tried }) => sum + tried, 0),
    finished: known.length === answers.length && known.every(({ finished }) => finished),
  };
}
