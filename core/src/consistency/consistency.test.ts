import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import type { WineFacts } from '../wine/facts';
import { emptyNote, type NoteDocument } from '../wine/note';
import type { Observed } from '../wine/observables';
import { published } from '../testing/published';
import { pullingApart } from './ages-apart';
import { contradictions } from './consistency';
import { ruleIds, type ChipReading, type RuleId } from './rules';

const plain: ChipReading = { fault: [], count: 4, gone: 0, fated: 0 };
const label = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
type Side = { observed: Observed; chips?: Partial<ChipReading>; label?: WineFacts };
const fires = ({ observed, chips, label: facts }: Side) => contradictions({ ...emptyNote, observed }, { ...plain, ...chips }, facts).map((entry) => entry.rule);

/** For each rule a note where it fires and its nearest note where it does not. */
const cases: Record<RuleId, [Side, Side]> = {
  'short-and-praised': [{ observed: { finish: { seconds: 7 }, quality: 90 } }, { observed: { finish: { seconds: 8 }, quality: 90 } }],
  'no-tannin-but-grain': [{ observed: { tannin: 11, tanninGrain: 'dust' } }, { observed: { tannin: 12, tanninGrain: 'dust' } }],
  'no-tannin-but-ripeness': [{ observed: { tannin: 0, tanninRipeness: 'ripe' } }, { observed: { tannin: 0 } }],
  'white-with-grip': [{ observed: { colour: 'white', tannin: 60 } }, { observed: { colour: 'amber', tannin: 60 } }],
  'dry-with-sugar': [
    { observed: { sweetness: 10 }, label: label({ sugar: 20 }) },
    { observed: { sweetness: 10 }, label: label({ sugar: 19 }) },
  ],
  'sweet-without-sugar': [
    { observed: { sweetness: 60 }, label: label({ sugar: 4 }) },
    { observed: { sweetness: 60 }, label: label({ sugar: 5 }) },
  ],
  'mark-without-reasons': [
    { observed: { quality: 92, acidity: 50 }, chips: { count: 2 } },
    { observed: { quality: 92, acidity: 50 }, chips: { count: 3 } },
  ],
  'sound-with-fault': [
    { observed: { health: 'sound' }, chips: { fault: ['vinegar'] } },
    { observed: { health: 'trace' }, chips: { fault: ['vinegar'] } },
  ],
  'faulty-and-high': [{ observed: { health: 'faulty', quality: 80 } }, { observed: { health: 'faulty', quality: 79 } }],
  'hue-of-another-colour': [{ observed: { colour: 'white', hue: 'ruby' } }, { observed: { colour: 'red', hue: 'ruby' } }],
  'rim-younger-than-core': [{ observed: { hue: 'brick', rimHue: 'ruby' } }, { observed: { hue: 'garnet', rimHue: 'ruby' } }],
  'bubbles-felt-not-seen': [{ observed: { bead: 'none', bubbles: 45 } }, { observed: { bead: 'wall', bubbles: 45 } }],
  'bubbles-seen-not-felt': [{ observed: { bead: 'fine', bubbles: 9 } }, { observed: { bead: 'fine', bubbles: 10 } }],
  'loud-but-nameless': [
    { observed: { noseSwirled: 75 }, chips: { count: 0 } },
    { observed: { noseSwirled: 75 }, chips: { count: 1 } },
  ],
  'many-smells-one-note': [
    { observed: { complexity: 19 }, chips: { count: 8 } },
    { observed: { complexity: 20 }, chips: { count: 8 } },
  ],
  'one-smell-many-sided': [
    { observed: { complexity: 75 }, chips: { count: 1 } },
    { observed: { complexity: 75 }, chips: { count: 2 } },
  ],
  'seamless-but-sticking-out': [{ observed: { balance: 80, acidity: 90 } }, { observed: { balance: 80, acidity: 89 } }],
  'balance-over-fruit': [{ observed: { balance: 80, tannin: 88, intensity: 35 } }, { observed: { balance: 80, tannin: 84, intensity: 35 } }],
  'disliked-but-again': [{ observed: { liking: 10, another: 'yes' } }, { observed: { liking: 10, another: 'perhaps' } }],
  'loved-but-not-again': [{ observed: { liking: 85, another: 'no' } }, { observed: { liking: 84, another: 'no' } }],
  'past-and-high': [{ observed: { readiness: 'past', quality: 90 } }, { observed: { readiness: 'fading', quality: 90 } }],
  'rough-and-high': [{ observed: { palateFineness: 19, quality: 88 } }, { observed: { palateFineness: 19, quality: 87 } }],
  'faint-but-strong-label': [{ observed: { alcohol: 14 }, label: label({ abv: 14 }) }, { observed: { alcohol: 14 } }],
  'fiery-but-light-label': [
    { observed: { alcohol: 80 }, label: label({ abv: 11 }) },
    { observed: { alcohol: 80 }, label: label({ abv: 11.5 }) },
  ],
  'opaque-white': [{ observed: { colour: 'white', depth: 88 } }, { observed: { colour: 'white', depth: 87 } }],
  'cream-from-nothing': [{ observed: { body: 90, alcohol: 10, sweetness: 5 } }, { observed: { body: 90, alcohol: 10, sweetness: 12 } }],
  'sound-nose-faulty-mouth': [{ observed: { health: 'sound', palateHealth: 'faulty' } }, { observed: { health: 'sound', palateHealth: 'doubtful' } }],
  'all-gone-but-loud': [
    { observed: { intensity: 80 }, chips: { gone: 3, fated: 3 } },
    { observed: { intensity: 80 }, chips: { gone: 2, fated: 3 } },
  ],
  'clashing-and-high': [{ observed: { balance: 10, quality: 90 } }, { observed: { balance: 20, quality: 90 } }],
};
describe('consistency', () => {
  it('has at least twenty rules', () => expect(ruleIds.length).toBeGreaterThanOrEqual(20));
  for (const rule of ruleIds)
    it(`${rule} fires, and on the nearest note it does not`, () => {
      const [yes, no] = cases[rule];
      expect(fires(yes)).toContain(rule);
      expect(fires(no)).not.toContain(rule);
    });
  published('common practice', 'a gold that skins made is amber, a young white is water at its rim, old raisined white is opaque', () => {
    expect(fires({ observed: { colour: 'amber', hue: 'gold' } })).toEqual([]);
    expect(fires({ observed: { colour: 'amber', hue: 'ruby' } })).toEqual(['hue-of-another-colour']);
    expect(fires({ observed: { hue: 'lemon', rimHue: 'colourless' } })).toEqual([]);
    expect(fires({ observed: { hue: 'gold', rimHue: 'greenish' } })).toEqual(['rim-younger-than-core']);
    expect(fires({ observed: { colour: 'white', hue: 'brown', depth: 95 } })).toEqual([]);
  });
  it('tells harmony by how far one part stands over the fruit, and lets sugar carry acid', () => {
    const told = contradictions({ ...emptyNote, observed: { balance: 80, tannin: 88, acidity: 85, intensity: 35 } }, plain);
    expect(told.map(({ because }) => because)).toEqual(['tannin stands 53 above the fruit: for now it leads; food or years may bring them together']);
    expect(fires({ observed: { balance: 80, acidity: 89, intensity: 35, sweetness: 75 } })).toEqual([]);
    expect(fires({ observed: { balance: 40, tannin: 88, intensity: 35 } })).toEqual([]);
  });
  it('names both passages in words, and a span contradicts only when both its ends do', () => {
    fc.assert(
      fc.property(anyObserved, (observed) => {
        for (const entry of contradictions({ ...emptyNote, observed }, plain, label({ sugar: 25, abv: 14.5 }))) {
          expect(`${entry.a.says} ${entry.b.says} ${entry.because}`).not.toMatch(/undefined|NaN|\[object/);
          expect(entry.a.says).not.toBe(entry.b.says);
        }
      }),
    );
    expect(fires({ observed: { tannin: [5, 30], tanninGrain: 'dust' } })).toEqual([]);
    expect(fires({ observed: { tannin: [2, 10], tanninGrain: 'dust' } })).toEqual(['no-tannin-but-grain']);
  });
  it('a hidden glass is judged without its label, and an empty note says nothing', () => {
    expect(fires({ observed: { sweetness: 5, alcohol: 5 } })).toEqual([]);
    expect(contradictions(emptyNote, { ...plain, count: 0 })).toEqual([]);
  });
  it('cues of age that pull apart are listed for and against, with the next thing to look for', () => {
    const note = (observed: Observed): NoteDocument => ({ ...emptyNote, observed });
    const found = pullingApart(note({ hue: 'purple' }), { grape: 0, age: 2 })!;
    expect(found.young).toEqual(['purple at the core']);
    expect(found.old).toEqual(['2 smells of age']);
    expect(found.next).toContain('tannin');
    expect(pullingApart(note({ hue: 'purple' }), { grape: 4, age: 0 })).toBeUndefined();
    expect(pullingApart(note({ hue: 'purple', rimHue: 'brick', tannin: 40, finish: { seconds: 12 } }), { grape: 0, age: 0 })!.next).toContain('again');
  });
});
