'use client';

import { formatDistanceToNow } from 'date-fns';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/button';
import { forgetKitchenHere } from '@/ui/forget-kitchen';
import { LocalTime } from '@/ui/local-time';
import { notify, notifyError } from '@/ui/notify';
import { sendWaiting } from '@/ui/outbox/send-waiting';
import { send } from '@/ui/send';
import { makePasskey } from '@/ui/sign-in';
import type { Access, Role } from '@/schemas/access';
import { type Act, MemberList } from './member-list';

const ROLE_WORDS: Record<Role, string> = {
  owner: 'owner',
  cook: 'cook',
  follower: 'follows one run',
};

const AUDIT_WORDS: Record<Access['audit'][number]['what'], string> = {
  claimed: 'Passkey added',
  joined: 'Came into the kitchen',
  'signed-in': 'Signed in',
  'signed-out': 'Signed out',
  'member-removed': 'Cook removed',
  'device-removed': 'Device removed',
  'run-lent': 'Joined a run',
  exported: 'Archive taken out',
  imported: 'Archive taken in',
  removed: 'Removal asked for',
  kept: 'Removal taken back',
  'passkey-removed': 'Passkey taken back',
  'codes-renewed': 'New recovery codes',
  'role-changed': 'Role changed',
};

/** Who may come in: cooks with their passkeys, devices that are in now, and what was done about them. */
export function AccessPanel({
  access,
  own,
  isDemo,
}: {
  access: Access;
  /** this device */
  own: {
    readonly sessionId: string;
    readonly role: Role;
    readonly memberId: string | null;
    readonly memberName: string | null;
  };
  isDemo: boolean;
}) {
  const router = useRouter();
  const [name, setName] = useState(own.memberName ?? '');
  const [codes, setCodes] = useState<readonly string[]>([]);
  const [link, setLink] = useState<{ readonly to: string; readonly role: 'owner' | 'cook' } | null>(null);
  const act: Act = async (method, path, done, body = {}) => {
    const sent = await send(method, path, body);
    if (sent.kind !== 'done') return notifyError(sent.error);
    notify(done);
    router.refresh();
  };
  const addPasskey = async () => {
    const made = await makePasskey(name.trim());
    if (!made.ok) return notifyError(made.why);
    setCodes(made.codes);
    notify('The passkey is kept.');
    router.refresh();
  };
  const invite = async (role: 'owner' | 'cook') => {
    const sent = await send('POST', '/api/kitchen/invites', { role });
    if (sent.kind !== 'done') return notifyError(sent.error);
    setLink({ to: `${window.location.origin}/join/${(sent.answer as { token: string }).token}`, role });
  };
  const renewCodes = async () => {
    if (!window.confirm('The codes you have written down before will no longer be good. Make new ones?')) return;
    const sent = await send('POST', '/api/kitchen/codes', {});
    if (sent.kind !== 'done') return notifyError(sent.error);
    setCodes((sent.answer as { codes: string[] }).codes);
    router.refresh();
  };
  const signOut = async () => {
    const ask = async (anyway: boolean) => send('DELETE', '/api/session', { anyway });
    const left = await sendWaiting();
    const kept = 'of what was done here could not be sent. It stays on this device and is sent when you sign in again.';
    if (left > 0 && !window.confirm(`Some ${kept} Sign out now?`)) return;
    const sent = await ask(false);
    if (sent.kind !== 'done') return notifyError(sent.error);
    const { warning } = sent.answer as { warning?: string };
    if (warning !== undefined) {
      if (!window.confirm(`${warning} Sign out and lose it?`)) return;
      await ask(true);
    }
    await forgetKitchenHere();
    // eslint-disable-next-line @next/next/no-location-assign-relative-destination -- every page of this kitchen must go
    window.location.assign('/enter?choose=1');
  };
  const claimed = access.members.length > 0;
  return (
    <section aria-labelledby="access">
      <h2 id="access" className="text-[22px]">
        Who may come in
      </h2>
      <p className="mt-1 text-[15px]">
        {isDemo
          ? 'This is the demo kitchen: everyone on this server is in it. Start one of your own to keep it to yourself.'
          : claimed
            ? 'Cooks sign in with a passkey, from any browser that has it.'
            : 'Nobody can sign in yet: this browser is the only way in. Add a passkey and the kitchen is yours wherever you are.'}
      </p>
      {!isDemo && (
        <form
          className="mt-3 flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void addPasskey();
          }}
        >
          <label className="text-[14px] font-semibold">
            Your name
            <input
              value={name}
              maxLength={40}
              required
              onChange={(event) => setName(event.target.value)}
              className="mt-1 block h-11 w-44 rounded-part border-2 border-enamel-deep bg-paper px-3 text-[16px] font-normal"
            />
          </label>
          <Button type="submit">{own.memberName ? 'Add another passkey' : 'Add a passkey'}</Button>
          {own.memberId !== null && <Button onClick={() => void renewCodes()}>New recovery codes</Button>}
          {own.role === 'owner' && <Button onClick={() => void invite('cook')}>Invite a cook</Button>}
          {own.role === 'owner' && claimed && (
            <Button onClick={() => void invite('owner')}>Invite another owner</Button>
          )}
          <Button onClick={() => void signOut()}>Sign out here</Button>
        </form>
      )}
      {codes.length > 0 && (
        <div role="status" className="mt-3 rounded-part border-2 border-rim p-3">
          <p className="text-[15px] font-semibold">
            Write these down: each lets you in once, should the passkey be lost. They are not shown again.
          </p>
          <ul className="mt-1 grid grid-cols-2 gap-x-6 font-mono text-[15px]">
            {codes.map((code) => (
              <li key={code}>{code}</li>
            ))}
          </ul>
        </div>
      )}
      {link && (
        <p className="mt-3 text-[15px] break-all">
          Good once, within a day, for {link.role === 'owner' ? 'another owner' : 'a cook'}:{' '}
          <a href={link.to}>{link.to}</a>
        </p>
      )}
      {claimed && (
        <MemberList
          members={access.members}
          own={{ isOwner: own.role === 'owner', memberId: own.memberId }}
          act={act}
        />
      )}
      {!isDemo && (
        <>
          <h3 className="mt-4 text-[17px]">Where it is open</h3>
          <ul aria-label="Devices" className="mt-1 divide-y-2 divide-enamel-deep text-[15px]">
            {access.devices.map((device) => (
              <li key={device.id} className="flex min-h-11 flex-wrap items-center gap-x-3">
                <span className="grow">
                  <span className="font-semibold">{device.device || 'A device'}</span>
                  {device.id === own.sessionId ? ', this one' : ''}, {device.memberName ?? ROLE_WORDS[device.role]},
                  seen <LocalTime at={device.seenAt} write={(date) => formatDistanceToNow(date, { addSuffix: true })} />
                </span>
                {device.id !== own.sessionId && own.role === 'owner' && (
                  <Button
                    look="quiet"
                    onClick={() => void act('DELETE', `/api/kitchen/devices/${device.id}`, 'The device is out')}
                  >
                    Take out
                  </Button>
                )}
              </li>
            ))}
          </ul>
          {access.audit.length > 0 && (
            <details className="mt-3 text-[15px]">
              <summary className="min-h-11 cursor-pointer py-2 font-semibold text-rim">What was done</summary>
              <ul className="space-y-1">
                {access.audit.map(({ what, who, at }, i) => (
                  <li key={i}>
                    <LocalTime at={at} write={(date) => formatDistanceToNow(date, { addSuffix: true })} />:{' '}
                    {AUDIT_WORDS[what]}
                    {who && `, ${who}`}
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
    </section>
  );
}
