/** What a device may do: an owner everything, a cook all but removing people and the kitchen, a follower one run. */
export type Role = 'owner' | 'cook' | 'follower';

/** What is written down of a kitchen. */
export type Audited =
  | 'claimed'
  | 'joined'
  | 'signed-in'
  | 'signed-out'
  | 'member-removed'
  | 'device-removed'
  | 'run-lent'
  | 'exported'
  | 'imported'
  | 'removed'
  | 'kept'
  | 'passkey-removed'
  | 'codes-renewed'
  | 'role-changed';

/** A device that is in a kitchen. */
export interface Session {
  readonly id: string;
  readonly kitchenId: string;
  readonly memberId: string | null;
  readonly memberName: string | null;
  readonly role: Role;
  /** the only batch it may see, or null */
  readonly batchId: string | null;
  /** whether anyone can sign in to the kitchen */
  readonly claimed: boolean;
  /** whether it is the demo kitchen, which nobody can claim or fill */
  readonly isDemo: boolean;
  readonly device: string;
  /** ms since 1970 */
  readonly seenAt: number;
  readonly createdAt: number;
}

/** Someone who can sign in to a kitchen. */
export interface Member {
  readonly id: string;
  readonly name: string;
  readonly role: 'owner' | 'cook';
  readonly passkeys: readonly Passkey[];
  /** recovery codes that are still good */
  readonly codes: number;
}

/** A passkey as its owner sees it. */
export interface Passkey {
  readonly id: string;
  readonly name: string;
  /** ms since 1970 */
  readonly madeAt: number;
  readonly usedAt: number | null;
}

/** Who and which devices are in a kitchen, and what was done about them. */
export interface Access {
  readonly members: readonly Member[];
  readonly devices: readonly Session[];
  readonly audit: readonly { readonly what: Audited; readonly who: string; readonly at: number }[];
}
