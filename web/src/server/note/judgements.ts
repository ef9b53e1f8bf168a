import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { z } from 'zod';
import { contradictions, pullingApart } from '@rose/core/consistency/consistency';
import { deduceWording } from '@rose/core/deduce/deduce';
import { faultWording } from '@rose/core/fault/fault';
import { composeNote } from '@rose/core/prose/prose';
import { asScheme } from '@rose/core/score/own-scheme';
import { draftScore, schemes, type Scheme } from '@rose/core/score/scheme';
import { scoreWording } from '@rose/core/score/wording';
import { hasCommitted } from '@rose/core/wine/note';
import { sentence } from '@rose/core/wine/reason';
import { deduceNote, nextFamily, settles } from '@rose/knowledge/archetypes/index';
import { chipName } from '@rose/knowledge/descriptors/index';
import { chipOrigins, readChips } from '@rose/knowledge/descriptors/reading';
import { againstExpected, firmness, type Compared } from '@rose/knowledge/expectation/index';
import { faultContext, triageGlass } from '@rose/knowledge/faults/index';
import { lot } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { query } from '../command';
import { schemeHouse } from '../house/schemes';
import { versionNamed } from '../house/versions';
import { Problem } from '../problem';
import { readNote } from './operations';

const one = z.strictObject({ id: z.uuid() });

export const composed = query({
  name: 'note.text',
  method: 'GET',
  path: '/notes/{id}/text',
  summary: 'The written note, statement by statement',
  allow: 'read',
  input: one,
  output: z.object({
    statements: z.array(z.object({ id: z.string(), text: z.string(), rewritten: z.boolean(), outdated: z.boolean(), changed: z.array(z.string()) })),
  }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    return {
      statements: composeNote(document, chipName).map(({ id, text, rewritten, outdated, changed }) => ({
        id,
        text,
        rewritten,
        outdated,
        changed: [...changed],
      })),
    };
  },
});

const criterion = z.object({
  id: z.string(),
  label: z.string(),
  section: z.string(),
  mark: z.number().nullable(),
  best: z.number(),
  least: z.number(),
  because: z.array(z.object({ push: z.number(), text: z.string() })),
});
export const scores = query({
  name: 'note.scores',
  method: 'GET',
  path: '/notes/{id}/scores',
  summary: 'The draft mark by each shipped scheme, and by the own sheets the note was marked with, once the taster’s own mark is set',
  allow: 'read',
  input: one,
  output: z.object({
    own: z.number(),
    schemes: z.array(
      z.object({
        id: z.string(),
        label: z.string(),
        source: z.string(),
        low: z.number(),
        high: z.number(),
        best: z.number(),
        word: z.string().nullable(),
        criteria: z.array(criterion),
      }),
    ),
  }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    const own = document.observed.quality;
    if (own === undefined) throw new Problem(409, 'own-mark-first', 'The draft shows after the taster’s own mark.');
    const sheets: Scheme[] = [];
    for (const id of document.sheets ?? []) {
      const found = await versionNamed(db, actor, schemeHouse, id);
      if (found !== undefined) sheets.push(asScheme(found.id, found.version, found.document));
    }
    return {
      own,
      schemes: [...schemes, ...sheets].map((scheme) => {
        const draft = draftScore(scheme, document.observed, document.chips);
        return {
          id: scheme.id,
          label: scheme.label,
          source: scheme.source,
          low: draft.low,
          high: draft.high,
          best: draft.best,
          word: draft.word,
          criteria: draft.criteria.map(({ reasons, level: _level, ...rest }) => ({
            ...rest,
            because: reasons.map((reason) => ({ push: reason.push, text: sentence(scoreWording, reason) })),
          })),
        };
      }),
    };
  },
});

export const triageOf = query({
  name: 'note.triage',
  method: 'GET',
  path: '/notes/{id}/triage',
  summary:
    'What may be wrong with a glass: faults with their chances and reasons, false alarms that fit, and what to look for next; of a hidden glass without its wine',
  allow: 'read',
  input: one,
  output: z.object({
    verdict: z.string(),
    faults: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        chance: z.number(),
        because: z.array(z.object({ bits: z.number(), text: z.string() })),
        now: z.array(z.object({ says: z.string(), wait: z.number().optional(), last: z.boolean().optional() })),
        tellTable: z.boolean(),
      }),
    ),
    alarms: z.array(z.object({ id: z.string(), looks: z.string(), really: z.string(), sure: z.boolean() })),
    next: z.object({ id: z.string(), ask: z.string() }).nullable(),
  }),
  async run(db, actor, input) {
    const { document, wine: revealed, day } = await readNote(db, actor, input.id);
    const found = triageGlass(document, document.triage ?? {}, revealed === null ? {} : faultContext(revealed.facts, day));
    return {
      verdict: found.verdict,
      faults: found.faults
        .filter((entry) => entry.chance >= 0.02)
        .slice(0, 6)
        .map((entry) => ({
          id: entry.fault.id,
          name: entry.fault.name,
          chance: entry.chance,
          because: entry.reasons.map((reason) => ({ bits: reason.push, text: sentence(faultWording, reason) })),
          now: entry.fault.now.map((act) => ({ ...act })),
          tellTable: entry.fault.tellTable,
        })),
      alarms: found.alarms.map(({ alarm, sure }) => ({ id: alarm.id, looks: alarm.looks, really: alarm.really, sure })),
      next: found.next === undefined ? null : { id: found.next.id, ask: found.next.ask },
    };
  },
});

const passage = z.object({ of: z.string(), says: z.string() });
export const consistencyOf = query({
  name: 'note.consistency',
  method: 'GET',
  path: '/notes/{id}/consistency',
  summary: 'Statements of a note that pull apart, both passages side by side, and cues of age that do',
  allow: 'read',
  input: one,
  output: z.object({
    contradictions: z.array(z.object({ rule: z.string(), severity: z.string(), a: passage, b: passage, because: z.string(), kept: z.boolean() })),
    pulling: z.object({ young: z.array(z.string()), old: z.array(z.string()), next: z.string() }).nullable(),
  }),
  async run(db, actor, input) {
    const { document, wine: revealed } = await readNote(db, actor, input.id);
    const pulling = pullingApart(document, chipOrigins(document.chips));
    return {
      contradictions: contradictions(document, readChips(document.chips), revealed?.facts).map((entry) => ({
        ...entry,
        a: { ...entry.a },
        b: { ...entry.b },
        kept: document.kept?.[entry.rule] === true,
      })),
      pulling: pulling === undefined ? null : { young: [...pulling.young], old: [...pulling.old], next: pulling.next },
    };
  },
});

const dimension = z.object({
  dimension: z.string(),
  leader: z.string().nullable(),
  why: z.string(),
  values: z.array(z.object({ value: z.string(), chance: z.number() })),
  because: z.array(z.object({ bits: z.number(), text: z.string() })),
});
export const deduction = query({
  name: 'note.deduce',
  method: 'GET',
  path: '/notes/{id}/deduction',
  summary: 'What the record speaks for, after the taster’s own mark and idea; reads nothing of the wine',
  allow: 'read',
  input: one,
  output: z.object({
    dimensions: z.array(dimension),
    kinds: z.array(z.object({ id: z.string(), name: z.string(), chance: z.number() })),
    settles: z.object({ cue: z.string(), bits: z.number() }).nullable(),
  }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    if (!hasCommitted(document)) throw new Problem(409, 'commit-first', 'It shows after your own mark and an idea, or none.');
    const found = deduceNote(document);
    const next = settles(document);
    return {
      dimensions: found.dimensions.map(({ reasons, values, ...rest }) => ({
        ...rest,
        values: values.slice(0, 6).map((value) => ({ ...value })),
        because: reasons.map((reason) => ({ bits: reason.push, text: sentence(deduceWording, reason) })),
      })),
      kinds: found.kinds.slice(0, 6).map(({ archetype, chance }) => ({ id: archetype.id, name: archetype.name, chance })),
      settles: next === undefined ? null : { cue: next.cue.id, bits: next.bits },
    };
  },
});

export const deck = query({
  name: 'note.deck',
  method: 'GET',
  path: '/notes/{id}/deck',
  summary: 'The family of smells to ask about next: the one expected to tell most, from the note alone',
  allow: 'read',
  input: one,
  output: z.object({ next: z.object({ family: z.string(), bits: z.number() }).nullable() }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    const next = nextFamily(document);
    return { next: next === undefined ? null : { ...next } };
  },
});

const compared = z.object({ what: z.string(), says: z.string(), because: z.string().nullable(), firm: z.enum(Object.keys(firmness)).nullable() });
export const expectation = query({
  name: 'note.expectation',
  method: 'GET',
  path: '/notes/{id}/expectation',
  summary: 'A note against what the label let one expect, once the taster’s own mark is set and the wine is known',
  allow: 'read',
  input: one,
  output: z.object({
    style: z.string(),
    why: z.string(),
    found: z.array(compared),
    otherwise: z.array(compared),
    missing: z.array(compared),
    surprising: z.array(compared),
    unlooked: z.array(z.string()),
  }),
  async run(db, actor, input) {
    const { document, wine, day } = await readNote(db, actor, input.id);
    if (document.observed.quality === undefined) throw new Problem(409, 'own-mark-first', 'What was expected shows after your own mark.');
    if (wine === null) throw new Problem(409, 'hidden', 'What was expected shows when the wine is uncovered.');
    const { found, otherwise, missing, surprising, unlooked, ...of } = againstExpected(wine.facts, document, day);
    const told = (list: readonly Compared[]) => list.map(({ what, says, because, firm }) => ({ what, says, because: because ?? null, firm: firm ?? null }));
    return { ...of, found: told(found), otherwise: told(otherwise), missing: told(missing), surprising: told(surprising), unlooked: [...unlooked] };
  },
});

export const price = query({
  name: 'note.price',
  method: 'GET',
  path: '/notes/{id}/price',
  summary: 'What a bottle costs and of what size, once the taster’s own mark is set and the wine is known',
  allow: 'read',
  input: one,
  output: z.object({
    /** The latest price on record; null when there is none. */
    price: z.object({ amount: z.number(), currency: z.string(), formatMl: z.number() }).nullable(),
    /** The venue's currency: what a taster names a price in. */
    currency: z.string(),
  }),
  async run(db, actor, input) {
    const { document, wine } = await readNote(db, actor, input.id);
    if (document.observed.quality === undefined) throw new Problem(409, 'own-mark-first', 'The price shows after your own mark.');
    if (wine === null) throw new Problem(409, 'hidden', 'The price shows when the wine is uncovered.');
    const [latest] = await db
      .select({ priceMinor: lot.priceMinor, currency: lot.currency, formatMl: lot.formatMl })
      .from(lot)
      .where(and(eq(lot.venueId, actor.venueId), eq(lot.wineId, wine.id), isNotNull(lot.priceMinor)))
      .orderBy(sql`${lot.bought} desc nulls last`)
      .limit(1);
    const { currency } = await settingsOf(db, actor.venueId);
    return {
      price: latest === undefined ? null : { amount: latest.priceMinor! / 100, currency: latest.currency!, formatMl: latest.formatMl },
      currency,
    };
  },
});
