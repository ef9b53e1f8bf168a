import { describe, expect, it } from 'vitest';
import { airOf } from '../air/index';
import { emptyFlight } from '@rose/core/flight/flight';
import { facts as registry, factIds, type FactId, type FactSpec, type WineFacts } from '@rose/core/wine/facts';
import { loadsOf, resolveProfile } from '@rose/core/wine/profile';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { closureOf } from '../closures/index';
import { allergenSentence, openingCard } from '../evening/lists';
import { amountsOf } from '../evening/amounts';
import { prepare, usualPrices, usualStock, type EveningInput, type VenueFacts } from '../evening/evening';
import { againstExpected, expectedSmells } from '../expectation/index';
import { classifyWine } from '../jurisdictions/index';
import { faultContext } from '../faults/index';
import { bandOf } from '../serving-temperatures/index';
import { generalStyles, orderWine, styleOf } from '../styles/index';
import { themeWine } from '../theme/index';
import { windowOf } from '../window/index';
import { effects, factEffects, type Effect } from './index';

const day = '2026-11-27';
const venue: VenueFacts = { country: 'GR', currency: 'EUR', temperature: 'C', volume: 'mL', stock: usualStock, prices: usualPrices, taus: {} };

/** Everything that is computed of a wine, by what it is for. */
function computed(facts: WineFacts): Readonly<Record<Effect, unknown>> {
  const { style } = styleOf(facts);
  const profile = resolveProfile(facts, style, undefined, day);
  const loads = loadsOf(profile);
  const age = ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  const input: EveningInput = { id: 'a', name: 'A', facts, profile, age, lots: [], buy: false, faultFound: undefined, reduced: false };
  const flight = { ...emptyFlight, guests: 8, wines: [{ id: 'a' }] };
  const amounts = amountsOf(flight, [input], venue);
  const [prepared] = prepare(flight, [input], venue, new Map());
  // A note with a smell nobody expects of any wine: what is missing then is what was expected; and what one smell of each family is found to be.
  const note = { observed: {}, chips: [{ id: '1', term: 'lychee', layer: 'first', strength: 2 }] } as never;
  const expected = againstExpected(facts, note, day);
  const possible = expectedSmells(facts, day).map((entry) => entry.what);
  return {
    kind: [style.id],
    order: orderWine({ id: 'a', name: 'A', facts, profile, age }),
    expectation: [expected.style, expected.missing, possible, expected.unlooked, loads],
    table: [loads, factOf(facts, 'colour') ?? style.colour, style.echoes],
    cold: bandOf(facts, loads),
    air: airOf(facts, profile, age, false),
    opening: [closureOf(facts), openingCard(prepared!, 8)],
    drink: windowOf(facts, profile, day),
    amounts: [amounts.wines.map((row) => row.spares), amounts.alcohol.swallowed],
    allergens: allergenSentence(amounts),
    faults: faultContext(facts, day),
    theme: themeWine({ id: 'a', name: 'A', producer: 'P', facts, profile, lots: [] }),
    law: classifyWine(facts).map((claim) => [claim.id, claim.verdict, claim.missing]),
  };
}
/** Values to try a fact with, some of them far apart. */
function valuesOf(id: FactId): readonly unknown[] {
  const spec: FactSpec = registry[id];
  if (spec.kind === 'choice') return Object.keys(spec.options);
  if (spec.kind === 'yesno') return [true, false];
  if (spec.kind === 'vintage') return [{ kind: 'year', year: 2024 }, { kind: 'year', year: 2008 }, { kind: 'none' }];
  if (spec.kind === 'grapes')
    return ['Riesling', 'Nebbiolo', 'Gewürztraminer', 'Chardonnay', 'Muscat'].map((grape) => [{ grape, share: { kind: 'exact', percent: 100 } }]);
  if (id === 'takenFor') return generalStyles.slice(0, 4).map((style) => style.name);
  if (spec.kind === 'text')
    return id === 'country'
      ? ['US', 'AR', 'FR', 'DE']
      : id === 'appellation'
        ? ['Rioja Reserva', 'Madeira', 'Sauternes', 'Mosel Kabinett']
        : ['somewhere', 'Madeira'];
  const middle = {
    abv: [8, 13.5, 19],
    sugar: [1, 8, 40, 120],
    acidity: [4, 7, 9],
    pressure: [2, 5],
    woodMonths: [3, 12, 30],
    leesMonths: [3, 20],
    skinDays: [2, 20, 150],
    originShare: [80, 100],
    vintageShare: [80, 100],
  };
  return (
    (middle as Partial<Record<FactId, readonly number[]>>)[id] ?? [
      spec.low + (spec.high - spec.low) * 0.03,
      spec.low + (spec.high - spec.low) * 0.1,
      spec.low + (spec.high - spec.low) * 0.4,
    ]
  );
}
const stated = (facts: Readonly<Record<string, unknown>>): WineFacts =>
  Object.fromEntries(Object.entries(facts).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const year = (of: number) => ({ kind: 'year', year: of });
/** Wines of every sort, from a bare colour to one of which all is known. */
const wines: readonly WineFacts[] = [
  {},
  { colour: 'white' },
  { colour: 'red' },
  { colour: 'red', vintage: year(2019), country: 'IT', abv: 13.5 },
  { colour: 'white', vintage: year(2022), country: 'DE', originKind: 'pdo', sugar: 8, acidity: 8, abv: 12 },
  { colour: 'white', bubbles: 'sparkling', method: 'bottle', sugar: 6, pressure: 6, vintage: year(2018), leesMonths: 30, country: 'FR' },
  { colour: 'white', bubbles: 'sparkling' },
  { colour: 'white', fortified: true, abv: 17, country: 'ES' },
  { colour: 'white', bubbles: 'sparkling', appellation: 'Cava', country: 'ES' },
  { colour: 'white', bubbles: 'sparkling', appellation: 'Cava Reserva', country: 'ES', method: 'bottle', leesMonths: 20, sugar: 2, vintage: year(2025) },
  { colour: 'red', fortified: true, sugar: 100, vintage: year(2003), country: 'PT' },
  { colour: 'amber', skinDays: 60, filtered: false, vintage: year(2021) },
  { colour: 'white', oak: 'new', woodMonths: 12, vintage: year(2020), country: 'US', originKind: 'ava' },
  {
    colour: 'red',
    oak: 'some',
    woodMonths: 12,
    totalMonths: 36,
    appellation: 'Rioja Reserva',
    country: 'ES',
    originKind: 'pdo',
    vintage: year(2016),
    closure: 'cork',
  },
  {
    colour: 'white',
    sugar: 120,
    mustWeight: 130,
    abv: 8,
    appellation: 'Mosel Auslese',
    country: 'DE',
    originKind: 'pdo',
    vintage: year(2018),
    naturalAbv: 16,
    totalAbv: 16,
  },
  { colour: 'white', sugar: 60, mustWeight: 100, abv: 8, appellation: 'Mosel Auslese', country: 'DE' },
  { colour: 'red', country: 'IT', grapes: [{ grape: 'Bonarda', share: { kind: 'unknown' } }] },
  { colour: 'white', grapes: [{ grape: 'Melon', share: { kind: 'unknown' } }], leesMonths: 18, vintage: year(2023), country: 'FR' },
  { colour: 'rose', vintage: year(2024), closure: 'screw', glass: 'clear' },
].map(stated);

const moved = new Map<FactId, Set<Effect>>(factIds.map((id) => [id, new Set()]));
for (const facts of wines) {
  for (const id of factIds) {
    const { [id]: _own, ...without } = facts;
    const seen = [undefined, ...valuesOf(id)].map((value) =>
      computed(value === undefined ? without : ({ ...without, [id]: { value, origin: 'label' } } as WineFacts)),
    );
    for (const effect of Object.keys(effects) as Effect[]) if (new Set(seen.map((one) => JSON.stringify(one[effect]))).size > 1) moved.get(id)!.add(effect);
  }
}

describe('what a fact changes', () => {
  it.each(factIds)('%s changes what the table says, and nothing else', (id) => {
    const found = (Object.keys(effects) as Effect[]).filter((effect) => moved.get(id)!.has(effect));
    expect(found).toEqual(factEffects[id]);
  });
});
