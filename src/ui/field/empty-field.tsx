import { MARGIN, STAGE_HEIGHT, wholeHeight } from './field-size';

/** A colour field without its colours: what keeps its room, without the share below, until the forecast is there. */
export function EmptyField({ height }: { height: number }) {
  return (
    <div style={{ height: wholeHeight(height, false), padding: `${STAGE_HEIGHT}px ${MARGIN}px 0` }} aria-hidden>
      <div className="bg-iron-raised" style={{ height }} />
    </div>
  );
}
