import type { z } from 'zod';

/** One thing wrong with an input: where, and what to change. */
export interface Fault {
  /** such as `cut.thickness_mm` or `prep[2].minutes`; empty for the whole */
  readonly path: string;
  readonly message: string;
}

function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, part) => {
    if (typeof part === 'number') return `${text}[${part}]`;
    return text ? `${text}.${String(part)}` : String(part);
  }, '');
}

/** Every fault of a failed parse, one a field, in words. */
export function faultsOf(error: z.ZodError): Fault[] {
  return error.issues.flatMap((issue) => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({
        path: pathText([...issue.path, key]),
        message: 'is not a field of this format; remove it or check its spelling',
      }));
    }
    if (issue.code === 'invalid_union' && issue.errors.length > 0) return faultsOfUnion(issue);
    return [{ path: pathText(issue.path), message: words(issue) }];
  });
}

/** Of the forms an input could have had, the faults of the one it came nearest to: where the first fault lies deepest. */
function faultsOfUnion(issue: Extract<z.core.$ZodIssue, { code: 'invalid_union' }>): Fault[] {
  const nearest = issue.errors.reduce((best, branch) => (depthOf(branch) > depthOf(best) ? branch : best));
  return faultsOf({
    issues: nearest.map((inner) => ({ ...inner, path: [...issue.path, ...inner.path] })),
  } as z.ZodError);
}

function depthOf(issues: readonly z.core.$ZodIssue[]): number {
  return Math.max(0, ...issues.map((issue) => issue.path.length + (issue.code === 'unrecognized_keys' ? 1 : 0)));
}

function words(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_small':
      return `must be ${limitWords(issue.origin, issue.minimum)} at least`;
    case 'too_big':
      return `must be ${limitWords(issue.origin, issue.maximum)} at most`;
    case 'invalid_value':
      return `must be one of ${issue.values.map(String).join(', ')}`;
    case 'invalid_type':
      return issue.input === undefined
        ? `is missing; it must be of type ${issue.expected}`
        : `must be of type ${issue.expected}`;
    case 'invalid_union':
      return 'options' in issue && Array.isArray(issue.options)
        ? `must be one of ${issue.options.map(String).join(', ')}`
        : 'has none of the allowed forms';
    default:
      return issue.message;
  }
}

function limitWords(origin: string, limit: number | bigint): string {
  if (origin === 'string') return `${limit} characters long`;
  if (origin === 'array') return `a list of ${limit} entries`;
  return String(limit);
}
