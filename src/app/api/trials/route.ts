import { answerChange } from '@/app/_lib/answer';
import { beginTrialSchema } from '@/schemas/trial';
import { beginTrial } from '@/services/trials';

/** Begins a trial of two ways. */
export async function POST(request: Request) {
  return answerChange(request, beginTrialSchema, beginTrial);
}
