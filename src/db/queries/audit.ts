import type { Audited } from '@/schemas/access';
import { change, list, type Runner } from '../query';

export interface AuditRow {
  what: Audited;
  who: string;
  at: Date;
}

export async function insertAudit(kitchenId: string, what: Audited, who: string, runner?: Runner): Promise<void> {
  await change(
    'INSERT INTO audit (kitchen_id, what, who) VALUES ($1, $2, left($3, 160))',
    [kitchenId, what, who],
    runner,
  );
}

/** The newest entries, newest first; at most 50. */
export async function listAudit(kitchenId: string): Promise<AuditRow[]> {
  return list<AuditRow>('SELECT what, who, at FROM audit WHERE kitchen_id = $1 ORDER BY audit_id DESC LIMIT 50', [
    kitchenId,
  ]);
}
