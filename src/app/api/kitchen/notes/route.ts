import { answerChange } from '@/app/_lib/answer';
import { bringNotesSchema } from '@/schemas/old-note';
import { bringNotes } from '@/services/old-notes';

/** Brings old notes into the log. */
export async function POST(request: Request) {
  return answerChange(request, bringNotesSchema, bringNotes);
}
