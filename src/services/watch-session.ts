import { onSessionEnded } from '@/db/notices';
import { forgetKnownSessions, isGood } from './sessions';

/**
 * Watches a session for as long as something is open under it, such as a stream.
 * @param onEnded called once, when the session was ended by whomever, or has run out by the time of a look
 * @returns `look`, which asks now, and `stop`, which ends the watch
 */
export function watchSession(
  sessionId: string,
  onEnded: () => void,
): { readonly look: () => Promise<void>; readonly stop: () => void } {
  let over = false;
  let unhear = () => undefined as void;
  const stop = () => {
    over = true;
    unhear();
  };
  const look = async () => {
    if (over || (await isGood(sessionId)) || over) return;
    forgetKnownSessions();
    stop();
    onEnded();
  };
  unhear = onSessionEnded(sessionId, () => void look());
  /* it may have ended between being looked up and being listened to */
  void look();
  return { look, stop };
}
