import type { CSSProperties } from 'react';
import type { CookRecord } from '../../core/batch/cook-record';
import { foodColour } from '../colour/food-colours';
import type { FieldPart } from './field-parts';
import { sortedFaces } from './paint-field';

/** The colour field as a style, a strip of colours for each row, so that it stands in what the server sends; painted over once the page is alive. */
export function fieldBackground(record: CookRecord, parts: readonly FieldPart[]): CSSProperties {
  const columns = record.samples - 1;
  const strips = parts.flatMap(({ ramp, from: joins }, index) => {
    const byColumn = Array.from({ length: columns }, (_, column) => sortedFaces(record, column + 1, index));
    const rows = byColumn[0]?.length ?? 0;
    return Array.from({ length: rows }, (_, row) => {
      const colours = byColumn.map((faces, column) =>
        joins > 0 && (column + 1) * record.interval <= joins ? 'transparent' : foodColour(ramp, faces[row]!),
      );
      return stripOf(colours);
    });
  });
  const place = (row: number) => `0 ${((100 * row) / Math.max(1, strips.length - 1)).toFixed(2)}%`;
  return {
    backgroundImage: strips.join(),
    /* a pixel over the next, or the paper would show between them */
    backgroundSize: `100% calc(${(100 / strips.length).toFixed(3)}% + 1px)`,
    backgroundPosition: strips.map((_, row) => place(row)).join(),
    backgroundRepeat: 'no-repeat',
  };
}

/** Colours of equal width beside each other, neighbours that are alike as one. */
function stripOf(colours: readonly string[]): string {
  const share = (column: number) => `${Number(((100 * column) / colours.length).toFixed(1))}%`;
  const stops: string[] = [];
  let from = 0;
  colours.forEach((colour, column) => {
    if (colours[column + 1] === colour) return;
    stops.push(`${colour} ${share(from)} ${share(column + 1)}`);
    from = column + 1;
  });
  return `linear-gradient(90deg,${stops.join()})`;
}
