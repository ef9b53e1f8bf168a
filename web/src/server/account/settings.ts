import { eq } from 'drizzle-orm';
import { fitTau } from '@rose/core/temperature/cooling-rate-from-readings';
import { type MediumId } from '@rose/knowledge/cooling-places/index';
import { usualRoutine } from '@rose/knowledge/routines/index';
import { usualPrices, usualStock, type VenueFacts } from '@rose/knowledge/evening/evening';
import type { Reader, Tx } from '../../db/client';
import { venue } from '../../db/schema';
import type { VenueSettings } from '../../contract/venue-settings';

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
