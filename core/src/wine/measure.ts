import { millilitresPerOunce } from './units';

/** What a venue measures in. Values are stored in mL and °C; an entry may be typed in the other unit. */
export const temperatureUnits = ['C', 'F'] as const;
export const volumeUnits = ['mL', 'oz'] as const;
export type TemperatureUnit = (typeof temperatureUnits)[number];
export type VolumeUnit = (typeof volumeUnits)[number];

export const toFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;
export const toCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

const number = /^([-−+]?\d+(?:[.,]\d+)?)\s*(.*)$/;
function parts(text: string): { readonly figure: number; readonly unit: string } | undefined {
  const match = number.exec(text.trim());
  if (match === null) return undefined;
  return { figure: Number(match[1]!.replace('−', '-').replace(',', '.')), unit: match[2]!.toLowerCase().replace(/[\s.°º]/g, '') };
}

/**
 * A temperature as typed, in °C: "62F", "62 °F", "9", "9,5 °C".
 * @param own what a bare number means
 */
export function readTemperature(text: string, own: TemperatureUnit = 'C'): number | undefined {
  const read = parts(text);
  if (read === undefined) return undefined;
  const unit = read.unit === '' ? own : ['f', 'fahrenheit'].includes(read.unit) ? 'F' : ['c', 'celsius'].includes(read.unit) ? 'C' : undefined;
  if (unit === undefined) return undefined;
  const celsius = unit === 'F' ? toCelsius(read.figure) : read.figure;
  return celsius < -273.15 ? undefined : celsius;
}

/**
 * A volume as typed, in mL: "5 oz", "50", "0.75 L", "7.5 cl". Ounces are US fluid ounces.
 * @param own what a bare number means
 */
export function readVolume(text: string, own: VolumeUnit = 'mL'): number | undefined {
  const read = parts(text);
  if (read === undefined || read.figure < 0) return undefined;
  const factors: Record<string, number> = { ml: 1, cl: 10, l: 1000, oz: millilitresPerOunce, floz: millilitresPerOunce };
  const factor = factors[read.unit === '' ? own.toLowerCase() : read.unit];
  return factor === undefined ? undefined : read.figure * factor;
}

const oneDigit = (n: number) => String(Math.round(n * 10) / 10);
/** A temperature in the venue's unit: "9.5 °C". */
export const showTemperature = (celsius: number, unit: TemperatureUnit): string =>
  unit === 'F' ? `${Math.round(toFahrenheit(celsius))} °F` : `${oneDigit(celsius)} °C`;
/** In the venue's unit with the other beside it. */
export const bothTemperatures = (celsius: number, unit: TemperatureUnit): string =>
  `${showTemperature(celsius, unit)} (${showTemperature(celsius, unit === 'F' ? 'C' : 'F')})`;
/** A difference of temperatures in the venue's unit: 2.5 °C are 4.5 °F. */
export const showDifference = (celsius: number, unit: TemperatureUnit): string =>
  unit === 'F' ? `${oneDigit((celsius * 9) / 5)} °F` : `${oneDigit(celsius)} °C`;
/** A span of temperatures in the venue's unit: "8–10 °C". */
export const showBand = (band: { readonly low: number; readonly high: number }, unit: TemperatureUnit): string =>
  unit === 'F' ? `${Math.round(toFahrenheit(band.low))}–${Math.round(toFahrenheit(band.high))} °F` : `${oneDigit(band.low)}–${oneDigit(band.high)} °C`;
/** In the venue's unit with the other beside it. */
export const bothBands = (band: { readonly low: number; readonly high: number }, unit: TemperatureUnit): string =>
  `${showBand(band, unit)} (${showBand(band, unit === 'F' ? 'C' : 'F')})`;
export const showVolume = (ml: number, unit: VolumeUnit): string => (unit === 'oz' ? `${oneDigit(ml / millilitresPerOunce)} oz` : `${Math.round(ml)} mL`);
export const bothVolumes = (ml: number, unit: VolumeUnit): string => `${showVolume(ml, unit)} (${showVolume(ml, unit === 'oz' ? 'mL' : 'oz')})`;

/** A serving temperature above this is asked about: it was probably meant in the other unit. */
export const doubtfulServing = 30;
