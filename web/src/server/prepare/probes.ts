import { eq } from 'drizzle-orm';
import { normal, seededRandom } from '@rose/core/chance/seeded-random';
import { fitTau } from '@rose/core/temperature/cooling-rate-from-readings';
import { tauOf, temperatureAfter } from '@rose/core/temperature/temperature';
import { media } from '@rose/knowledge/cooling-places/index';
import { venue } from '../../db/schema';
import { settingsOf, lockedSettings, ownTaus } from '../account/settings';
import { contract } from '../../contract';
import { serve } from '../command';
import { notFound } from '../problem';
export const addProbe = serve(contract.probe.add, async (tx, actor, input) => {
  const settings = await lockedSettings(tx, actor.venueId);
  const probes = [...settings.probes.filter((run) => run.id !== input.id), input].slice(-50);
  await tx
    .update(venue)
    .set({ settings: { ...settings, probes } })
    .where(eq(venue.id, actor.venueId));
  return { ok: true as const };
});
export const removeProbe = serve(contract.probe.remove, async (tx, actor, input) => {
  const settings = await lockedSettings(tx, actor.venueId);
  if (!settings.probes.some((run) => run.id === input.id)) throw notFound('probe');
  await tx
    .update(venue)
    .set({ settings: { ...settings, probes: settings.probes.filter((run) => run.id !== input.id) } })
    .where(eq(venue.id, actor.venueId));
  return { ok: true as const };
});
export const listProbes = serve(contract.probe.list, async (db, actor) => {
  const { probes } = await settingsOf(db, actor.venueId);
  const own = ownTaus(probes);
  return {
    runs: probes.map((run) => {
      const fit = fitTau(run.readings, run.ambientC);
      return {
        ...run,
        readings: [...run.readings],
        fit: fit === undefined ? null : { tau: fit.tau, low: fit.interval?.[0] ?? null, high: fit.interval?.[1] ?? null, scatter: fit.scatter, says: fit.says },
      };
    }),
    inUse: (Object.keys(media) as (keyof typeof media)[]).map((medium) => ({
      medium,
      name: media[medium].name,
      tau: own[medium] ?? media[medium].tau,
      from: own[medium] === undefined ? media[medium].source : 'your own readings',
    })),
  };
});

/** The probe that ships with the application: it reads a bottle that does not exist, with noise of 0.3 °C. Every kitchen is a little different from the handbook: the seed says how. */
export const simulateProbe = serve(contract.probe.simulate, async (_db, _actor, input) => {
  const random = seededRandom(input.seed);
  const place = media[input.medium];
  const tau = tauOf(place.tau * (0.8 + 0.4 * random()), input.formatMl);
  const readings = Array.from({ length: input.count }, (_, i) => {
    const minutes = Math.round((input.minutes * i) / Math.max(1, input.count - 1));
    const celsius = temperatureAfter(input.startC, { celsius: place.celsius, tau, minutes }) + 0.3 * normal(random);
    return { minutes, celsius: Math.round(celsius * 10) / 10 };
  });
  return Promise.resolve({ ambientC: place.celsius, readings });
});
