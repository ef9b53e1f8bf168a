import { eq } from 'drizzle-orm';
import { z } from 'zod';
import { normal, seededRandom } from '@rose/core/chance/seeded-random';
import { fitTau } from '@rose/core/temperature/fit';
import { tauOf, temperatureAfter } from '@rose/core/temperature/temperature';
import { media } from '@rose/knowledge/media/index';
import { venue } from '../../db/schema';
import { settingsOf, lockedSettings, ownTaus, probeRun } from '../account/settings';
import { command, query } from '../command';
import { notFound } from '../problem';

const done = z.object({ ok: z.literal(true) });
export const addProbe = command({
  name: 'probe.add',
  method: 'POST',
  path: '/probes',
  summary: 'Keeps the readings of a probe in the venue’s own fridge, bucket, freezer or room',
  allow: 'probe.edit',
  input: probeRun,
  output: done,
  async run(tx, actor, input) {
    const settings = await lockedSettings(tx, actor.venueId);
    const probes = [...settings.probes.filter((run) => run.id !== input.id), input].slice(-50);
    await tx
      .update(venue)
      .set({ settings: { ...settings, probes } })
      .where(eq(venue.id, actor.venueId));
    return { ok: true as const };
  },
});
export const removeProbe = command({
  name: 'probe.remove',
  method: 'DELETE',
  path: '/probes/{id}',
  summary: 'Forgets the readings of a probe',
  allow: 'probe.edit',
  input: z.strictObject({ id: z.uuid() }),
  output: done,
  async run(tx, actor, input) {
    const settings = await lockedSettings(tx, actor.venueId);
    if (!settings.probes.some((run) => run.id === input.id)) throw notFound('probe');
    await tx
      .update(venue)
      .set({ settings: { ...settings, probes: settings.probes.filter((run) => run.id !== input.id) } })
      .where(eq(venue.id, actor.venueId));
    return { ok: true as const };
  },
});
export const listProbes = query({
  name: 'probe.list',
  method: 'GET',
  path: '/probes',
  summary: 'Readings of the venue’s own places, each with the time constant it gives and how sure that is; and the constants in use',
  allow: 'read',
  input: z.strictObject({}),
  output: z.object({
    runs: z.array(
      probeRun.extend({
        fit: z.object({ tau: z.number(), low: z.number().nullable(), high: z.number().nullable(), scatter: z.number(), says: z.string() }).nullable(),
      }),
    ),
    inUse: z.array(z.object({ medium: z.string(), name: z.string(), tau: z.number(), from: z.string() })),
  }),
  async run(db, actor) {
    const { probes } = await settingsOf(db, actor.venueId);
    const own = ownTaus(probes);
    return {
      runs: probes.map((run) => {
        const fit = fitTau(run.readings, run.ambientC);
        return {
          ...run,
          readings: [...run.readings],
          fit:
            fit === undefined ? null : { tau: fit.tau, low: fit.interval?.[0] ?? null, high: fit.interval?.[1] ?? null, scatter: fit.scatter, says: fit.says },
        };
      }),
      inUse: (Object.keys(media) as (keyof typeof media)[]).map((medium) => ({
        medium,
        name: media[medium].name,
        tau: own[medium] ?? media[medium].tau,
        from: own[medium] === undefined ? media[medium].source : 'your own readings',
      })),
    };
  },
});

/** The probe that ships with the application: it reads a bottle that does not exist, with noise of 0.3 °C. Every kitchen is a little different from the handbook: the seed says how. */
export const simulateProbe = query({
  name: 'probe.simulate',
  method: 'POST',
  path: '/probe-simulations',
  summary: 'Readings of the simulated probe: a bottle in a place, read every few minutes with noise of 0.3 °C',
  allow: 'read',
  input: z.strictObject({
    medium: z.enum(Object.keys(media) as [keyof typeof media, ...(keyof typeof media)[]]),
    formatMl: z.number().min(50).max(20_000),
    startC: z.number().min(-10).max(40),
    minutes: z.number().min(1).max(600),
    count: z.number().int().min(1).max(60),
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
  }),
  output: z.object({ ambientC: z.number(), readings: z.array(z.object({ minutes: z.number(), celsius: z.number() })) }),
  run(_db, _actor, input) {
    const random = seededRandom(input.seed);
    const place = media[input.medium];
    const tau = tauOf(place.tau * (0.8 + 0.4 * random()), input.formatMl);
    const readings = Array.from({ length: input.count }, (_, i) => {
      const minutes = Math.round((input.minutes * i) / Math.max(1, input.count - 1));
      const celsius = temperatureAfter(input.startC, { celsius: place.celsius, tau, minutes }) + 0.3 * normal(random);
      return { minutes, celsius: Math.round(celsius * 10) / 10 };
    });
    return Promise.resolve({ ambientC: place.celsius, readings });
  },
});
