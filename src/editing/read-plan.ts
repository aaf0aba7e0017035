import { faultsOf } from '../schemas/faults';
import { planFileSchema, type PlanFile } from '../schemas/plan-file';
import { type LinkFault, unpackPlan } from '../schemas/plan-link';
import { jsonIn } from './json-in-text';
import { planFromRecipe } from './recipe';

/** What came of a file, a text or a link: a plan with how it was read, or what is wrong and what to change. */
export type Reading =
  | {
      readonly kind: 'plan';
      readonly document: PlanFile;
      readonly from: 'plan file' | 'recipe' | 'link';
      readonly understood: readonly string[];
      readonly assumed: readonly string[];
    }
  | { readonly kind: 'refused'; readonly lines: readonly string[] };

/** The largest file that is read, bytes. */
export const LARGEST_FILE = 1_000_000;

const refused = (...lines: string[]): Reading => ({ kind: 'refused', lines });

/** Reads the text of a plan file or of a Recipe in JSON-LD, also inside a saved page. */
export function readText(text: string): Reading {
  if (text.length > LARGEST_FILE) return refused('This is larger than 1 MB, which no plan or recipe is.');
  let value: unknown;
  try {
    value = JSON.parse(jsonIn(text));
  } catch (error) {
    return refused(`This is not JSON: ${(error as Error).message}. A plan file or a recipe in JSON-LD is needed.`);
  }
  const recipe = planFromRecipe(value);
  if (recipe) return { kind: 'plan', from: 'recipe', ...recipe };
  const parsed = planFileSchema.safeParse(value, { reportInput: true });
  if (parsed.success) return { kind: 'plan', document: parsed.data, from: 'plan file', understood: [], assumed: [] };
  return refused(...faultsOf(parsed.error).map((fault) => `${fault.path || 'the file'}: ${fault.message}`));
}

const LINK_WORDS: Record<Exclude<LinkFault['code'], 'not-a-plan'>, string> = {
  'too-long': 'The link is longer than any that Drubek makes; ask for the plan as a file.',
  'not-a-link': 'The link is damaged: part of it was cut off on its way. Ask for it again, or for the plan as a file.',
};

/** Reads what a shared link carries behind its #. */
export function readLink(packed: string): Reading {
  const unpacked = unpackPlan(packed);
  if ('document' in unpacked)
    return { kind: 'plan', document: unpacked.document, from: 'link', understood: [], assumed: [] };
  const { fault } = unpacked;
  if (fault.code !== 'not-a-plan') return refused(LINK_WORDS[fault.code]);
  return refused(...faultsOf(fault.error).map((one) => `${one.path || 'the link'}: ${one.message}`));
}
