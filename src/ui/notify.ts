/** Something said at the foot of the page. */
export interface Message {
  readonly words: string;
  /** stays until it is read */
  readonly isError: boolean;
}

/* the package that shows messages comes with the first message: a page needs none to be drawn */
const waiting: Message[] = [];
let shower: ((message: Message) => void) | null = null;
let wake: (() => void) | null = null;

function tell(message: Message): void {
  if (shower) return shower(message);
  waiting.push(message);
  wake?.();
}

/** Says something at the foot of the page. */
export function notify(words: string): void {
  tell({ words, isError: false });
}

/** Says what went wrong, until it is read. */
export function notifyError(words: string): void {
  tell({ words, isError: true });
}

/** Calls back once there is something to say and nobody who says it. Returns what ends it. */
export function onFirstMessage(callback: () => void): () => void {
  wake = callback;
  if (waiting.length > 0) callback();
  return () => {
    wake = null;
  };
}

/** Hands over what waits, and from then on each message as it comes. Returns what ends it. */
export function showMessagesBy(show: (message: Message) => void): () => void {
  shower = show;
  waiting.splice(0).forEach(show);
  return () => {
    shower = null;
  };
}
