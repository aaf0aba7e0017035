import { randomUUID } from 'node:crypto';
import { FIRST_PLAN } from '../../src/schemas/first-plan';
import { writePlanFile } from '../../src/schemas/write-plan';

export const PORT = 3590;
export const addressOf = (process: number) => `http://127.0.0.1:${PORT + process}`;
export const FORECAST = { done_min: 20, done_p10_min: 17, done_p90_min: 24, window: null, first_check_min: 17 };

export const quantile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? NaN;

/** One visitor with cookies of its own. */
export class Browser {
  /** @param address of the process it speaks to @param cookie what it begins with */
  constructor(
    public address = addressOf(0),
    private cookie = '',
  ) {}
  /** What it would send as cookies. */
  get cookies(): string {
    return this.cookie;
  }
  async ask(method: string, path: string, body?: unknown, more: Record<string, string> = {}): Promise<Response> {
    const response = await fetch(this.address + path, {
      method,
      redirect: 'manual',
      headers: { origin: this.address, cookie: this.cookie, 'content-type': 'application/json', ...more },
      ...(method === 'GET' || method === 'HEAD'
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.getSetCookie().map((one) => one.split(';')[0]!);
    if (set.length > 0) this.cookie = set.filter((one) => !one.endsWith('=')).join('; ');
    return response;
  }
  async enter(): Promise<this> {
    await this.ask('POST', '/api/session/enter', { kitchen: 'new' });
    return this;
  }
  async beginBatch(document: unknown = writePlanFile(FIRST_PLAN)): Promise<string> {
    const batchId = randomUUID();
    await this.ask('POST', '/api/batches', { batchId, fryerName: 'Fryer', document, forecast: FORECAST });
    return batchId;
  }
  /** Opens a stream; calls `onNews` with each message that brings events, until it is ended. */
  async stream(path: string, ended: AbortSignal, onNews: () => void, address = this.address): Promise<void> {
    const response = await fetch(address + path, { headers: { cookie: this.cookie }, signal: ended });
    const decoder = new TextDecoder();
    for await (const chunk of response.body!) {
      const messages = decoder.decode(chunk as Uint8Array, { stream: true }).split('\n\n');
      for (const message of messages) if (message.includes('"events"')) onNews();
    }
  }
}
