import { type ArchiveProgress, bringArchive } from './bring-archive';

const fetchMock = jest.fn();
const answer = (status: number, body: object) => ({ ok: status < 400, status, json: async () => body });
const at = (path: string) => Number(new URL(path, 'http://app.test').searchParams.get('at'));

beforeEach(() => {
  globalThis.fetch = fetchMock.mockReset();
});

test('an archive goes in parts, on from where a broken line left it, and then in', async () => {
  const file = new Blob([new Uint8Array(5_000_000)]);
  let [received, broke] = [0, 0];
  fetchMock.mockImplementation(async (path: string, { method, body }: { method: string; body?: Blob }) => {
    if (method === 'GET') return answer(200, { received, rows: 7 });
    if (method === 'POST') return answer(200, { added: 12, same: true });
    if (at(path) === 2_000_000 && broke++ < 2) throw new Error('the line broke');
    received = at(path) + body!.size;
    return answer(200, { received });
  });
  const seen: ArchiveProgress[] = [];
  const done = await bringArchive(
    file,
    (progress) => seen.push(progress),
    async () => undefined,
  );
  expect(done).toEqual({ ok: true, added: 12, same: true });
  expect(received).toBe(5_000_000);
  expect(seen.map((one) => (one.kind === 'sending' ? [one.sent, one.broken] : 'taking'))).toEqual([
    [0, false],
    [2_000_000, false],
    [2_000_000, true],
    [2_000_000, true],
    [4_000_000, false],
    'taking',
  ]);
});

test('what is refused is said and not sent on; a busy server is asked again', async () => {
  const file = new Blob([new Uint8Array(10)]);
  let tries = 0;
  fetchMock.mockImplementation(async (_: string, { method }: { method: string }) => {
    if (method === 'PUT') return answer(200, { received: 10 });
    return tries++ < 2 ? answer(503, { error: 'busy' }) : answer(422, { error: 'it is no zip file' });
  });
  const done = await bringArchive(
    file,
    () => undefined,
    async () => undefined,
  );
  expect(done).toEqual({ ok: false, why: 'it is no zip file' });
  expect(tries).toBe(3);
  fetchMock.mockResolvedValue(answer(403, { error: 'not here' }));
  expect(await bringArchive(file, () => undefined)).toEqual({ ok: false, why: 'not here' });
});
