import type { Band } from '@rose/core/temperature/temperature';
import { origins, type WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { isSparkling, type Loads } from '@rose/core/wine/profile';
import { reasonsOf, rule } from '@rose/core/wine/rule';
import { veilLimit } from '../styles/index';

const handbooks = 'handbooks (Peynaud; Robinson; Jackson); no norm exists';

/** A wine as its serving temperature is asked for. */
interface Served {
  readonly facts: WineFacts;
  readonly loads: Loads;
  readonly colour: NonNullable<WineFacts['colour']>['value'];
}
const spirit = ({ facts }: Served) => factOf(facts, 'fortified') === true;
const veil = ({ facts }: Served) => factOf(facts, 'underFlor') === true;
const sparkles = ({ loads }: Served) => isSparkling(loads);
const weight = ({ loads }: Served) => (loads.tannin + loads.body) / 2;
/** From so much sugar on, of 100, a still white or a fizz is served as a sweet one. */
const sweet = ({ loads }: Served) => loads.sweetness >= 50;
const wood = ({ facts }: Served) => factOf(facts, 'woodMonths') ?? 24;

/** One band with the wines it is for and why; °C at the pour. The first band whose rule holds is the wine's. */
const band = (id: string, name: string, low: number, high: number, when: (served: Served) => boolean, why: string) => ({
  band: { id, name, low, high, source: handbooks } satisfies Band,
  rule: rule({
    id,
    title: name,
    unit: 'none',
    source: handbooks,
    when: (served: Served) => (when(served) ? {} : undefined),
    push: () => 0,
    says: () => why,
  }),
});
const bandRules = [
  band('warm-fortified', 'fortified, aged warm', 12, 16, (w) => spirit(w) && factOf(w.facts, 'heated') === true, 'aged warm: too cold it smells of nothing'),
  band(
    'flor',
    'fortified under a veil',
    6,
    9,
    (w) => spirit(w) && veil(w) && w.loads.sweetness < 40 && (factOf(w.facts, 'abv') ?? 15) < veilLimit,
    'dry and aged under its yeast: cold keeps it fresh',
  ),
  band('ruby-fortified', 'red fortified', 16, 18, (w) => spirit(w) && w.colour === 'red' && wood(w) < 60, 'red fruit and spirit, little wood'),
  band(
    'raisined-fortified',
    'fortified of raisins',
    10,
    13,
    (w) => spirit(w) && w.colour !== 'red' && w.loads.sweetness >= 96,
    'so sweet that some cold holds it together',
  ),
  band(
    'white-fortified',
    'sweet white fortified',
    6,
    10,
    (w) => spirit(w) && w.colour !== 'red' && w.loads.oak < 20 && w.loads.fragility < 50 && w.loads.sweetness >= 40,
    'white, sweet, with little wood: drunk fresh and cold',
  ),
  band(
    'flor',
    'fortified under a veil',
    6,
    9,
    (w) => spirit(w) && w.colour !== 'red' && !veil(w) && w.loads.fragility >= 50,
    'pale and fragile, with spirit: cold keeps it fresh',
  ),
  band('tawny-fortified', 'tawny or nutty fortified', 12, 15, spirit, 'aged in air: nuts need some warmth, spirit does not'),
  band('sparkling-red', 'sparkling red', 10, 14, (w) => sparkles(w) && w.colour === 'red', 'bubbles ask for cold, grip against it'),
  band('light-sparkling', 'sweet or light sparkling', 5, 8, (w) => sparkles(w) && (sweet(w) || w.loads.body < 25), 'bubbles with sugar, or very light'),
  band(
    'vintage-sparkling',
    'vintage sparkling',
    10,
    12,
    (w) => sparkles(w) && factOf(w.facts, 'vintage')?.kind === 'year' && (factOf(w.facts, 'leesMonths') ?? 0) >= 30,
    'years on its lees: what they gave shows with some warmth',
  ),
  band('sparkling', 'sparkling, no vintage', 6, 10, sparkles, 'bubbles last longer in the cold'),
  band('light-sparkling', 'sweet or light sparkling', 5, 8, (w) => w.loads.bubbles >= 12 && w.loads.sweetness >= 40, 'a light sparkle with sugar'),
  band(
    'rich-sweet',
    'rich sweet white',
    8,
    12,
    (w) => sweet(w) && w.colour !== 'red' && w.colour !== 'rose' && w.loads.body >= 50,
    'sweet and full: cold balances the sugar',
  ),
  band('light-sweet', 'light sweet white', 6, 8, (w) => sweet(w) && w.colour !== 'red' && w.colour !== 'rose', 'sweet and light: cold balances the sugar'),
  band('veil-white', 'white under a veil', 14, 16, veil, 'years under its yeast: it opens with warmth'),
  band('amber', 'amber', 12, 14, (w) => w.colour === 'amber', 'made on its skins: grip is hard when cold'),
  band('sweet-rose', 'sweet rosé', 7, 10, (w) => sweet(w) && w.colour === 'rose', 'a rosé with sugar: cold balances it'),
  band('rose', 'rosé', 8, 12, (w) => w.colour === 'rose', 'a rosé'),
  band('light-red', 'light red', 12, 14, (w) => w.colour === 'red' && weight(w) < 34, 'little grip and weight'),
  band('medium-red', 'medium red', 14, 16, (w) => w.colour === 'red' && weight(w) < 56, 'some grip and weight'),
  band('full-red', 'full red', 16, 18, (w) => w.colour === 'red', 'much grip and weight: cold makes it hard'),
  band('full-white', 'full or oaked white', 10, 13, (w) => w.loads.oak >= 40 || w.loads.body >= 60, 'oak or weight shows too little when colder'),
  band('medium-white', 'dry white of some weight', 9, 12, (w) => w.loads.oak >= 22 || w.loads.body >= 50, 'some weight or wood'),
  band('aromatic-white', 'aromatic white', 8, 11, (w) => w.loads.intensity >= 56, 'its scent shows too little when colder'),
  band('light-white', 'light dry white', 7, 10, () => true, 'light and dry: cold keeps it lively'),
];
const byId = new Map<string, Band>(bandRules.map((entry) => [entry.band.id, entry.band]));
/** Serving temperatures by style, °C at the pour. */
export const bands: readonly Band[] = [...byId.values()];
export const bandNamed = (id: string): Band => byId.get(id)!;

/** °C either way of a temperature that somebody set. */
const ownWidth = 1;
/** The band round one temperature that somebody set. */
export const ownBand = (celsius: number, name: string, source: string): Band => ({
  id: 'own',
  name,
  low: celsius - ownWidth,
  high: celsius + ownWidth,
  source,
});

/** The band of a wine with why: the one kept with it, else from its facts and its profile. */
export function bandOf(facts: WineFacts, loads: Loads): Band & { readonly because?: string } {
  const kept = facts.serveC;
  if (kept !== undefined) return ownBand(kept.value, 'as kept with the wine', origins[kept.origin]);
  const served = { facts, loads, colour: factOf(facts, 'colour') ?? 'white' };
  for (const entry of bandRules) {
    const [because] = reasonsOf([entry.rule], served);
    if (because !== undefined) return { ...entry.band, because: because.text };
  }
  return bandNamed('light-white');
}
