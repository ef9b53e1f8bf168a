import { counted } from '../wine/plural';
import { countryName } from '../wine/country';
import type { WineFacts } from '../wine/facts';
import { ageOn, factOf, isSouthern } from '../wine/stated';
import { colourWord, notchWord, observables } from '../wine/observables';
import type { Profile } from '../wine/profile';
import type { Reason } from '../wine/reason';

export type StyleReasonId = 'character' | 'sweetness' | 'bubbles' | 'colour' | 'fortified' | 'weight' | 'flor' | 'oak' | 'age' | 'place' | 'skins';
export interface StyleName {
  /** "crisp, aromatic medium-weight dry white of the high terraces, some used oak, six years old" */
  readonly text: string;
  readonly reasons: readonly Reason<StyleReasonId>[];
}

/** Body from which a wine is not light any more, and from which it is full. */
const lightBelow = 41;
const fullFrom = 58;
const numbers = [
  'under a year',
  'one year',
  'two years',
  'three years',
  'four years',
  'five years',
  'six years',
  'seven years',
  'eight years',
  'nine years',
  'ten years',
];
const years = (n: number) => numbers[n] ?? `${n} years`;

/**
 * A style name in plain words from the facts and the profile alone. Nothing is said that neither fact nor general style supports.
 * @param sweetness the lawful or ordinary term, such as "dry"; undefined leaves it out
 * @param character the words that tell this wine from others, each with what is behind it
 * @param supposed whether a weight that only the style supposes is said; not so for a wine of which too little is known
 */
export function describeStyle(
  facts: WineFacts,
  profile: Profile,
  sweetness: string | undefined,
  day: string,
  character: readonly { readonly text: string; readonly why: string }[] = [],
  supposed = true,
): StyleName {
  const reasons: Reason<StyleReasonId>[] = [];
  const say = (id: StyleReasonId, text: string, why: string) => {
    reasons.push({ id, push: 0, unit: 'none', args: { text, why } });
    return text;
  };
  const body = profile.body.value;
  const words: string[] = [];
  character.forEach(({ text, why }, i) => words.push(`${say('character', text, why)}${i < character.length - 1 ? ',' : ''}`));
  if (supposed || profile.body.from !== 'style')
    words.push(
      say('weight', body < lightBelow ? 'light' : body < fullFrom ? 'medium-weight' : 'full', `body ${Math.round(body)} of 100, from ${profile.body.why}`),
    );
  if (sweetness !== undefined)
    words.push(say('sweetness', sweetness, `sweetness ${Math.round(profile.sweetness.value)} of 100, from ${profile.sweetness.why}`));
  const bubbles = factOf(facts, 'bubbles');
  if (bubbles === 'light') words.push(say('bubbles', 'lightly sparkling', 'stated'));
  if (bubbles === 'sparkling') words.push(say('bubbles', 'sparkling', 'stated'));
  if (factOf(facts, 'fortified') === true) words.push(say('fortified', 'fortified', 'stated'));
  const colour = factOf(facts, 'colour');
  words.push(colour === undefined ? 'wine' : say('colour', `${colourWord[colour]}${colour === 'rose' || colour === 'amber' ? ' wine' : ''}`, 'stated'));
  const country = factOf(facts, 'country');
  const stated = factOf(facts, 'region');
  // Georgia is a country and a state: a place that is also a country's name is told with its own.
  const region =
    stated === undefined
      ? country === undefined
        ? undefined
        : countryName(country)
      : country !== undefined && stated === 'Georgia'
        ? `${stated}, ${countryName(country)}`
        : stated;
  const tail: string[] = [];
  if (region !== undefined) tail.push(say('place', `of ${region}`, 'stated'));
  let text = [words.join(' '), ...tail].join(' ');
  const skin = factOf(facts, 'skinDays');
  if (colour === 'amber' && skin !== undefined)
    text += `, ${say('skins', skin >= 60 ? `${counted(Math.round(skin / 30), 'month')} on its skins` : `${counted(skin, 'day')} on its skins`, 'stated')}`;
  if (factOf(facts, 'underFlor') === true) text += `, ${say('flor', 'from under flor', 'stated')}`;
  const oak = factOf(facts, 'oak');
  if (oak !== undefined && oak !== 'none')
    text += `, ${say('oak', oak === 'used' ? 'some used oak' : oak === 'some' ? 'oak-aged, partly new' : 'oak-aged, all new', 'stated')}`;
  const age = ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  if (age !== undefined) text += `, ${say('age', `${years(age)} old`, `completed since the harvest of ${day}`)}`;
  return { text, reasons };
}

/** An everyday sweetness word from the profile, for wines whose analysis is not known. */
export function plainSweetness(value: number): string {
  const word = notchWord(observables.sweetness, value);
  return word === 'bone dry' ? 'dry' : word === 'luscious' ? 'sweet' : word;
}
