import { keptAmounts, withAmountsFollowing } from '@/editing/amounts';
import type { PlanFile } from '@/schemas/plan-file';
import { Button } from '@/ui/controls/button';
import { useUnits } from '@/ui/units-context';
import { massText } from '@/ui/words/format';
import { STEP_NAMES } from '@/ui/words/step-names';

/** What stayed as the cook set it while the load changed, and the offer to let it follow. */
export function KeptAmounts({ document, release }: { document: PlanFile; release: (document: PlanFile) => void }) {
  const units = useUnits();
  const kept = keptAmounts(document);
  if (kept.length === 0) return null;
  return (
    <div role="status" className="flex flex-wrap items-center gap-x-3 text-[14px]">
      <p className="min-w-0">
        {kept
          .map(
            ({ step, grams, setFor }) =>
              `${STEP_NAMES[step]}: stays at ${massText(grams, units)}, as you set it for ${massText(setFor, units)}.`,
          )
          .join(' ')}
      </p>
      <Button look="quiet" className="px-0" onClick={() => release(withAmountsFollowing(document))}>
        Let {kept.length === 1 ? 'it' : 'them'} follow:{' '}
        {kept.map(({ following }) => massText(following, units)).join(', ')}
      </Button>
    </div>
  );
}
