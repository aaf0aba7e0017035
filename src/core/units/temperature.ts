/** Zero of the Celsius scale in kelvin. Source: definition of the SI unit. */
export const ZERO_CELSIUS = 273.15;

/** Celsius to kelvin, exact. */
export function kelvinFromCelsius(temperatureC: number): number {
  return temperatureC + ZERO_CELSIUS;
}

/** Kelvin to Celsius, exact. */
export function celsiusFromKelvin(temperature: number): number {
  return temperature - ZERO_CELSIUS;
}

/** Celsius to Fahrenheit, exact. */
export function fahrenheitFromCelsius(temperatureC: number): number {
  return temperatureC * 1.8 + 32;
}

/** Fahrenheit to Celsius, exact. */
export function celsiusFromFahrenheit(temperatureF: number): number {
  return (temperatureF - 32) / 1.8;
}
