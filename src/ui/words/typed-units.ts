import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../../core/units/temperature';
import { INCH, OUNCE } from '../../core/units/kitchen-measures';
import type { UnitSystem } from './format';

/** How a number is shown in a field and read back from it. */
export interface TypedUnit {
  readonly unit: string;
  readonly show: (value: number) => string;
  /** the value in the plan's own unit, or NaN */
  readonly read: (text: string) => number;
}

/** A number as cooks type it: 8,5 or 3/8 or 1 1/2. NaN where it is none. */
export function readNumber(text: string): number {
  const plain = text.trim().replace(',', '.');
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain);
  if (fraction) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
  return plain === '' ? NaN : Number(plain);
}

const asIs = (unit: string): TypedUnit => ({ unit, show: String, read: readNumber });

/** Degrees of the dial. */
export function typedTemperature(units: UnitSystem): TypedUnit {
  if (units === 'metric') return asIs('°C');
  return {
    unit: '°F',
    show: (celsius) => String(Math.round(fahrenheitFromCelsius(celsius))),
    read: (text) => Math.round(celsiusFromFahrenheit(readNumber(text)) * 10) / 10,
  };
}

/** Thickness and length. */
export function typedLength(units: UnitSystem): TypedUnit {
  if (units === 'metric') return asIs('mm');
  return {
    unit: 'in',
    show: (mm) => String(Math.round((mm / 1000 / INCH) * 100) / 100),
    read: (text) => Math.round(readNumber(text) * INCH * 1e4) / 10,
  };
}

/** Loads. */
export function typedMass(units: UnitSystem): TypedUnit {
  if (units === 'metric') return asIs('g');
  return {
    unit: 'oz',
    show: (grams) => String(Math.round((grams / 1000 / OUNCE) * 10) / 10),
    read: (text) => Math.round(readNumber(text) * OUNCE * 1000),
  };
}
