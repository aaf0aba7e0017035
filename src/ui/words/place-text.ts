import { PLACES_A_SIDE } from '../../core/fryer/places';

const ROWS = ['back', 'middle', 'front'] as const;
const COLUMNS = ['left', 'centre', 'right'] as const;

/** Where a place of the floor is, the handle in front: back left, or in the middle. */
export function placeText(place: number): string {
  const [row, column] = [ROWS[Math.floor(place / PLACES_A_SIDE)]!, COLUMNS[place % PLACES_A_SIDE]!];
  if (row === 'middle' && column === 'centre') return 'in the middle';
  return column === 'centre' ? `${row}, in the centre` : `${row} ${column}`;
}

/** Heat over a place against the mean: +8, −12 or 0, in per cent. */
export function strengthText(strength: number): string {
  const percent = Math.round((strength - 1) * 100);
  return percent === 0 ? '0' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)}`;
}

/** The strongest and the weakest place in one sentence. */
export function extremesText(strengths: readonly number[]): string {
  const [most, least] = [Math.max(...strengths), Math.min(...strengths)];
  const percent = Math.round((most / least - 1) * 100);
  if (percent < 3) return 'All places are as strong as one another.';
  return `It is strongest ${placeText(strengths.indexOf(most))} and weakest ${placeText(strengths.indexOf(least))}: ${percent} % more heat.`;
}
