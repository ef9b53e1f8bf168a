import { may } from '../../contract/roles';
import { and, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { midpoint, observables, type ObservableId, type Observed, type Stop } from '@rose/core/wine/observables';
import type { WineDocument } from '@rose/core/wine/facts';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { loadsOf, resolveProfile, type Profile } from '@rose/core/wine/profile';
import type { PairingWine } from '@rose/core/pairing/fit';
import type { OrderWine } from '@rose/core/order/judge';
import type { Chip, NoteDocument } from '@rose/core/wine/note';
import { dayIn } from '@rose/core/wine/day';
import { echoesOf } from '@rose/knowledge/descriptors/index';
import { orderWine, styleOf, type StyleChoice } from '@rose/knowledge/styles/index';
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

/** Reads wines with their profiles: tasted values are those of the latest sound note of a host, else the median of the venue's notes on revealed glasses. */
export async function knownWines(db: Reader, venueId: string, ids?: readonly string[], deleted = false, now: Date = new Date()): Promise<readonly KnownWine[]> {
  if (ids?.length === 0) return [];
  const day = dayIn(now, (await settingsOf(db, venueId)).timeZone);
  const rows = await db
    .select()
    .from(wine)
    .where(
      and(eq(wine.venueId, venueId), deleted ? isNotNull(wine.deletedAt) : isNull(wine.deletedAt), ids === undefined ? undefined : inArray(wine.id, [...ids])),
    )
    .orderBy(wine.name, wine.id);
  const wineIds = rows.map((row) => row.id);
  if (wineIds.length === 0) return [];
  const lots = await readLots(db, venueId, wineIds);
  const tasted = await db
    .select({ wineId: glassIdentity.wineId, document: note.document, blind: note.blindDocument, role: member.role })
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
  // What was written before the label was seen counts; a later edit is a second version.
  const byWine = new Map<string, { readonly document: NoteDocument; readonly role: string | null }[]>();
  for (const { wineId, document, blind, role } of tasted) {
    const list = byWine.get(wineId);
    if (list === undefined) byWine.set(wineId, [{ document: blind ?? document, role }]);
    else list.push({ document: blind ?? document, role });
  }
  return rows.map((row) => {
    const document: WineDocument = { ...row.document, lots: lots.get(row.id) ?? [] };
    const notes = (byWine.get(row.id) ?? []).filter((entry) => Object.keys(entry.document.observed).length > 0);
    const sound = notes.filter((entry) => entry.document.observed.health !== 'faulty' && entry.document.observed.health !== 'doubtful');
    const latest = notes.find((entry) => may(entry, 'profile.lead'))?.document.observed.health;
    const byHost = sound.find((entry) => may(entry, 'profile.lead'));
    const observed = byHost?.document.observed ?? (sound.length > 0 ? medianOf(sound.map((entry) => entry.document.observed)) : undefined);
    const style = styleOf(document.facts);
    return {
      id: row.id,
      revision: row.revision,
      document,
      style,
      profile: resolveProfile(document.facts, style.style, observed, day),
      age: ageOn(day, factOf(document.facts, 'vintage'), isSouthern(factOf(document.facts, 'country'))),
      chips: sound.flatMap((entry) => entry.document.chips),
      notes: notes.length,
      finishes: sound.flatMap((entry) => entry.document.observed.finish ?? []),
      day,
      faultFound: latest === 'faulty' || latest === 'doubtful' ? latest : undefined,
    };
  });
}

/** The median of each scale and of the finish over several notes. */
export function medianOf(all: readonly Observed[]): Observed {
  const median = (values: readonly number[]) => {
    const sorted = [...values].sort((a, b) => a - b);
    const half = sorted.length >> 1;
    return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
  };
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

export const asOrderWine = (known: KnownWine): OrderWine =>
  orderWine({ id: known.id, name: known.document.name, facts: known.document.facts, profile: known.profile, age: known.age });

/** A cellar wine as pairing takes it: its profile, and the smells found in it, else those of its style. */
export function asPairingWine(known: KnownWine): PairingWine {
  const found = echoesOf(known.chips);
  return {
    id: known.id,
    name: known.document.name,
    loads: loadsOf(known.profile),
    colour: factOf(known.document.facts, 'colour') ?? known.style.style.colour,
    echoes: found.length > 0 ? found : known.style.style.echoes,
  };
}
