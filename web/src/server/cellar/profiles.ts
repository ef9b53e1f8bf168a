import { may } from '../../contract/roles';
import { and, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { median } from '@rose/core/statistics/median';
import { midpoint, observables, type ObservableId, type Observed, type Stop } from '@rose/core/wine/observables';
import type { WineDocument } from '@rose/core/wine/facts';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { loadsOf, resolveProfile, type Profile } from '@rose/core/wine/profile';
import type { PairingWine } from '@rose/core/pairing/dish-fit';
import type { OrderWine } from '@rose/core/order/order-wine';
import type { Chip } from '@rose/core/wine/note';
import { dayIn } from '@rose/core/wine/day';
import { echoesOf } from '@rose/knowledge/smells/index';
import { isFortified, orderWine, styleOf, type StyleChoice } from '@rose/knowledge/styles/index';
import type { Reader } from '../../db/client';
import { glass, glassIdentity, member, note, participant, wine } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { readLots } from './store';

/** A wine with everything computed from it that other activities ask for. */
export interface KnownWine {
  readonly id: string;
  readonly revision: number;
  readonly document: WineDocument;
  readonly style: StyleChoice;
  readonly profile: Profile;
  /** The profile as it would be without any note; undefined where no note speaks for it. */
  readonly untasted: Profile | undefined;
  readonly age: number | undefined;
  /** The venue's day it was computed for. */
  readonly day: string;
  /** Smells found in the venue's notes on it. */
  readonly chips: readonly Chip[];
  readonly notes: number;
  /** How long its finish lasted, note by note. */
  readonly finishes: readonly Stop[];
  /** What the latest note of a host says of its health, when it is not sound. */
  readonly faultFound: 'faulty' | 'doubtful' | undefined;
}

/** Wines with their lots, by name. */
async function storedWines(db: Reader, venueId: string, ids?: readonly string[], deleted = false) {
  const rows = await db
    .select({ id: wine.id, revision: wine.revision, document: wine.document })
    .from(wine)
    .where(
      and(eq(wine.venueId, venueId), deleted ? isNotNull(wine.deletedAt) : isNull(wine.deletedAt), ids === undefined ? undefined : inArray(wine.id, [...ids])),
    )
    .orderBy(wine.name, wine.id);
  const lots = await readLots(
    db,
    venueId,
    rows.map((row) => row.id),
  );
  return rows.map((row) => ({ ...row, document: { ...row.document, lots: lots.get(row.id) ?? [] } satisfies WineDocument }));
}
/** The wines of a cellar as they are stored, without what is computed from them. */
export const wineDocuments = async (db: Reader, venueId: string): Promise<readonly WineDocument[]> =>
  (await storedWines(db, venueId)).map((row) => row.document);

/** Reads wines with their profiles: tasted values are those of the latest sound note of a host, else the median of the venue's notes on revealed glasses. */
export async function knownWines(db: Reader, venueId: string, ids?: readonly string[], deleted = false, now: Date = new Date()): Promise<readonly KnownWine[]> {
  if (ids?.length === 0) return [];
  const day = dayIn(now, (await settingsOf(db, venueId)).timeZone);
  const rows = await storedWines(db, venueId, ids, deleted);
  const wineIds = rows.map((row) => row.id);
  if (wineIds.length === 0) return [];
  const tasted = await db
    .select({ wineId: glassIdentity.wineId, evidence: note.evidence, role: member.role, moment: note.moment })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .leftJoin(member, and(eq(member.venueId, note.venueId), eq(member.userId, participant.userId)))
    .where(
      and(
        eq(note.venueId, venueId),
        isNull(note.deletedAt),
        isNotNull(glass.revealedAt),
        isNull(glass.rejectedAt),
        // Stand-ins of a demonstration taste nothing.
        eq(participant.simulated, false),
        ids === undefined ? undefined : inArray(glassIdentity.wineId, wineIds),
      ),
    )
    .orderBy(desc(note.tastedAt));
  const byWine = new Map<string, (typeof tasted)[number][]>();
  for (const entry of tasted) {
    const list = byWine.get(entry.wineId);
    if (list === undefined) byWine.set(entry.wineId, [entry]);
    else list.push(entry);
  }
  return rows.map((row) => {
    const { document } = row;
    const notes = (byWine.get(row.id) ?? []).filter((entry) => Object.keys(entry.evidence.observed).length > 0);
    const sound = notes.filter((entry) => entry.evidence.observed.health !== 'faulty' && entry.evidence.observed.health !== 'doubtful');
    const latest = notes.find((entry) => may(entry, 'profile.lead'))?.evidence.observed.health;
    // What is tasted after food, after air or the next day is another wine: it speaks for this one only where nothing else does, after food never.
    const plain = sound.filter((entry) => entry.moment === 'first');
    const own = plain.length > 0 ? plain : sound.filter((entry) => entry.moment === 'air');
    const byHost = own.find((entry) => may(entry, 'profile.lead'));
    const observed = byHost?.evidence.observed ?? (own.length > 0 ? medianOf(own.map((entry) => entry.evidence.observed)) : undefined);
    const style = styleOf(document.facts);
    return {
      id: row.id,
      revision: row.revision,
      document,
      style,
      profile: resolveProfile(document.facts, style.style, observed, day),
      untasted: observed === undefined ? undefined : resolveProfile(document.facts, style.style, undefined, day),
      age: ageOn(day, factOf(document.facts, 'vintage'), isSouthern(factOf(document.facts, 'country'))),
      chips: sound.flatMap((entry) => entry.evidence.chips),
      notes: notes.length,
      finishes: sound.flatMap((entry) => entry.evidence.observed.finish ?? []),
      day,
      faultFound: latest === 'faulty' || latest === 'doubtful' ? latest : undefined,
    };
  });
}

/** The median of each scale and of the finish over several notes. */
export function medianOf(all: readonly Observed[]): Observed {
  const out: Record<string, unknown> = {};
  for (const id of Object.keys(observables) as ObservableId[]) {
    if (observables[id].kind === 'scale') {
      const values = all.flatMap((observed) => (observed[id] === undefined ? [] : [midpoint(observed[id] as number)]));
      if (values.length > 0) out[id] = Math.round(median(values));
    }
  }
  const finishes = all.flatMap((observed) => (observed.finish === undefined ? [] : [observed.finish.seconds]));
  if (finishes.length > 0) out['finish'] = { seconds: median(finishes) };
  return out as Observed;
}

export const asOrderWine = (known: KnownWine, profile = known.profile): OrderWine =>
  orderWine({ id: known.id, name: known.document.name, facts: known.document.facts, profile, age: known.age });

/** A cellar wine as pairing takes it: its profile, the smells found in it and those of its style: that one was not named does not say that it is not there. */
export function asPairingWine(known: KnownWine): PairingWine {
  const found = echoesOf(known.chips);
  const country = factOf(known.document.facts, 'country');
  return {
    id: known.id,
    name: known.document.name,
    loads: loadsOf(known.profile),
    colour: factOf(known.document.facts, 'colour') ?? known.style.style.colour,
    echoes: [...new Set([...found, ...known.style.style.echoes])],
    fortified: factOf(known.document.facts, 'fortified') ?? isFortified(known.style.style),
    ...(country === undefined ? {} : { homes: [country.toUpperCase()] }),
  };
}
