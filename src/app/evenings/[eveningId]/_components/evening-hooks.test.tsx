/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { newEvening, withPeople } from '@/editing/edit-evening';
import type { EveningEvent } from '@/schemas/evening-event';
import { writeEveningFile } from '@/schemas/evening-file';
import { useEvening } from './use-evening';
import { useTold } from './use-told';

const EVENING = '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c11';
const bare = newEvening('Friday', new Date('2026-11-28T19:00:00Z'), [EVENING]);
const fetchMock = jest.fn();

const answer = (body: unknown, status = 200) => ({ ok: status < 400, status, json: async () => body });

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  fetchMock.mockReset();
  globalThis.fetch = fetchMock;
});

afterEach(() => jest.useRealTimers());

const rest = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

describe('an evening being planned', () => {
  test('is saved once it has come to rest, each save from the revision before; undo is a change like others', async () => {
    fetchMock.mockResolvedValueOnce(answer({ revision: 2 })).mockResolvedValueOnce(answer({ revision: 3 }));
    const { result } = renderHook(() => useEvening(EVENING, bare, 1));
    act(() => result.current.change((before) => withPeople(before, 5)));
    act(() => result.current.change((before) => withPeople(before, 6)));
    expect(fetchMock).not.toHaveBeenCalled();
    await rest(600);
    expect(fetchMock).toHaveBeenCalledTimes(1);
    expect(JSON.parse(fetchMock.mock.calls[0][1].body)).toMatchObject({ base: 1, document: { people: 6 } });
    expect(result.current.words).toBe('Saved');
    act(() => result.current.undo());
    expect(result.current.document.people).toBe(5);
    await rest(600);
    expect(JSON.parse(fetchMock.mock.calls[1][1].body)).toMatchObject({ base: 2, document: { people: 5 } });
  });

  test('that the server cannot take yet is sent again', async () => {
    fetchMock.mockResolvedValueOnce(answer({ error: 'away' }, 503)).mockResolvedValueOnce(answer({ revision: 2 }));
    const { result } = renderHook(() => useEvening(EVENING, bare, 1));
    act(() => result.current.change((before) => withPeople(before, 6)));
    await rest(600);
    expect(result.current.words).toBe('Not saved yet; trying again');
    await rest(4100);
    expect(result.current.words).toBe('Saved');
  });

  test('that could not be saved is there after a reload, and is saved then', async () => {
    fetchMock.mockRejectedValue(new Error('offline'));
    const first = renderHook(() => useEvening(EVENING, bare, 1));
    act(() => first.result.current.change((before) => withPeople(before, 6)));
    await rest(600);
    first.unmount();
    fetchMock.mockReset().mockResolvedValue(answer({ revision: 2 }));
    const again = renderHook(() => useEvening(EVENING, bare, 1));
    await rest(600);
    expect(again.result.current.document.people).toBe(6);
    expect(JSON.parse(fetchMock.mock.calls[0][1].body)).toMatchObject({ base: 1, document: { people: 6 } });
    expect(again.result.current.words).toBe('Saved');
    again.unmount();
    const third = renderHook(() => useEvening(EVENING, bare, 2));
    await rest(600);
    expect(third.result.current.document.people).toBe(bare.people);
  });

  test.each(['mine', 'theirs'] as const)('changed elsewhere is never written over: %s is chosen', async (keep) => {
    const theirs = withPeople(bare, 9);
    const elsewhere = { code: 'changed-elsewhere', revision: 7, document: writeEveningFile(theirs), error: 'x' };
    fetchMock.mockResolvedValueOnce(answer(elsewhere, 409)).mockResolvedValue(answer({ revision: 8 }));
    const { result } = renderHook(() => useEvening(EVENING, bare, 1));
    act(() => result.current.change((before) => withPeople(before, 6)));
    await rest(600);
    expect(result.current.elsewhere).toMatchObject({ revision: 7 });
    await rest(5000);
    expect(fetchMock).toHaveBeenCalledTimes(1);
    act(() => result.current.settle(keep));
    await rest(600);
    expect(result.current.document.people).toBe(keep === 'mine' ? 6 : 9);
    /* theirs is stored already; mine is written over it knowingly */
    expect(fetchMock).toHaveBeenCalledTimes(keep === 'mine' ? 2 : 1);
    if (keep === 'mine') expect(JSON.parse(fetchMock.mock.calls[1][1].body)).toMatchObject({ base: 7 });
  });
});

describe('what is told', () => {
  const theirs: EveningEvent = {
    id: '3f0c8a52-7d2e-4c0a-9b57-0d5f5f2a1c99',
    kind: 'done',
    happenedAt: 5,
    detail: { step: 'dip:own-1' },
  };

  test('stands here at once, is sent, and what others told comes within seconds, once', async () => {
    fetchMock.mockImplementation(async (_: string, init?: { method: string }) =>
      answer(init?.method === 'POST' ? { ok: true } : { events: [theirs], cursor: '4' }),
    );
    const { result } = renderHook(() => useTold(EVENING, [], '0'));
    act(() => result.current.tell({ kind: 'begun', detail: { step: 'dip:own-1' } }));
    expect(result.current.events).toHaveLength(1);
    await rest(100);
    expect(result.current.waiting).toBe(0);
    await rest(6500);
    expect(result.current.events.map(({ kind }) => kind)).toEqual(['begun', 'done']);
    expect(fetchMock.mock.calls.at(-1)![0]).toBe(`/api/evenings/${EVENING}/events?after=4`);
  });

  test('without a network it is kept on the device, through a reload, and sent when the network is back', async () => {
    fetchMock.mockRejectedValue(new Error('offline'));
    const first = renderHook(() => useTold(EVENING, [], '0'));
    act(() => first.result.current.tell({ kind: 'begun', detail: { step: 'dip:own-1' } }));
    await rest(100);
    expect(first.result.current.waiting).toBe(1);
    first.unmount();
    const again = renderHook(() => useTold(EVENING, [], '0'));
    await rest(0);
    expect(again.result.current.events).toMatchObject([{ kind: 'begun' }]);
    expect(again.result.current.waiting).toBe(1);
    fetchMock.mockResolvedValue(answer({ events: [], cursor: '1' }));
    await rest(3100);
    await waitFor(() => expect(again.result.current.waiting).toBe(0));
    const posts = fetchMock.mock.calls.filter(([, init]) => init?.method === 'POST');
    expect(JSON.parse(posts.at(-1)![1].body).events).toMatchObject([{ kind: 'begun', detail: { step: 'dip:own-1' } }]);
    expect(localStorage.getItem(`drubek-evening-${EVENING}`)).toBeNull();
  });

  test('a mark that the server refuses is left out with its reason, the others arrive', async () => {
    const odd = 'dip:own-2';
    fetchMock.mockRejectedValueOnce(new Error('offline')).mockRejectedValueOnce(new Error('offline'));
    const { result, unmount } = renderHook(() => useTold(EVENING, [], '0'));
    act(() => result.current.tell({ kind: 'begun', detail: { step: 'dip:own-1' } }));
    act(() => result.current.tell({ kind: 'begun', detail: { step: odd } }));
    await rest(100);
    expect(result.current.waiting).toBe(2);
    const arrived: string[] = [];
    fetchMock.mockImplementation(async (_: string, init?: { method: string; body: string }) => {
      if (init?.method !== 'POST') return answer({ events: [], cursor: '1' });
      const steps = (JSON.parse(init.body) as { events: { detail: { step: string } }[] }).events.map(
        (e) => e.detail.step,
      );
      if (steps.includes(odd)) return answer({ error: 'No such step.' }, 422);
      arrived.push(...steps);
      return answer({ ok: true });
    });
    await rest(3100);
    expect(arrived).toEqual(['dip:own-1']);
    expect(result.current).toMatchObject({ waiting: 0, refused: { count: 1, why: 'No such step.' } });
    expect(result.current.events).toMatchObject([{ detail: { step: 'dip:own-1' } }]);
    unmount();
    const again = renderHook(() => useTold(EVENING, [], '0'));
    await rest(0);
    expect(again.result.current.events).toMatchObject([{ detail: { step: 'dip:own-1' } }]);
  });

  test('a page kept from before knows what was told since, also what was sent long ago', async () => {
    fetchMock.mockImplementation(async (_: string, init?: { method: string }) =>
      answer(init?.method === 'POST' ? { ok: true } : { events: [theirs], cursor: '4' }),
    );
    const first = renderHook(() => useTold(EVENING, [], '0'));
    act(() => first.result.current.tell({ kind: 'begun', detail: { step: 'dip:own-1' } }));
    await rest(3500);
    first.unmount();
    fetchMock.mockRejectedValue(new Error('offline'));
    const again = renderHook(() => useTold(EVENING, [], '0'));
    await rest(0);
    expect(again.result.current.events.map(({ kind }) => kind)).toEqual(['begun', 'done']);
    expect(again.result.current.waiting).toBe(0);
  });
});
