import type { ColourRamp } from '@/core/food/colour-ramp';
import { FieldLegend } from './field-legend';
import { AXIS_HEIGHT, BRACKET_HEIGHT, MARGIN, SHARE_HEIGHT, STAGE_HEIGHT } from './field-size';

/** As long as what is said below a field can be. */
const LONGEST_CAPTION = '88½ min · right 88 %, dark 88 % · air 188 °C · 88 % of the water gone';

/**
 * A colour field without its colours: what keeps its room until the forecast is there; with the share and the caption below it where a
 * ramp for its legend is given.
 * @param field height and ground of the field itself as classes, since a width is not known before the page is alive
 */
export function EmptyField({ field, ramp }: { field: string; ramp?: ColourRamp }) {
  const below = BRACKET_HEIGHT + AXIS_HEIGHT + (ramp ? SHARE_HEIGHT : 0);
  return (
    <div aria-hidden>
      <div style={{ padding: `${STAGE_HEIGHT}px ${MARGIN}px ${below}px` }}>
        <div className={field} />
      </div>
      {ramp && (
        <div className="invisible mt-0.5 flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-7 text-[13px]">
          <span>{LONGEST_CAPTION}</span>
          <FieldLegend ramp={ramp} />
        </div>
      )}
    </div>
  );
}
