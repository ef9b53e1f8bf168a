import { sentence } from '@rose/core/wine/reason';
import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { pullingApart } from '@rose/core/consistency/ages-apart';
import { contradictions } from '@rose/core/consistency/consistency';
import { deduceWording } from '@rose/core/deduce/deduce';
import { composeNote } from '@rose/core/prose/prose';
import { asScheme } from '@rose/core/score/own-scheme';
import { draftScore, schemes, type Scheme } from '@rose/core/score/scheme';
import { hasCommitted } from '@rose/core/wine/note';
import { deduceNote, nextFamily, settles } from '@rose/knowledge/archetypes/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import { chipOrigins, readChips } from '@rose/knowledge/smells/reading';
import { againstExpected, type Compared } from '@rose/knowledge/expectation/index';
import { faultContext, triageGlass } from '@rose/knowledge/faults/index';
import { lot } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { contract } from '../../contract';
import { toldReasons } from '../because';
import { serve } from '../command';
import { schemeHouse } from '../own-designs/schemes';
import { versionNamed } from '../own-designs/versions';
import { Problem } from '../problem';
import { readNote } from './operations';

export const composed = serve(contract.note.text, async (db, actor, input) => {
  const { document } = await readNote(db, actor, input.id);
  return {
    statements: composeNote(document, spoken).map(({ id, text, rewritten, outdated, changed }) => ({
      id,
      text,
      rewritten,
      outdated,
      changed: [...changed],
    })),
  };
});
export const scores = serve(contract.note.scores, async (db, actor, input) => {
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
          because: toldReasons(reasons, (reason) => reason.text),
        })),
      };
    }),
  };
});

export const triageOf = serve(contract.note.triage, async (db, actor, input) => {
  const { document, wine: revealed, day } = await readNote(db, actor, input.id);
  const found = triageGlass(document, document.triage ?? {}, revealed === null ? {} : faultContext(revealed.facts, day));
  return {
    verdict: found.verdict,
    remark: found.remark,
    faults: found.faults
      .filter((entry) => entry.chance >= 0.02)
      .slice(0, 6)
      .map((entry) => ({
        id: entry.fault.id,
        name: entry.fault.name,
        chance: entry.chance,
        because: toldReasons(entry.reasons, (reason) => reason.text),
        now: entry.fault.now.map((act) => ({ ...act })),
        tellTable: entry.fault.tellTable,
      })),
    alarms: found.alarms.map(({ alarm, sure }) => ({ id: alarm.id, looks: alarm.looks, really: alarm.really, sure })),
    next: found.next === undefined ? null : { id: found.next.id, ask: found.next.ask },
  };
});
export const consistencyOf = serve(contract.note.consistency, async (db, actor, input) => {
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
});
export const deduction = serve(contract.note.deduce, async (db, actor, input) => {
  const { document } = await readNote(db, actor, input.id);
  if (!hasCommitted(document)) throw new Problem(409, 'commit-first', 'It shows after your own mark and an idea, or none.');
  const found = deduceNote(document);
  const next = settles(document);
  return {
    dimensions: found.dimensions.map(({ reasons, values, ...rest }) => ({
      ...rest,
      values: values.slice(0, 6).map((value) => ({ ...value })),
      because: toldReasons(reasons, (reason) => sentence(deduceWording, reason)),
    })),
    kinds: found.kinds.slice(0, 6).map(({ archetype, chance }) => ({ id: archetype.id, name: archetype.name, chance })),
    other: found.other,
    sparkling: { ...found.sparkling },
    settles: next === undefined ? null : { cue: next.cue.id, bits: next.bits },
  };
});

export const deck = serve(contract.note.deck, async (db, actor, input) => {
  const { document } = await readNote(db, actor, input.id);
  const next = nextFamily(document);
  return { next: next === undefined ? null : { ...next } };
});
export const expectation = serve(contract.note.expectation, async (db, actor, input) => {
  const { document, wine, day } = await readNote(db, actor, input.id);
  if (document.observed.quality === undefined) throw new Problem(409, 'own-mark-first', 'What was expected shows after your own mark.');
  if (wine === null) throw new Problem(409, 'hidden', 'What was expected shows when the wine is uncovered.');
  const { found, otherwise, missing, surprising, unlooked, ...of } = againstExpected(wine.facts, document, day);
  const told = (list: readonly Compared[]) => list.map(({ what, says, because, firm }) => ({ what, says, because: because ?? null, firm: firm ?? null }));
  return { ...of, found: told(found), otherwise: told(otherwise), missing: told(missing), surprising: told(surprising), unlooked: [...unlooked] };
});

export const price = serve(contract.note.price, async (db, actor, input) => {
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
});
