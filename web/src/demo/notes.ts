import { v4 } from 'uuid';
import { generalStyle } from '@rose/knowledge/styles/index';
import { anchors } from '@rose/core/wine/profile';
import { backThroughAnchors } from '@rose/core/wine/units';
import { dayIn } from '@rose/core/wine/day';
import { expectedSmells } from '@rose/knowledge/expectation/index';
import { descriptors } from '@rose/knowledge/smells/index';
import { classOfHue, type Observed } from '@rose/core/wine/observables';
import type { Chip, NoteDocument } from '@rose/core/wine/note';
import type { KnownWine } from '../server/cellar/profiles';

/** Invented tasters with habits: an offset on every scale, a scatter, and how freely they name smells. */
export interface Taster {
  readonly name: string;
  readonly offset: number;
  readonly scatter: number;
  readonly words: number;
}
export const tasters: readonly Taster[] = [
  { name: 'Ana', offset: 2, scatter: 5, words: 4 },
  { name: 'Bram', offset: -6, scatter: 4, words: 3 },
  { name: 'Chidi', offset: 4, scatter: 8, words: 5 },
  { name: 'Dorte', offset: 0, scatter: 4, words: 3 },
  { name: 'Eli', offset: -3, scatter: 9, words: 2 },
  { name: 'Farah', offset: 5, scatter: 5, words: 4 },
  { name: 'Goran', offset: -2, scatter: 6, words: 2 },
  { name: 'Ilse', offset: 1, scatter: 3, words: 5 },
];

/** Of a family the words most people have for it: those that stand first in the vocabulary. */
const everyday = 4;
/** How often what is firmly expected of a wine is named beside what is only possible. */
const firmly = { figure: 1, usual: 1, possible: 0.25 } as const;
/** What people name in such a wine: what may be expected of it, each family by its everyday words. */
const usualSmells = (known: KnownWine): readonly { readonly id: string; readonly often: number }[] =>
  expectedSmells(known.document.facts, dayIn(new Date(), 'UTC')).flatMap(({ of, only, firm }) => {
    if (of === 'age') return [];
    const words = descriptors.filter(({ id, family, origin }) => of.includes(family) && origin !== 'fault' && (only === undefined || only.includes(id)));
    return words.slice(0, everyday).map(({ id }, at) => ({ id, often: firmly[firm] / (at + 1) }));
  });
function drawn<T extends { readonly often: number }>(from: readonly T[], chance: number): T {
  let left = chance * from.reduce((sum, { often }) => sum + often, 0);
  return from.find(({ often }) => (left -= often) < 0) ?? from.at(-1)!;
}

/** A note a taster of such habits could write on such a wine. */
export function inventedNote(known: KnownWine, taster: Taster, random: () => number): NoteDocument {
  const style = generalStyle(known.style.style.id);
  const near = (value: number) => Math.round(Math.min(98, Math.max(1, value + taster.offset + (random() + random() - 1) * 2 * taster.scatter)));
  const p = known.profile;
  const red = style.colour === 'red';
  const quality = Math.round(74 + 0.13 * p.length.value + 0.06 * p.intensity.value + taster.offset * 0.5 + (random() - 0.5) * 8);
  const observed: Observed = {
    clarity: known.document.facts.filtered?.value === false ? (random() < 0.6 ? 'clear' : 'hazy') : random() < 0.7 ? 'brilliant' : 'clear',
    colour: classOfHue(style.hue) ?? style.colour,
    hue: style.hue,
    depth: near(style.depth),
    rim: near(red ? 44 : 24),
    noseStill: near(p.intensity.value - 10),
    noseSwirled: near(p.intensity.value),
    health: 'sound',
    noseFineness: near(56),
    sweetness: near(p.sweetness.value),
    acidity: near(p.acidity.value),
    alcohol: near(p.alcohol.value),
    body: near(p.body.value),
    intensity: near(p.intensity.value),
    palateHealth: 'sound',
    palateFineness: near(58),
    ...(red || style.colour === 'amber' ? { tannin: near(p.tannin.value), tanninGrain: p.tannin.value > 70 ? 'chalk' : 'dust' } : {}),
    ...(p.bubbles.value > 20 ? { bubbles: near(p.bubbles.value), bead: 'fine' as const } : {}),
    finish: { seconds: Math.max(2, Math.round(backThroughAnchors(anchors.finish, p.length.value) * (0.8 + 0.4 * random()))) },
    balance: near(62),
    complexity: near(p.length.value * 0.8),
    quality: Math.min(97, quality),
    liking: near(60),
    readiness: 'ready',
    another: quality > 82 ? 'yes' : 'perhaps',
  };
  const fitting = usualSmells(known);
  const chips: Chip[] = [];
  while (chips.length < taster.words && chips.length < fitting.length) {
    const pick = drawn(fitting, random());
    if (chips.some((chip) => chip.term === pick.id)) continue;
    chips.push({
      id: v4(),
      term: pick.id,
      layer: chips.length === 0 ? 'first' : 'swirled',
      strength: random() < 0.2 ? 3 : random() < 0.3 ? 1 : 2,
      ...(random() < 0.5 ? { fate: random() < 0.6 ? ('stayed' as const) : ('grew' as const) } : {}),
    });
  }
  return { schema: 1, observed, chips, deck: {}, markBeforeDraft: null, rewritten: {}, remark: '' };
}
