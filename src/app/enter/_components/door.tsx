'use client';

import { useCallback, useEffect, useState } from 'react';
import { Button } from '@/ui/controls/button';
import { forgetKitchenHere } from '@/ui/forget-kitchen';
import { send } from '@/ui/send';
import { signInWithPasskey, enterRecoveryCode } from '@/ui/sign-in';

/** Goes on with the cookie as it is now; a client-side move would keep pages of the kitchen before. */
function goOn(path: string): void {
  window.location.replace(path);
}

/** Ways in: the first kitchen, an empty one, one that this browser was in before, or signing in. */
export function Door({
  next,
  here,
  others,
  chooses: asked,
  away,
}: {
  next: string;
  /** the kitchen this browser is in, or null */
  here: { name: string; isDemo: boolean; claimed: boolean } | null;
  others: readonly { id: string; name: string }[];
  /** whether the cook came here to choose */
  chooses: boolean;
  away: boolean;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const [code, setCode] = useState('');
  const [chooses, setChooses] = useState(asked || here !== null || others.length > 0);

  const enter = useCallback(
    async (kitchen: 'first' | 'new') => {
      setProblem(null);
      const sent = await send('POST', '/api/session/enter', { kitchen });
      if (sent.kind === 'done') {
        await forgetKitchenHere();
        goOn(next);
      } else if (sent.kind === 'away') goOn(`/unavailable?next=${encodeURIComponent(next)}`);
      else setProblem(sent.error);
    },
    [next],
  );
  useEffect(() => {
    if (away) goOn(`/unavailable?next=${encodeURIComponent(next)}`);
    else if (!chooses) void Promise.resolve().then(() => enter('first'));
  }, [away, chooses, enter, next]);

  /* whoever was in a kitchen and is in none, as the session ended elsewhere, leaves nothing of it here */
  useEffect(() => {
    if (here === null && !away) void forgetKitchenHere();
  }, [here, away]);

  const act = async (work: Promise<{ ok: true } | { ok: false; why: string }>) => {
    setProblem(null);
    const done = await work;
    if (done.ok) {
      await forgetKitchenHere();
      goOn(next);
    } else setProblem(done.why);
  };
  const goBackTo = async (kitchenId: string) => {
    const sent = await send('POST', '/api/session/switch', { kitchenId });
    return sent.kind === 'done' ? ({ ok: true } as const) : { ok: false as const, why: sent.error };
  };

  if (!chooses && !problem) {
    return (
      <section className="tray p-6">
        <h1 className="text-[26px]">Drubek</h1>
        <p className="mt-1 text-[16px]">Opening the kitchen …</p>
        <Button look="quiet" className="mt-2 px-0" onClick={() => setChooses(true)}>
          Choose another way in
        </Button>
      </section>
    );
  }
  return (
    <section className="tray p-6">
      <h1 className="text-[26px]">Which kitchen?</h1>
      {here && (
        <p className="mt-1 text-[16px]">
          This browser is in “{here.name}”. It stays beside whatever you enter, and you can come back to it here
          {here.isDemo || here.claimed
            ? '.'
            : '; but nobody can sign in to it from elsewhere until it has a passkey (Kitchen → Who may come in).'}
        </p>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        {here && (
          <Button look="main" onClick={() => goOn(next)}>
            Stay in {here.name}
          </Button>
        )}
        {others.map(({ id, name }) => (
          <Button key={id} onClick={() => void act(goBackTo(id))}>
            Back to {name}
          </Button>
        ))}
        <Button onClick={() => void enter('first')}>The first kitchen</Button>
        <Button onClick={() => void enter('new')}>A new, empty kitchen</Button>
        <Button onClick={() => void act(signInWithPasskey())}>Sign in with a passkey</Button>
      </div>
      <form
        className="mt-4 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void act(enterRecoveryCode(code));
        }}
      >
        <label className="text-[14px] font-semibold">
          Recovery code
          <input
            value={code}
            onChange={(event) => setCode(event.target.value)}
            autoComplete="off"
            spellCheck={false}
            className="mt-1 block h-11 w-60 rounded-part border-2 border-enamel-deep bg-paper px-3 text-[16px] font-normal"
          />
        </label>
        <Button type="submit" disabled={code.trim() === ''}>
          Sign in with it
        </Button>
      </form>
      {problem && (
        <p role="alert" className="mt-3 text-[15px] text-alarm">
          {problem}
        </p>
      )}
    </section>
  );
}
