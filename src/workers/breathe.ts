const waiting: (() => void)[] = [];
let channel: MessageChannel | null = null;

/**
 * Lets messages that have come in be taken up, and goes on at once: a timer of nothing would rest four milliseconds after the
 * fifth in a row (HTML, timer initialisation steps).
 */
export function breathe(): Promise<void> {
  if (!channel) {
    channel = new MessageChannel();
    channel.port1.onmessage = () => waiting.shift()?.();
    /* in Node a port that listens would keep the process */
    (channel.port1 as { unref?: () => void }).unref?.();
  }
  const { port2 } = channel;
  return new Promise((resolve) => {
    waiting.push(resolve);
    port2.postMessage(null);
  });
}
