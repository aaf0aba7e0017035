import type { Result } from '@/services/result';

/** What came of a request that must succeed; its failure by its code else. */
export async function value<T>(result: Promise<Result<T>>): Promise<T> {
  const made = await result;
  if (!made.ok) throw new Error(made.failure.code);
  return made.value;
}
