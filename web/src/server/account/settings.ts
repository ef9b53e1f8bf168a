import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { stock } from '@rose/core/flight/flight-schema';
import { schools } from '@rose/core/order/school';
import { day } from '@rose/core/wine/day-schema';
import { fitTau } from '@rose/core/temperature/fit';
import { media, type MediumId } from '@rose/knowledge/media/index';
import { usualRoutine } from '@rose/knowledge/routines/index';
import { usualPrices, usualStock, type VenueFacts } from '@rose/knowledge/evening/evening';
import type { Reader, Tx } from '../../db/client';
import { venue } from '../../db/schema';
import type { VenueSettings } from '../../db/venue';

const money = z.number().int().min(0).max(10_000_000);
export const probeRun = z.strictObject({
  id: z.uuid(),
  medium: z.enum(Object.keys(media) as [MediumId, ...MediumId[]]),
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
  country: z.string().regex(/^[A-Z]{2}$/, 'two capital letters'),
  currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR'),
  timeZone: z
    .string()
    .max(60)
    .refine((zone) => Intl.supportedValuesOf('timeZone').includes(zone), 'a time zone such as Europe/Athens'),
  school: z.enum(schools.map((school) => school.id)),
  /** The routine a new glass begins with: one that ships, or the latest version of an own one. */
  routine: z.string().min(1).max(64),
  temperature: z.enum(['C', 'F']),
  volume: z.enum(['mL', 'oz']),
  stock,
  prices: z.strictObject({ bread: money, cheese: money, water: money, ice: money }),
  probes: z.array(probeRun).max(50),
});
/** What is chosen once; probe readings are kept and forgotten by acts of their own. */
export const venueChoices = venueSettings.omit({ probes: true });
export const usualChoices: Omit<VenueSettings, 'probes'> = {
  country: 'EU',
  currency: 'EUR',
  timeZone: 'Europe/Athens',
  school: 'weight',
  routine: usualRoutine.id,
  temperature: 'C',
  volume: 'mL',
  stock: usualStock,
  prices: usualPrices,
};
export const usualSettings: VenueSettings = { ...usualChoices, probes: [] };
/** Settings as stored, completed with what is usual: a venue made before a setting existed has none of it. */
export const completed = (stored: Partial<VenueSettings>): VenueSettings => ({ ...usualSettings, ...stored });

/** The settings of a venue. */
export async function settingsOf(db: Reader, venueId: string): Promise<VenueSettings> {
  const [row] = await db.select({ settings: venue.settings }).from(venue).where(eq(venue.id, venueId));
  return completed(row!.settings);
}

/** The settings of a venue, locked until the transaction ends: whoever changes a part of them reads the rest first. */
export async function lockedSettings(tx: Tx, venueId: string): Promise<VenueSettings> {
  const [row] = await tx.select({ settings: venue.settings }).from(venue).where(eq(venue.id, venueId)).for('update');
  return completed(row!.settings);
}

/** The time constants the venue's own probe readings give, each brought to a 750 mL bottle; the latest readings of a medium count. */
export function ownTaus(probes: VenueSettings['probes']): Partial<Record<MediumId, number>> {
  const taus: Partial<Record<MediumId, number>> = {};
  for (const run of [...probes].sort((a, b) => (a.on < b.on ? -1 : 1))) {
    const fit = fitTau(run.readings, run.ambientC);
    if (fit?.interval !== undefined) taus[run.medium] = fit.tau / Math.cbrt(run.formatMl / 750);
  }
  return taus;
}
export const factsOfVenue = (settings: VenueSettings): VenueFacts => ({
  country: settings.country,
  currency: settings.currency,
  temperature: settings.temperature,
  volume: settings.volume,
  stock: settings.stock,
  prices: settings.prices,
  taus: ownTaus(settings.probes),
});
