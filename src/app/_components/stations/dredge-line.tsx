import { dredgeAmounts } from '@/core/prep/coat-amounts';
import { prepStep, withPrepStep } from '@/editing/edit-plan';
import type { PlanFile } from '@/schemas/plan-file';
import { PricedChoice } from '@/ui/controls/priced-choice';
import { useUnits } from '@/ui/units-context';
import { inEighths, massText } from '@/ui/words/format';

/** Flour, egg and crumbs for the pieces there are, once or twice; or batter. */
export function DredgeLine({
  document,
  surface,
  release,
}: {
  document: PlanFile;
  surface: number;
  release: (document: PlanFile) => void;
}) {
  const units = useUnits();
  const dredge = prepStep(document, 'dredge');
  const batter = prepStep(document, 'batter');
  const bare = withPrepStep(withPrepStep(document, 'dredge', null), 'batter', null);
  const batterG = batter?.mass_g ?? Math.min(500, Math.round(300 * surface));
  const amounts = dredge && dredgeAmounts(surface, dredge.layers);
  return (
    <>
      <PricedChoice
        label="Crumbs or batter"
        value={dredge ? (dredge.layers === 2 ? 'double' : 'single') : batter ? 'batter' : 'none'}
        document={document}
        options={[
          { value: 'none', word: 'Bare', document: bare },
          { value: 'single', word: 'Crumbed', document: withPrepStep(bare, 'dredge', { step: 'dredge', layers: 1 }) },
          {
            value: 'double',
            word: 'Crumbed twice',
            document: withPrepStep(bare, 'dredge', { step: 'dredge', layers: 2 }),
          },
          {
            value: 'batter',
            word: 'Batter',
            note: massText(batterG, units),
            document: withPrepStep(bare, 'batter', { step: 'batter', mass_g: batterG }),
          },
        ]}
        onChoose={release}
      />
      {amounts && (
        <p className="text-[14px]">
          Dredge line: {massText(amounts.flour * 1000, units)} flour, {inEighths(amounts.eggs)}{' '}
          {amounts.eggs > 1 ? 'eggs' : 'egg'} beaten, {massText(amounts.crumb * 1000, units)} crumbs, a quarter of it
          left in the bowls. Contains gluten and egg; cook egg-coated food through.
        </p>
      )}
    </>
  );
}
