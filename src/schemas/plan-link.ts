import { strFromU8, strToU8, unzlibSync, zlibSync } from 'fflate';
import type { z } from 'zod';
import { type PlanFile, planFileSchema } from './plan-file';
import { writePlanFile } from './write-plan';

/** Longest packed plan that a link may carry, characters; longer ones are cut off by mail and chat programs. */
export const LONGEST_LINK = 4000;

/** Largest plan that a link may unpack to, bytes. A bomb of zeros stops here. */
const LARGEST_PLAN = 64 * 1024;

/** Why a link carries no plan. */
export type LinkFault =
  | { readonly code: 'too-long' }
  | { readonly code: 'not-a-link' }
  | { readonly code: 'not-a-plan'; readonly error: z.ZodError };

/** Packs a plan for the part of a link behind the #: deflated JSON in base64url. Null when it would be too long. */
export function packPlan(document: PlanFile): string | null {
  const packed = zlibSync(strToU8(JSON.stringify(writePlanFile(document))), { level: 9 });
  const text = btoa(String.fromCharCode(...packed))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
  return text.length <= LONGEST_LINK ? text : null;
}

/** Unpacks what `packPlan` made; whatever else comes is answered with a fault. */
export function unpackPlan(text: string): { readonly document: PlanFile } | { readonly fault: LinkFault } {
  if (text.length > LONGEST_LINK) return { fault: { code: 'too-long' } };
  let value: unknown;
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (c) => c.charCodeAt(0));
    const room = new Uint8Array(LARGEST_PLAN);
    value = JSON.parse(strFromU8(unzlibSync(bytes, { out: room })));
  } catch {
    return { fault: { code: 'not-a-link' } };
  }
  const parsed = planFileSchema.safeParse(value, { reportInput: true });
  return parsed.success ? { document: parsed.data } : { fault: { code: 'not-a-plan', error: parsed.error } };
}
