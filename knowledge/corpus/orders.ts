import { schoolOf } from '@rose/core/order/ordering-rules';
import { judgeOrder } from '@rose/core/order/judge';
import type { OrderWine } from '@rose/core/order/order-wine';
import { bestOrder } from '@rose/core/order/solve';
import { resolveProfile } from '@rose/core/wine/profile';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { grapeNamed, grapeNames } from '../src/grapes/index';
import { orderWine, styleOf } from '../src/styles/index';
import { factsOf } from './wines';
import { today, type OrderCase, type WineCase } from './cases';
import type { Expectation, Group } from './score';

const sugars: readonly (readonly [word: RegExp, gL: number])[] = [
  [/bone dry/, 1],
  [/off-dry/, 20],
  [/medium sweet/, 45],
  [/luscious/, 150],
  [/sweet/, 90],
  [/dry/, 4],
];
const sparklingSugars: readonly (readonly [word: RegExp, gL: number])[] = [
  [/brut nature|bone dry/, 1],
  [/extra dry|off-dry/, 15],
  [/demi-sec|medium sweet/, 40],
  [/sweet/, 90],
  [/dry|brut/, 8],
];
/** Countries of the places on the labels, where a name means another grape in another country. */
const places: readonly (readonly [word: RegExp, country: string])[] = [
  [/mendoza|salta|uco/, 'AR'],
  [/casablanca|limarí|itata|colchagua|maipo|chile/, 'CL'],
  [/rioja|priorat|catalonia/, 'ES'],
  [/piedmont|alba|asti|barolo|friuli/, 'IT'],
];
const named = [...grapeNames].sort((a, b) => b.length - a.length);

/** The facts of a plain label: "Riesling trocken, Mosel, 2 years, dry, no oak, 12%". */
export function factsOfLabel(label: string): WineCase['facts'] {
  const text = label.toLowerCase();
  const country = places.find(([word]) => word.test(text))?.[1];
  const there = country === undefined ? {} : { country };
  const [head = ''] = label.split(',');
  const written = head.split(/[-–]| blend\b/).map((part) => part.trim());
  const grapes = written.flatMap((part) => {
    const whole = grapeNamed(part, there) ?? grapeNamed(part.split(' ').slice(0, 2).join(' '), there) ?? grapeNamed(part.split(' ')[0] ?? '', there);
    const inside = whole ?? grapeNamed(named.find((name) => part.toLowerCase().includes(name.toLowerCase())) ?? '');
    return inside === undefined ? [] : [{ name: inside.name }];
  });
  const sparkling = /champagne|prosecco|cava|sparkling|traditional|tank method|ancestral|lambrusco/.test(text);
  const light = /lightly sparkling/.test(text);
  const fortified = /\bport\b|rutherglen|tawny/.test(text);
  const skinDays = /skin contact|on skins/.test(text)
    ? /six months/.test(text)
      ? 180
      : /four months/.test(text)
        ? 120
        : /long/.test(text)
          ? 120
          : /short/.test(text)
            ? 5
            : /ramato/.test(text)
              ? 4
              : 20
    : undefined;
  const first = grapeNamed(grapes[0]?.name ?? '');
  const red = (first?.skin === 'black' && !(sparkling && !/red/.test(text))) || (/\bport\b/.test(text) && !/white port/.test(text));
  const colour = /rosé|clairet/.test(text) ? 'rosé' : skinDays !== undefined ? 'amber' : red ? 'red' : 'white';
  const years = /(\d+) years?/.exec(text);
  const abv = /([\d.]+)%/.exec(text);
  const oak = /no oak/.test(text)
    ? 'none'
    : /new oak|heavy/.test(text) && !/some new/.test(text)
      ? 'new'
      : /old oak|large oak|large old|clay|cask|bottle aged|glass/.test(text)
        ? 'used'
        : /oak/.test(text)
          ? 'partly new'
          : undefined;
  const wood = /long cask/.test(text)
    ? Number(years?.[1] ?? 10) * 12
    : /long oak/.test(text)
      ? 30
      : /light oak/.test(text)
        ? 4
        : oak === undefined || oak === 'none'
          ? undefined
          : 12;
  const sugar = (sparkling ? sparklingSugars : sugars).find(([word]) => word.test(text))?.[1];
  return {
    colour,
    ...(country === undefined ? {} : { country }),
    bubbles: light ? 'light' : sparkling ? 'sparkling' : 'still',
    grapes: grapes.length === 1 ? [{ ...grapes[0]!, share: 100 }] : grapes,
    ...(years === null ? {} : { vintage: Number(today.slice(0, 4)) - Number(years[1]) }),
    ...(abv === null ? {} : { abv: Number(abv[1]) }),
    ...(sugar === undefined ? {} : { sugar_gL: sugar }),
    ...(oak === undefined ? {} : { oak }),
    ...(wood === undefined ? {} : { monthsWood: wood }),
    ...(skinDays === undefined ? {} : { skinDays }),
    fortified,
    ...(light
      ? { method: 'tank' as const }
      : /prosecco|tank|asti/.test(text) && sparkling
        ? { method: 'tank' as const }
        : /ancestral/.test(text)
          ? { method: 'ancestral' as const }
          : sparkling
            ? { method: 'bottle' as const }
            : {}),
  };
}
/** A wine of a flight as the solver takes it. */
export function wineOfLabel({ key, label }: OrderCase['wines'][number]): OrderWine {
  const facts = factsOf(factsOfLabel(label));
  const profile = resolveProfile(facts, styleOf(facts).style, undefined, today);
  return orderWine({ id: key, name: label, facts, profile, age: ageOn(today, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country'))) });
}
const school = schoolOf('weight');
/** What sorting by sweetness, then weight, would do. */
const plainly = (wines: readonly OrderWine[]) =>
  [...wines].sort((a, b) => Math.round((a.loads.sweetness - b.loads.sweetness) / 20) || a.loads.body - b.loads.body).map((wine) => wine.id);

export function judgeOrderCase({ id, wines, before, first, last, mistake, certainty }: OrderCase): {
  readonly expectations: readonly Expectation[];
  readonly plainly: readonly boolean[];
} {
  const ours = wines.map(wineOfLabel);
  const solution = bestOrder(ours, [], school);
  const order = solution.kind === 'best' ? solution.judgement.order : [];
  const name = (key: string) =>
    wines
      .find((wine) => wine.key === key)
      ?.label.split(',')
      .slice(0, 2)
      .join(',') ?? key;
  const said = order.map(name).join(' → ');
  const because = ours.map(
    (wine) =>
      `${wine.name}: ${wine.rung}, sweet ${wine.loads.sweetness.toFixed(0)}, body ${wine.loads.body.toFixed(0)}, tannin ${wine.loads.tannin.toFixed(0)}, oak ${wine.loads.oak.toFixed(0)}, loud ${wine.loads.intensity.toFixed(0)}`,
  );
  const out: Expectation[] = [];
  const add = (group: Group, what: string, right: boolean, wanted: string, more: Partial<Expectation> = {}) =>
    out.push({ group, key: `${id} ${what}`, right: Number(right), certainty, wanted, said, because, ...more });
  for (const [a, b] of before) add('order pairs', `${a} before ${b}`, order.indexOf(a) < order.indexOf(b), `${name(a)} before ${name(b)}`);
  if (first !== undefined) add('order first', 'first', order[0] === first, name(first));
  if (last !== undefined) add('order last', 'last', order.at(-1) === last, name(last));
  if (mistake !== undefined) {
    const [from, to] = mistake.worstStep;
    if (before.some(([a, b]) => a === to && b === from)) {
      const { steps } = judgeOrder(ours, mistake.order, school);
      const dearest = steps.reduce((most, step) => (step.strain > most.strain ? step : most));
      add('order worst step', 'worst step', dearest.wine === to, `${name(from)} → ${name(to)}`, {
        said: steps.map((step) => `${name(step.wine)} ${step.strain.toFixed(1)}`).join(' → '),
      });
    }
  }
  const sorted = plainly(ours);
  return { expectations: out, plainly: before.map(([a, b]) => sorted.indexOf(a) < sorted.indexOf(b)) };
}
