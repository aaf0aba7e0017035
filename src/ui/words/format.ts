import { fahrenheitFromCelsius } from '../../core/units/temperature';
import { INCH, OUNCE, teaspoonsOfOil } from '../../core/units/kitchen-measures';

const FOOT = 12 * INCH;

/** Units a kitchen has chosen. */
export type UnitSystem = 'metric' | 'us';

const FRACTIONS: Record<number, string> = { 0: '', 1: '⅛', 2: '¼', 3: '⅜', 4: '½', 5: '⅝', 6: '¾', 7: '⅞' };

/** A number to the nearest eighth as a cook reads it, such as 2½; below one sixteenth "a trace". */
export function inEighths(value: number): string {
  const eighths = Math.round(value * 8);
  if (eighths === 0) return value > 0.02 ? 'a trace' : '0';
  const whole = Math.floor(eighths / 8);
  return `${whole > 0 ? whole : ''}${FRACTIONS[eighths % 8]}` || '0';
}

/** 200 °C or 392 °F. */
export function temperatureText(temperatureC: number, units: UnitSystem): string {
  return units === 'us' ? `${Math.round(fahrenheitFromCelsius(temperatureC))} °F` : `${Math.round(temperatureC)} °C`;
}

/** A difference of temperature: 10 °C or 18 °F. */
export function temperatureGapText(gapC: number, units: UnitSystem): string {
  return units === 'us' ? `${Math.round(gapC * 1.8)} °F` : `${Math.round(gapC)} °C`;
}

/** Below this length a ruler's finer marks are read, inch. */
const FINE_BELOW = 0.25;

/** 10 mm or 3/8 in (in sixteenths, thin ones in thirty-seconds, as on a ruler). */
export function lengthText(lengthMm: number, units: UnitSystem): string {
  if (units === 'metric') return `${Number(lengthMm.toFixed(1))} mm`;
  const inches = lengthMm / 1000 / INCH;
  let bottom = inches < FINE_BELOW ? 32 : 16;
  const marks = Math.max(1, Math.round(inches * bottom));
  const whole = Math.floor(marks / bottom);
  let top = marks % bottom;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const fraction = top > 0 ? `${top}/${bottom}` : '';
  return `${[whole || '', fraction].filter(Boolean).join(' ')} in`;
}

/** Words with every length in them in the kitchen's units: "sticks 10 mm in starch", "sticks 3/8 in in starch". */
export function sizesIn(words: string, units: UnitSystem): string {
  return units === 'metric' ? words : words.replace(/([\d.]+) mm/g, (_, mm: string) => lengthText(Number(mm), units));
}

/** 500 cm² or 78 in². */
export function areaText(areaCm2: number, units: UnitSystem): string {
  return units === 'us' ? `${Math.round(areaCm2 / (INCH * 100) ** 2)} in²` : `${Math.round(areaCm2)} cm²`;
}

/** A surface of many pieces: 0.42 m² or 4.5 ft². */
export function surfaceText(surface: number, units: UnitSystem): string {
  return units === 'us' ? `${(surface / FOOT ** 2).toFixed(1)} ft²` : `${surface.toFixed(2)} m²`;
}

/** What lies on a surface: 60 g/m² or 0.20 oz/ft². */
export function filmText(filmGM2: number, units: UnitSystem): string {
  return units === 'us' ? `${((filmGM2 / 1000 / OUNCE) * FOOT ** 2).toFixed(2)} oz/ft²` : `${Math.round(filmGM2)} g/m²`;
}

/** 500 g, or 17.6 oz with the grams beside. */
export function massText(massG: number, units: UnitSystem): string {
  const grams = massG < 10 ? `${Number(massG.toFixed(1))} g` : `${Math.round(massG)} g`;
  return units === 'us' ? `${(massG / 1000 / OUNCE).toFixed(1)} oz (${grams})` : grams;
}

/** Oil as short as it can be said: 9 g or 2 tsp. */
export function shortOilText(massG: number, units: UnitSystem): string {
  return units === 'us' ? `${inEighths(teaspoonsOfOil(massG / 1000))} tsp` : `${Number(massG.toFixed(1))} g`;
}

/** Oil as grams with spoons beside: 11 g (2⅜ tsp). From three teaspoons on in tablespoons of three teaspoons. */
export function oilText(massG: number): string {
  const spoons = teaspoonsOfOil(massG / 1000);
  const inSpoons = spoons >= 3 ? `${inEighths(spoons / 3)} tbsp` : `${inEighths(spoons)} tsp`;
  return massG === 0 ? 'none' : `${Number(massG.toFixed(1))} g (${inSpoons})`;
}

/** Minutes and seconds, 18:30; hours before them from one hour on. */
export function clockText(seconds: number): string {
  const total = Math.max(0, Math.round(seconds));
  const hours = Math.floor(total / 3600);
  const minutes = Math.floor((total % 3600) / 60);
  const rest = String(total % 60).padStart(2, '0');
  return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
}

/** Whole minutes as planning speaks of them: 18. Never seconds, which no plan keeps. */
export function wholeMinutes(seconds: number): string {
  return String(Math.round(Math.max(0, seconds) / 60));
}

/** Minutes to the half, as openings are set: 7½. */
export function halfMinutes(seconds: number): string {
  const halves = Math.round(Math.max(0, seconds) / 30);
  return `${halves > 1 || halves === 0 ? Math.floor(halves / 2) : ''}${halves % 2 === 1 ? '½' : ''}`;
}

/** 62 % from 0.62. */
export function percentText(share: number): string {
  return `${Math.round(share * 100)} %`;
}
