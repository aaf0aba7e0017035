import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../../core/units/temperature';
import { INCH, OUNCE, QUART } from '../../core/units/kitchen-measures';
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

/** A number that is the same in every kitchen. */
export function typedAsIs(unit: string): TypedUnit {
  return { unit, show: String, read: readNumber };
}

/** Degrees of the dial. */
export function typedTemperature(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('°C');
  return {
    unit: '°F',
    show: (celsius) => String(Math.round(fahrenheitFromCelsius(celsius))),
    read: (text) => Math.round(celsiusFromFahrenheit(readNumber(text)) * 10) / 10,
  };
}

/** Thickness and length. */
export function typedLength(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('mm');
  return {
    unit: 'in',
    show: (mm) => String(Math.round((mm / 1000 / INCH) * 100) / 100),
    read: (text) => Math.round(readNumber(text) * INCH * 1e4) / 10,
  };
}

/** Loads. */
export function typedMass(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('g');
  return {
    unit: 'oz',
    show: (grams) => String(Math.round((grams / 1000 / OUNCE) * 10) / 10),
    read: (text) => Math.round(readNumber(text) * OUNCE * 1000),
  };
}

/** A difference of temperature. */
export function typedTemperatureGap(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('°C');
  return {
    unit: '°F',
    show: (gap) => String(Math.round(gap * 18) / 10),
    read: (text) => Math.round((readNumber(text) / 1.8) * 10) / 10,
  };
}

/** The floor of a basket. */
export function typedArea(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('cm²');
  const squareInch = (INCH * 100) ** 2;
  return {
    unit: 'in²',
    show: (cm2) => String(Math.round((cm2 / squareInch) * 10) / 10),
    read: (text) => Math.round(readNumber(text) * squareInch * 10) / 10,
  };
}

/** Length and width of a floor, cm. */
export function typedSpan(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('cm');
  return {
    unit: 'in',
    show: (cm) => String(Math.round((cm / 100 / INCH) * 10) / 10),
    read: (text) => Math.round(readNumber(text) * INCH * 1000) / 10,
  };
}

/** What a drawer holds, l. */
export function typedVolume(units: UnitSystem): TypedUnit {
  if (units === 'metric') return typedAsIs('l');
  return {
    unit: 'qt',
    show: (litres) => String(Math.round((litres / 1000 / QUART) * 10) / 10),
    read: (text) => Math.round(readNumber(text) * QUART * 1e4) / 10,
  };
}
