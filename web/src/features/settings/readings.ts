import type { Reading } from '@rose/core/temperature/cooling-rate-from-readings';
import { readTemperature, type TemperatureUnit } from '@rose/core/wine/measure';

/** "0 22, 15 18.4" or a line each: minutes, then the temperature. */
export function readReadings(text: string, unit: TemperatureUnit): readonly Reading[] | undefined {
  const entries = text
    .split(/[\n;,](?!\d)|\n|;/)
    .map((entry) => entry.trim())
    .filter((entry) => entry !== '');
  const readings = entries.map((entry) => {
    const [, minutes, temperature] = /^(\d+(?:\.\d+)?)\s*(?:min)?\s+(.+)$/.exec(entry) ?? [];
    const celsius = temperature === undefined ? undefined : readTemperature(temperature, unit);
    return minutes === undefined || celsius === undefined ? undefined : { minutes: Number(minutes), celsius };
  });
  return readings.includes(undefined) || readings.length === 0 ? undefined : (readings as Reading[]);
}
