import { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import { stock } from '@rose/core/flight/flight-schema';
import { schools } from '@rose/core/order/ordering-rules';
import { day } from '@rose/core/wine/day-schema';
import { keysOf } from '@rose/core/wine/keys';
import { temperatureUnits, volumeUnits } from '@rose/core/wine/measure';
import { media } from '@rose/knowledge/cooling-places/index';

/** Any zone the platform can reckon in: what a device calls its own may be an older name, or UTC, which no list of zones has. */
function isZone(name: string): boolean {
  if (!/^[A-Z]/i.test(name)) return false;
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).format() !== '';
  } catch {
    return false;
  }
}
/** Minor units of the venue's currency. */
const money = z.number().int().min(0).max(10_000_000);
/** Readings of a probe in the venue's own fridge, bucket, freezer or room. */
export const probeRun = z.strictObject({
  id: z.uuid(),
  medium: z.enum(keysOf(media)),
  formatMl: z.number().min(50).max(20_000),
  ambientC: z.number().min(-40).max(60),
  on: day,
  readings: z
    .array(z.strictObject({ minutes: z.number().min(0).max(2_880), celsius: z.number().min(-40).max(60) }))
    .min(1, 'at least one reading')
    .max(200),
});

/** What a venue sets once. */
export const venueSettings = z.strictObject({
  country: z.string().regex(/^[A-Z]{2}$/, 'choose a country, such as GR'),
  currency: z.string().regex(/^[A-Z]{3}$/, 'choose a currency, such as EUR'),
  timeZone: z.string().max(60).refine(isZone, 'choose a time zone, such as Europe/Athens'),
  school: z.enum(schools.map((school) => school.id)),
  /** The routine a new glass begins with: one that ships, or the latest version of an own one. */
  routine: z.string().min(1).max(64),
  temperature: z.enum(temperatureUnits),
  volume: z.enum(volumeUnits),
  stock,
  prices: z.strictObject({ bread: money, cheese: money, water: money, ice: money }),
  probes: z.array(probeRun).max(50),
});
/** What is chosen once; probe readings are kept and forgotten by acts of their own. */
export const venueChoices = venueSettings.omit({ probes: true });
/** What a venue is asked for when it is founded: where it is decides what its money, its clock and its law are. */
export const venuePlace = venueSettings.pick({ country: true, currency: true, timeZone: true });
export type VenueSettings = Frozen<z.output<typeof venueSettings>>;
