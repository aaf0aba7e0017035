'use client';

import { formatDistanceToNow } from 'date-fns';
import { useState } from 'react';
import type { Access, Member, Passkey } from '@/schemas/access';
import { Button } from '@/ui/controls/button';
import { LocalTime } from '@/ui/local-time';

/** Asks the server to change something and says what came of it. */
export type Act = (method: 'POST' | 'PUT' | 'DELETE', path: string, done: string, body?: object) => Promise<void>;

const ago = (date: Date) => formatDistanceToNow(date, { addSuffix: true });

/** Cooks who can sign in, with their passkeys: an owner may change all, others their own passkeys. */
export function MemberList({
  members,
  own,
  act,
}: {
  members: Access['members'];
  own: { readonly isOwner: boolean; readonly memberId: string | null };
  act: Act;
}) {
  const owners = members.filter(({ role }) => role === 'owner').length;
  return (
    <ul aria-label="Cooks" className="mt-4 divide-y-2 divide-enamel-deep text-[15px]">
      {members.map((member) => (
        <li key={member.id} className="py-1">
          <div className="flex min-h-11 flex-wrap items-center gap-x-3">
            <span className="grow">
              <span className="font-semibold">{member.name}</span>, {member.role}, {passkeysText(member)}
              {member.id === own.memberId && `, ${codesText(member.codes)}`}
            </span>
            {own.isOwner && (
              <>
                {member.role === 'cook' ? (
                  <Button
                    look="quiet"
                    onClick={() =>
                      void act('PUT', `/api/kitchen/members/${member.id}`, `${member.name} is an owner`, {
                        role: 'owner',
                      })
                    }
                  >
                    Make an owner
                  </Button>
                ) : (
                  owners > 1 && (
                    <Button
                      look="quiet"
                      onClick={() =>
                        void act('PUT', `/api/kitchen/members/${member.id}`, `${member.name} is a cook`, {
                          role: 'cook',
                        })
                      }
                    >
                      Make a cook
                    </Button>
                  )
                )}
                {(member.role === 'cook' || owners > 1) && (
                  <Button
                    look="quiet"
                    onClick={() => void act('DELETE', `/api/kitchen/members/${member.id}`, `${member.name} is out`)}
                  >
                    Remove
                  </Button>
                )}
              </>
            )}
          </div>
          {(own.isOwner || member.id === own.memberId) && (
            <ul aria-label={`Passkeys of ${member.name}`} className="ml-4">
              {member.passkeys.map((passkey) => (
                <PasskeyRow key={passkey.id} passkey={passkey} act={act} />
              ))}
            </ul>
          )}
        </li>
      ))}
    </ul>
  );
}

function passkeysText({ passkeys }: Member): string {
  if (passkeys.length === 0) return 'no passkey';
  return passkeys.length === 1 ? 'one passkey' : `${passkeys.length} passkeys`;
}

function codesText(codes: number): string {
  if (codes === 0) return 'no recovery code left';
  return codes === 1 ? 'one recovery code left' : `${codes} recovery codes left`;
}

/** One passkey: what it is called, when it was used last, and the way to take it back. */
function PasskeyRow({ passkey, act }: { passkey: Passkey; act: Act }) {
  const [name, setName] = useState<string | null>(null);
  const path = `/api/kitchen/passkeys/${passkey.id}`;
  const called = passkey.name || 'Unnamed passkey';
  if (name !== null) {
    return (
      <li className="py-1">
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void act('PUT', path, 'Renamed', { name: name.trim() }).then(() => setName(null));
          }}
        >
          <input
            aria-label="Name of the passkey"
            autoFocus
            value={name}
            maxLength={40}
            required
            onChange={({ target }) => setName(target.value)}
            className="h-11 w-56 rounded-part border-2 border-enamel-deep bg-paper px-3"
          />
          <Button type="submit" disabled={name.trim() === ''}>
            Rename
          </Button>
          <Button look="quiet" onClick={() => setName(null)}>
            Leave it
          </Button>
        </form>
      </li>
    );
  }
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-3">
      <span className="grow text-iron-soft">
        <span className="text-iron">{called}</span>, made <LocalTime at={passkey.madeAt} write={ago} />,{' '}
        {passkey.usedAt === null ? (
          'not used since'
        ) : (
          <>
            last used <LocalTime at={passkey.usedAt} write={ago} />
          </>
        )}
      </span>
      <Button look="quiet" onClick={() => setName(passkey.name)}>
        Rename
      </Button>
      <Button
        look="quiet"
        onClick={() =>
          window.confirm(`“${called}” will not sign anyone in any more. Devices that are in stay in.`) &&
          void act('DELETE', path, 'The passkey is taken back')
        }
      >
        Take back
      </Button>
    </li>
  );
}
