import { fitOf } from '@rose/core/pairing/dish-fit';
import { readLine } from '../src/dishes/read-line';
import { dishOf, styleWine, type DishPart } from '../src/pairing/index';
import type { DishCase, WineWords } from './cases';
import { partsMeant, stylesMeant } from './dishes';
import type { Expectation } from './score';

interface Change {
  readonly out: readonly string[];
  readonly into: readonly DishPart[];
}
/** Changes of a dish in words that are no list of parts, as parts of ours. */
export const changesMeant: Readonly<Record<string, Change>> = {
  'Grill them under garlic butter and crumbs': { out: ['shallot-vinegar'], into: [{ part: 'garlic-butter' }, { part: 'breadcrumbs' }, { part: 'gratinated' }] },
  'Serve only fatty tuna with sweetened soy': {
    out: ['white-fish', 'scallops', 'soy'],
    into: [
      { part: 'tuna-belly', grams: 110 },
      { part: 'sweet-soy', grams: 10 },
    ],
  },
  'season it hot with chilli sauce': { out: [], into: [{ part: 'hot-sauce' }] },
  'Swap mint yoghurt for hot chilli sauce': { out: ['yoghurt-herb', 'mint'], into: [{ part: 'hot-sauce', grams: 15 }] },
  'add hot chilli sauce': { out: [], into: [{ part: 'hot-sauce' }] },
  'leave out oil and garlic and serve cold with mayonnaise': {
    out: ['olive-oil', 'garlic'],
    into: [{ part: 'mayonnaise' }, { part: 'chilled' }],
  },
  'swap lemon for truffle cream': { out: ['lemon-juice', 'citrus-fruit', 'lemon-butter'], into: [{ part: 'truffle' }, { part: 'cream', grams: 60 }] },
  'cook it in white wine and cream': {
    out: ['wine-cooked'],
    into: [
      { part: 'white-wine-cooked', grams: 120 },
      { part: 'cream', grams: 80 },
    ],
  },
  'grill with aubergine and tomato sauce': { out: ['raw'], into: [{ part: 'grilled' }, { part: 'aubergine' }, { part: 'tomato-sauce' }] },
  'serve with gherkin instead of sweet onion': { out: ['fruit-chutney', 'onions'], into: [{ part: 'pickles' }] },
  'Replace béarnaise with soy and ginger glaze': { out: ['hollandaise', 'bearnaise'], into: [{ part: 'sweet-soy' }, { part: 'ginger' }] },
  'replace sausage by fish': { out: ['smoked-sausage', 'sausage', 'pork-belly'], into: [{ part: 'white-fish' }] },
  'leave out chilli': { out: ['green-curry', 'red-curry', 'fresh-chilli', 'chilli-flakes', 'chilli-oil'], into: [{ part: 'coconut-curry', grams: 25 }] },
  'Leave out the chilli': { out: ['lime-chilli', 'fresh-chilli', 'chilli-flakes', 'hot-sauce'], into: [] },
  'use a vinegar and pepper sauce instead of a sweet one': {
    out: ['barbecue'],
    into: [{ part: 'hot-sauce', grams: 5 }, { part: 'vinegar-spoon' }, { part: 'black-pepper' }],
  },
  'add sweet barbecue glaze': { out: ['chimichurri'], into: [{ part: 'barbecue', grams: 50 }] },
  'serve peppered, without berries': { out: ['jam', 'berries', 'dark-berries'], into: [{ part: 'black-pepper', grams: 2 }] },
  'melt it in a fondue': {
    out: ['walnuts', 'toasted-nuts'],
    into: [
      { part: 'wine-cooked', grams: 60 },
      { part: 'bread', grams: 80 },
    ],
  },
  'Double the mint sauce and its vinegar': {
    out: [],
    into: [
      { part: 'mint-sauce', grams: 30 },
      { part: 'vinegar-spoon', grams: 8 },
    ],
  },
  'serve with sweet chutney': { out: [], into: [{ part: 'fruit-chutney' }] },
};
/** A change as parts that go and parts that come: "swap A for B", "leave out A", "B instead of A", else what is added. */
function changeMeant(change: string): Change {
  const listed = changesMeant[change];
  if (listed !== undefined) return listed;
  const [, out = '', into = ''] = /^(?:swap|replace)\s+(.+?)\s+(?:for|by|with)\s+(.+)$/i.exec(change) ??
    /^leave out\s+(.+)$/i.exec(change) ?? [undefined, '', change];
  const instead = /(.+?)\s+instead of\s+(.+)$/i.exec(change);
  const ids = (text: string) => readLine(text).parts.map(({ part }) => part);
  return instead === null ? { out: ids(out), into: readLine(into).parts } : { out: ids(instead[2]!), into: readLine(instead[1]!).parts };
}

/** A change of the dish moves the wines it should: who gains rises, who loses falls. */
export function judgeFlips(dish: DishCase, wineWords: Readonly<Record<string, WineWords>>): readonly Expectation[] {
  const { parts } = partsMeant(dish);
  const before = dishOf(parts);
  return dish.flips.flatMap(({ change, gains, loses }) => {
    const { out, into } = changeMeant(change);
    const after = dishOf([...parts.filter(({ part }) => !out.includes(part) && !into.some((one) => one.part === part)), ...into]);
    const moved = (phrase: string): number | undefined => {
      const styles = stylesMeant(wineWords[phrase] ?? { skip: true });
      return styles.length === 0
        ? undefined
        : styles.reduce((sum, style) => sum + fitOf(after, styleWine(style)).fit - fitOf(before, styleWine(style)).fit, 0) / styles.length;
    };
    return (
      [
        [gains, 1],
        [loses, -1],
      ] as const
    ).map(([phrase, way]): Expectation => {
      const by = moved(phrase);
      return {
        group: 'dish flips',
        key: `${dish.id} ${phrase}`,
        right: by !== undefined && by * way > 0 ? 1 : 0,
        certainty: dish.certainty,
        wanted: `${change}: ${phrase} ${way > 0 ? 'rises' : 'falls'}`,
        said: by === undefined ? '–' : by.toFixed(1),
        ...(by === undefined ? { notPlaced: phrase } : {}),
      };
    });
  });
}
