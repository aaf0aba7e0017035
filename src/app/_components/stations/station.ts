import type { Plan } from '@/core/plan/plan';
import type { Forecast } from '@/core/forecast/forecast';
import type { PlanFile } from '@/schemas/plan-file';
import type { Board } from './board';
import type { KitchenCutter, KitchenFryer } from '@/schemas/kitchen';

/** What every station is given. `move` follows a lever, `release` makes a step that can be taken back and is saved. */
export interface StationProps {
  readonly document: PlanFile;
  readonly plan: Plan;
  readonly forecast: Forecast | null;
  readonly fryers: readonly KitchenFryer[];
  /** HH:MM on the table */
  readonly serveAt: string;
  readonly board: Board;
  readonly setBoard: (board: Board) => void;
  readonly cutters: readonly KitchenCutter[];
  readonly fryerId: string;
  readonly chooseFryer: (fryer: KitchenFryer) => void;
  readonly move: (document: PlanFile) => void;
  readonly release: (document: PlanFile) => void;
}

/** Stations in working order. */
export const STATION_IDS = [
  'produce',
  'cut',
  'soak',
  'press',
  'parcook',
  'dry',
  'coat',
  'fryer',
  'load',
  'cook',
  'rest',
  'steps',
] as const;

/** One of the stations. */
export type StationId = (typeof STATION_IDS)[number];

export const STATION_WORDS: Record<StationId, string> = {
  produce: 'Produce',
  cut: 'Cut',
  soak: 'Soak',
  press: 'Press',
  parcook: 'Par-cook',
  dry: 'Dry',
  coat: 'Coat',
  fryer: 'Fryer',
  load: 'Load',
  cook: 'Cook',
  rest: 'Rest',
  steps: 'All steps',
};
