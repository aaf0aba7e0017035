import type { Cut } from '../cut/cut';
import { pressedCut } from '../cut/pressed-cut';
import type { BatchPart } from './plan';

/** The cut in which pieces go into the last cook: what was cut or pressed flat on the way counts. */
export function cutAsLoaded(part: Pick<BatchPart, 'cut' | 'preparation'>): Cut {
  let cut = part.cut;
  for (const step of part.preparation) {
    if (step.step === 'cut') cut = step.cut;
    if (step.step === 'press-flat') cut = pressedCut(cut, step.thickness);
  }
  return cut;
}

/** The plan as what is in the basket looks: its cut as loaded; the same plan where nothing is cut or pressed on the way. */
export function asLoaded<Part extends Pick<BatchPart, 'cut' | 'preparation'>>(part: Part): Part {
  const cut = cutAsLoaded(part);
  return cut === part.cut ? part : { ...part, cut };
}
