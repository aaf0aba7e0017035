import { AXIS_HEIGHT, BRACKET_HEIGHT, MARGIN, STAGE_HEIGHT } from './field-size';

/** A colour field without its colours: what keeps its room, without the share below, until the forecast is there. @param height of the field itself as classes, since a width is not known before the page is alive */
export function EmptyField({ height }: { height: string }) {
  return (
    <div style={{ padding: `${STAGE_HEIGHT}px ${MARGIN}px ${BRACKET_HEIGHT + AXIS_HEIGHT}px` }} aria-hidden>
      <div className={`bg-iron-raised ${height}`} />
    </div>
  );
}
