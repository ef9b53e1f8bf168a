import type { Dimension } from '@rose/core/deduce/archetype';
import type { Deduction } from '@rose/core/deduce/deduce';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import { observables, type Observed } from '@rose/core/wine/observables';
import { deduceNote } from '../src/archetypes/index';
import { triageGlass } from '../src/faults/index';
import type { NoteCase, Synonyms } from './cases';
import { chipFor, colours, grainFor, bubblesFor, hueFor, readingOf, textureFor } from './in-our-words';
import { faultsMeant } from './faults';
import { means } from './kinds-meant';
import type { Expectation, Group } from './score';

const strengths: Readonly<Record<string, 1 | 2 | 3>> = { trace: 1, clear: 2, strong: 3 };
/** What was recorded, as a note of ours: quarters that were filled in have their rows, others are untouched. */
export function noteOf(
  { observed }: Pick<NoteCase, 'observed'>,
  synonyms: Synonyms,
): { readonly note: Pick<NoteDocument, 'observed' | 'chips' | 'deck'>; readonly lost: readonly string[] } {
  const colour = colours[observed.colour];
  const hue = colour === undefined || observed.hueCore === undefined ? undefined : hueFor(observed.hueCore, colour);
  const rimHue = colour === undefined || observed.hueRim === undefined ? undefined : hueFor(observed.hueRim, colour);
  const texture = observed.texture === undefined ? undefined : textureFor(observed.texture);
  const grain = observed.tanninGrain === undefined ? undefined : grainFor(observed.tanninGrain);
  const felt = observed.texture === undefined ? undefined : bubblesFor(observed.texture);
  const scales = {
    depth: observed.depth,
    noseSwirled: observed.noseIntensity,
    sweetness: observed.sweetness,
    acidity: observed.acidity,
    tannin: observed.tannin,
    alcohol: observed.alcohol,
    body: observed.body,
    bitterness: observed.bitterness,
    intensity: observed.flavourIntensity,
  };
  const record: Record<string, unknown> = {
    ...(colour === undefined ? {} : { colour }),
    ...(hue === undefined ? {} : { hue }),
    ...(rimHue === undefined ? {} : { rimHue }),
    ...(texture === undefined ? {} : { texture }),
    ...(grain === undefined ? {} : { tanninGrain: grain }),
    ...Object.fromEntries(Object.entries(scales).flatMap(([key, value]) => (value === undefined ? [] : [[key, readingOf(value)]]))),
    ...(observed.bubblesSeen === 'no' ? { bead: 'none' } : observed.bubblesSeen === 'yes' ? { bead: 'medium' } : {}),
    ...(felt === undefined ? {} : { bubbles: felt }),
    ...(observed.clarity === undefined ? {} : /cloudy|hazy/.test(observed.clarity) ? { clarity: observed.clarity } : { clarity: 'clear' }),
    ...(observed.clarity?.includes('deposit') === true ? { particles: 'deposit' } : {}),
    ...(observed.finishSeconds === undefined ? {} : { finish: { seconds: observed.finishSeconds } }),
    ...(observed.quality === undefined ? {} : { quality: Math.max(observables.quality.low, observed.quality) }),
  };
  const smells = (observed.smells ?? []).map(({ smell, strength }) => ({ smell, strength, chip: chipFor(smell, synonyms) }));
  return {
    note: {
      ...emptyNote,
      observed: record as Observed,
      chips: smells.flatMap(({ smell, strength, chip }, i) =>
        chip === undefined ? [] : [{ id: String(i), layer: 'swirled' as const, strength: strengths[strength ?? 'clear'] ?? 2, term: chip.term, words: smell }],
      ),
    },
    lost: smells.filter(({ chip }) => chip === undefined).map(({ smell }) => smell),
  };
}

const ageWord: Readonly<Record<string, string>> = { young: 'young', some: 'developing', developing: 'developing', old: 'mature', mature: 'mature' };
const vesselWord: Readonly<Record<string, string>> = {
  neutral: 'neutral',
  lees: 'lees',
  used: 'used wood',
  new: 'new wood',
  clay: 'clay',
  flor: 'flor',
  oxidative: 'oxidative',
};
const priceWord: Readonly<Record<string, string>> = { dearer: 'likely', cheaper: 'unlikely', middle: 'cannot tell' };
const words: Readonly<Partial<Record<Dimension, Readonly<Record<string, string>>>>> = { age: ageWord, vessel: vesselWord, price: priceWord };
const wordOf = (dimension: Dimension, value: string) => words[dimension]?.[value] ?? value;

/** What a deduction says of a dimension, in the cases' words. */
export function toldOf(deduction: Deduction, dimension: Dimension): { readonly leader: string; readonly chances: ReadonlyMap<string, number> } {
  const found = deduction.dimensions.find((entry) => entry.dimension === dimension)!;
  const chances = new Map<string, number>();
  for (const { value, chance } of found.values) chances.set(wordOf(dimension, value), (chances.get(wordOf(dimension, value)) ?? 0) + chance);
  return { leader: found.leader === null ? 'cannot tell' : wordOf(dimension, found.leader), chances };
}
/** Names of wines by their place: our kinds have the making, not the place. */
const places: ReadonlySet<string> = new Set(['Champagne', 'Prosecco', 'Sauternes', 'Barolo', 'Rioja', 'Amarone']);
const certain = 0.8;
const percent = (chance: number) => `${Math.round(100 * chance)} %`;

export function judgeNote(entry: NoteCase, synonyms: Synonyms): readonly Expectation[] {
  const { id, accept, never, undecidable, certainty, truth } = entry;
  const { note, lost } = noteOf(entry, synonyms);
  const deduction = deduceNote(note);
  const kinds = deduction.kinds.slice(0, 5);
  const listed = kinds.map(({ archetype, chance }) => `${archetype.name} ${percent(chance)}`).join(', ');
  const because = [`truth: ${truth}`, `kinds: ${listed}`, ...(lost.length === 0 ? [] : [`smells without a place: ${lost.join(', ')}`])];
  const out: Expectation[] = [];
  const add = (group: Group, what: string, right: number | boolean, wanted: string, said: string, more: Partial<Expectation> = {}) =>
    out.push({ group, key: `${id} ${what}`, right: Number(right), certainty, wanted, said, because, ...more });

  if (accept.kinds.length > 0 && !undecidable.includes('kind')) {
    const unknown = accept.kinds.filter((name) => means(name, kinds[0]!.archetype) === undefined);
    const more = unknown.length === accept.kinds.length ? { notPlaced: unknown.join(', ') } : {};
    const fits = (place: number) => accept.kinds.some((name) => means(name, kinds[place]!.archetype) === true);
    add('kind first', 'kind', fits(0), accept.kinds.join(', '), listed, more);
    add('kind among five', 'kind among five', [0, 1, 2, 3, 4].some(fits), accept.kinds.join(', '), listed, more);
  }
  const dimension = (group: Group, name: string, leader: string, accepted: readonly string[], chances: ReadonlyMap<string, number>) =>
    add(
      group,
      name,
      accepted.includes(leader) ? 1 : leader === 'cannot tell' ? 0.5 : 0,
      accepted.join(', '),
      `${leader} (${[...chances].map(([value, chance]) => `${value} ${percent(chance)}`).join(', ')})`,
    );
  const told = { climate: toldOf(deduction, 'climate'), age: toldOf(deduction, 'age'), vessel: toldOf(deduction, 'vessel'), price: toldOf(deduction, 'price') };
  dimension('climate', 'climate', told.climate.leader, accept.climate, told.climate.chances);
  dimension('age', 'age', told.age.leader, accept.age, told.age.chances);
  dimension('vessel', 'vessel', told.vessel.leader, accept.vessel, told.vessel.chances);
  const bubbly = deduction.sparkling.chance;
  const { leader } = deduction.sparkling;
  const sparkling = leader === null ? 'cannot tell' : leader ? 'yes' : 'no';
  dimension('sparkling', 'sparkling', sparkling, [accept.sparkling], new Map([['yes', bubbly]]));
  dimension('dearer', 'dearer', told.price.leader, [accept.dearer], told.price.chances);

  const faults = triageGlass(note, {}, {});
  const headline = (name: string) => {
    const meant = faultsMeant[name] ?? [];
    const first = faults.faults[0];
    return first !== undefined && first.chance >= 0.15 && meant.includes(first.fault.id) ? first.chance : 0;
  };
  for (const said of never) {
    const bare = said.replace(/^certain: /, '').replace(/ certain$/, '');
    const bound = said === bare ? 0 : certain;
    const over = (chance: number, leads: boolean) => (bound === 0 ? leads : chance >= bound);
    const part = /^(age|climate|vessel|dearer|sparkling|fault): (.+)$/.exec(bare);
    let broken: boolean;
    let shown = listed;
    let more: Partial<Expectation> = {};
    if (bare === 'kind' || bare === 'any kind') broken = kinds[0]!.chance >= certain;
    else if (/^any (age|climate|vessel)$/.test(bare)) broken = Math.max(...told[bare.slice(4) as 'age'].chances.values()) >= certain;
    else if (part?.[1] === 'fault' || bare === 'refermentation') {
      const name = part?.[2] ?? bare;
      broken = over(headline(name), headline(name) > 0);
      shown = faults.faults
        .slice(0, 2)
        .map((one) => `${one.fault.name} ${percent(one.chance)}`)
        .join(', ');
      if (faultsMeant[name] === undefined) more = { notPlaced: name };
    } else if (part !== null) {
      const [, name, value] = part as unknown as [string, string, string];
      const of =
        name === 'sparkling'
          ? {
              leader: sparkling,
              chances: new Map([
                ['yes', bubbly],
                ['no', 1 - bubbly],
              ]),
            }
          : told[(name === 'dearer' ? 'price' : name) as 'age'];
      broken = over(of.chances.get(value) ?? 0, of.leader === value);
      shown = `${of.leader}, ${value} ${percent(of.chances.get(value) ?? 0)}`;
    } else if (bare === 'new wood' || /^age mature/.test(bare))
      broken = ((bare === 'new wood' ? told.vessel : told.age).chances.get(bare === 'new wood' ? 'new wood' : 'mature') ?? 0) >= certain;
    else {
      const meant = means(bare, kinds[0]!.archetype);
      // A place that no kind of ours names is left out.
      if (bound > 0 && places.has(bare)) continue;
      if (meant === undefined && bound > 0) continue;
      if (meant === undefined) more = { notPlaced: bare };
      const chance = deduction.kinds.reduce((sum, one) => sum + (means(bare, one.archetype) === true ? one.chance : 0), 0);
      broken = over(chance, meant === true);
    }
    add('note never', `never ${said}`, !broken, `not ${said}`, shown, more);
  }
  for (const what of undecidable) {
    if (what === 'sparkling' && note.observed.bead === undefined && bubbly < 0.5) continue;
    const top =
      what === 'kind'
        ? kinds[0]!.chance
        : what === 'sparkling'
          ? Math.max(bubbly, 1 - bubbly)
          : Math.max(...told[(what === 'dearer' ? 'price' : what) as 'age'].chances.values());
    add('undecidable', `undecidable ${what}`, top <= 0.7, `no answer of ${what} above 70 %`, percent(top));
  }
  return out;
}
