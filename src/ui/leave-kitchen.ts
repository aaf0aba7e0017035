import { forgetKitchenHere } from './forget-kitchen';
import { sendWaiting } from './outbox/send-waiting';
import { placeHere } from './place-here';

/**
 * Gets this device ready to leave the kitchen that it is in: sends what waits, then forgets what it keeps of it.
 * @returns how much could not be sent; that stays, and goes only into its own kitchen
 */
export async function leaveKitchenHere(): Promise<number> {
  const left = placeHere() === null ? 0 : await sendWaiting();
  await forgetKitchenHere();
  return left;
}
