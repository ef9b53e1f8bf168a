import { triage, type FaultContext, type Seen, type Triage } from '@rose/core/fault/fault';
import type { NoteDocument } from '@rose/core/wine/note';
import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { grapeContext, grapeNamed } from '../grapes/index';
import { ageOn, isSouthern } from '@rose/core/wine/stated';
import { descriptorOf } from '../smells/index';
import { falseAlarms, faultCues, faults } from './data';

export { falseAlarms, faultCues, faults };

/** What of a wine's facts bears on faults. */
export function faultContext(facts: WineFacts, day: string): FaultContext {
  const fortified = factOf(facts, 'fortified');
  return {
    colour: factOf(facts, 'colour'),
    sparkling: factOf(facts, 'bubbles') === undefined ? undefined : factOf(facts, 'bubbles') !== 'still',
    filtered: factOf(facts, 'filtered'),
    closure: factOf(facts, 'closure'),
    age: ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country'))),
    oxidative:
      factOf(facts, 'underFlor') === true || (fortified === true && (factOf(facts, 'woodMonths') ?? 0) >= 36)
        ? true
        : fortified === undefined
          ? undefined
          : false,
    heated: factOf(facts, 'heated'),
    natural: factOf(facts, 'natural'),
    riesling: factOf(facts, 'grapes')?.some((share) => grapeNamed(share.grape, grapeContext(facts))?.id === 'riesling'),
    clearGlass: factOf(facts, 'glass') === undefined ? undefined : factOf(facts, 'glass') === 'clear',
  };
}

/** Descriptors that are cues. */
const byTerm: Readonly<Record<string, string | readonly string[]>> = {
  'damp-cellar': 'musty',
  'bruised-apple': 'bruised-apple',
  vinegar: 'vinegar',
  'nail-varnish': 'nail-varnish',
  'bad-egg': 'bad-egg',
  'struck-match': 'struck-match',
  onion: 'onion-rubber',
  rubber: 'onion-rubber',
  horse: 'horse',
  plaster: 'plaster',
  mouse: 'mouse-late',
  'geranium-leaf': 'geranium',
  'cooked-cabbage': 'cabbage-wool',
  'stale-nuts': 'stale-nuts',
  'wet-dog': ['musty', 'cabbage-wool'],
  'burnt-hair': 'cabbage-wool',
  'rancid-butter': 'sour-milk',
  sauerkraut: 'sour-milk',
  ladybird: 'peanut-green',
  'smoke-taint': 'ash',
};
/** Whether a smell is of a fault of which a trace in the background belongs to some wines. */
export function passesAsTrace(term: string): boolean {
  const cues = [byTerm[term] ?? []].flat();
  return faults.some((fault) => 'background' in fault.cues && cues.some((cue) => cue in fault.cues && fault.cues[cue]![0] > passes));
}
/** Bits from which a cue speaks for a fault of itself. */
const passes = 4;

/** The cues that a note already tells, so that nobody is asked twice. */
export function cuesInNote(note: Pick<NoteDocument, 'observed' | 'chips'>): Seen {
  const seen: Record<string, boolean> = {};
  for (const chip of note.chips) {
    const cue = byTerm[descriptorOf(chip)?.id ?? ''];
    for (const one of cue === undefined ? [] : [cue].flat()) seen[one] = true;
  }
  const { clarity, particles, hue, rimHue } = note.observed;
  if (clarity !== undefined) {
    seen['hazy'] = clarity === 'hazy';
    seen['cloudy'] = clarity === 'cloudy';
  }
  if (particles !== undefined) {
    seen['crystals'] = particles === 'crystals';
    seen['deposit'] = particles === 'deposit';
    seen['specks'] = particles === 'flakes' || particles === 'cork';
  }
  if (hue !== undefined) seen['brown'] = hue === 'brown' || hue === 'mahogany' || rimHue === 'brown';
  return seen;
}

/**
 * Why a glass may not be clear: what looks like a fault and is not, for this wine or for any while it is hidden; and the faults a haze raises above
 * their usual chance, the likeliest first.
 */
export function hazeReasons(
  note: Pick<NoteDocument, 'observed' | 'chips'>,
  facts: WineFacts | undefined,
  day: string,
): { readonly harmless: readonly string[]; readonly faults: readonly string[] } {
  const context = facts === undefined ? {} : faultContext(facts, day);
  const seen: Seen = { hazy: note.observed.clarity !== 'cloudy', cloudy: note.observed.clarity === 'cloudy' };
  const now = triage(seen, context, faults, falseAlarms, faultCues);
  const usual = new Map(triage({}, context, faults, falseAlarms, faultCues).faults.map((entry) => [entry.fault.id, entry.chance]));
  return {
    harmless: falseAlarms
      .filter((alarm) => alarm.cues.some((cue) => seen[cue] === true) && alarm.holds(context) !== false)
      .slice(0, 3)
      .map((alarm) => alarm.looks),
    faults: now.faults
      .filter((entry) => entry.chance > usual.get(entry.fault.id)! + 1e-9)
      .slice(0, 2)
      .map((entry) => entry.fault.name),
  };
}

/** Triage of a glass: what its note and the answers tell, in the light of the wine when it is known. */
export function triageGlass(note: Pick<NoteDocument, 'observed' | 'chips'>, answers: Seen, context: FaultContext): Triage {
  const { bead, hue, health } = note.observed;
  const seen: Record<string, boolean> = { ...cuesInNote(note) };
  // Bubbles that stay are none of a still wine's.
  if (context.sparkling === false && bead !== undefined) seen['gas'] = bead === 'fine' || bead === 'medium' || bead === 'coarse';
  if (context.colour === 'white' && context.age !== undefined && context.oxidative !== true && hue !== undefined)
    seen['older-colour'] = (hue === 'brown' && context.age <= 12) || (hue === 'oldgold' && context.age <= 4);
  return triage({ ...seen, ...answers }, { ...context, said: context.said ?? health }, faults, falseAlarms, faultCues);
}
