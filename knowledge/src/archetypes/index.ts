import { cuesFor, either, type Evidence, type Strength } from '@rose/core/deduce/evidence';
import { deduce, expectedInformation, nextLook, posterior, type Deduction } from '@rose/core/deduce/deduce';
import type { NoteDocument } from '@rose/core/wine/note';
import { descriptorOf, doubled, families, familiesOf, type FamilyId } from '../smells/index';
import { archetypes } from './data';

export { archetypes };

/** How much a smell of a family may count (trade tables: oak, lees and malolactic notes are strong; fruit supports a grape; honey and nuts have many fathers). */
const weights: Readonly<Record<FamilyId, Strength>> = {
  citrus: 'M',
  orchard: 'M',
  stone: 'M',
  tropical: 'M',
  red: 'M',
  dark: 'M',
  dried: 'M',
  flower: 'M',
  herb: 'M',
  dryherb: 'M',
  vegetable: 'M',
  spice: 'S',
  nut: 'W',
  earth: 'M',
  stony: 'W',
  bread: 'S',
  dairy: 'S',
  wood: 'S',
  honey: 'W',
  sweet: 'M',
  petrol: 'M',
  animal: 'M',
  fault: 'W',
};
/** Families that come of the making or of age: where they are all missing, a wine is young and simple. */
const later: readonly FamilyId[] = ['dried', 'spice', 'nut', 'earth', 'bread', 'dairy', 'wood', 'honey', 'sweet', 'petrol', 'animal'];
/** Families a wine can be known by; what is wrong with a bottle says nothing of its kind. */
const telling = (Object.keys(families) as FamilyId[]).filter((family) => family !== 'fault');

export const cues = cuesFor(
  telling.map((id) => ({ id, label: families[id].label, strength: weights[id] })),
  later,
  doubled,
);

/** What of a note a deduction reads. */
type Read = Pick<NoteDocument, 'observed' | 'chips' | 'deck' | 'circumstances'>;
/**
 * What a note says, as a deduction reads it: smells by family, from chips and from the answers to the deck. A word of two origins speaks for either family
 * and for neither alone; where a plainer word speaks for one of them, it is explained. Under poor light what the eye saw counts for little.
 */
export function evidenceOf({ observed, chips, deck, circumstances }: Read): Evidence {
  const smells: Record<string, boolean> = {};
  for (const family of telling) if (deck[family] !== undefined) smells[family] = deck[family] !== 'no';
  const named = chips.flatMap((chip) => {
    const found = descriptorOf(chip);
    return found === undefined || found.origin === 'fault' ? [] : [familiesOf(found)];
  });
  for (const [family, also] of named) if (also === undefined) smells[family!] = true;
  for (const [family, also] of named)
    if (also !== undefined && smells[family!] !== true && smells[also] !== true) {
      if (smells[also] === false) smells[family!] = true;
      else if (smells[family!] === false) smells[also] = true;
      else smells[either(family!, also)] = true;
    }
  const enough = named.length >= 3;
  return {
    observed,
    smells,
    onlyPrimary: enough ? named.every(([family]) => !later.includes(family!)) : undefined,
    ...(circumstances?.light === true ? { dim: true } : {}),
  };
}

/** What the record of a glass speaks for. Reads nothing but the note. */
export const deduceNote = (note: Read): Deduction => deduce(evidenceOf(note), archetypes, cues);
/** What would tell most of the kind of wine, of all that was not looked at. */
export const settles = (note: Read) => nextLook(evidenceOf(note), archetypes, cues);

/** Enough questions to go on with: nine chosen ones tell what twelve in a fixed order do (measured by the test). */
export const enoughQuestions = 9;

/**
 * The family to ask a beginner about next: the unanswered one whose answer is expected to tell most of the wine, given the colour and what was answered;
 * undefined when all were asked. Reads nothing but the note, so two hidden wines get the same questions for the same answers.
 */
export function nextFamily(note: Read): { readonly family: FamilyId; readonly bits: number } | undefined {
  const { observed, smells } = evidenceOf(note);
  const colour = observed.colour;
  const evidence: Evidence = { observed: colour === undefined ? {} : { colour }, smells };
  const chances = posterior(evidence, archetypes, cues);
  let best: { family: FamilyId; bits: number } | undefined;
  for (const family of telling) {
    if (smells[family] !== undefined) continue;
    const cue = cues.find((entry) => entry.id === `smell-${family}`)!;
    const bits = expectedInformation(chances, archetypes, cue);
    if (best === undefined || bits > best.bits + 1e-12) best = { family, bits };
  }
  return best;
}
