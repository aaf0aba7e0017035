import { late } from '@/ui/late';
import { fetchSteps } from './late-steps';
import { STATION_IDS, type StationId } from './station';

/* the first look at the bench is at the cut; the others are loaded when they are opened, or when a finger comes near */
const STATIONS = {
  produce: late(() => import('./produce-station').then((part) => part.ProduceStation)),
  soak: late(() => import('./soak-station').then((part) => part.SoakStation)),
  press: late(() => import('./press-station').then((part) => part.PressStation)),
  parcook: late(() => import('./parcook-station').then((part) => part.ParcookStation)),
  dry: late(() => import('./dry-station').then((part) => part.DryStation)),
  coat: late(() => import('./coat-station').then((part) => part.CoatStation)),
  fryer: late(() => import('./fryer-station').then((part) => part.FryerStation)),
  load: late(() => import('./load-station').then((part) => part.LoadStation)),
  cook: late(() => import('./cook-station').then((part) => part.CookStation)),
  rest: late(() => import('./rest-station').then((part) => part.RestStation)),
  steps: late(() => import('./steps-station').then((part) => part.StepsStation)),
} satisfies Record<Exclude<StationId, 'cut'>, unknown>;

export const { Late: ProduceStation } = STATIONS.produce;
export const { Late: SoakStation } = STATIONS.soak;
export const { Late: PressStation } = STATIONS.press;
export const { Late: ParcookStation } = STATIONS.parcook;
export const { Late: DryStation } = STATIONS.dry;
export const { Late: CoatStation } = STATIONS.coat;
export const { Late: FryerStation } = STATIONS.fryer;
export const { Late: LoadStation } = STATIONS.load;
export const { Late: CookStation } = STATIONS.cook;
export const { Late: RestStation } = STATIONS.rest;
export const { Late: StepsStation } = STATIONS.steps;

/** Rest after the page is alive before what may be opened next is fetched, ms. Source: chosen; the first forecast and its interval come before. */
const FETCH_AFTER = 4000;

/** Fetches the script of a station that is likely opened next, and that of its steps. */
export function fetchStation(station: StationId): void {
  if (station === 'cut') return;
  STATIONS[station].fetch();
  fetchSteps();
}

/** Fetches the scripts of all stations once the first answers are there; returns what calls it off. */
export function fetchStationsLater(): () => void {
  const timer = setTimeout(() => STATION_IDS.forEach(fetchStation), FETCH_AFTER);
  return () => clearTimeout(timer);
}
