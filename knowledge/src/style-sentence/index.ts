import { describeStyle, plainSweetness, type StyleName } from '@rose/core/style/style';
import type { WineFacts } from '@rose/core/wine/facts';
import { isSparkling, loadsOf, type Profile } from '@rose/core/wine/profile';
import { factOf } from '@rose/core/wine/stated';
import { expectedSmells, type Awaited } from '../expectation/index';
import { sweetnessWord } from '../jurisdictions/index';
import type { FamilyId } from '../smells/index';
import { styleOf } from '../styles/index';

interface Trait {
  readonly text: string;
  readonly why: string;
  /** How much it tells this wine from others. */
  readonly salience: number;
}
const fruit: readonly FamilyId[] = ['citrus', 'orchard', 'stone', 'tropical', 'red', 'dark'];
const most = 2;

/** The one or two words that tell this wine from others of its colour: each rests on a reading or on a smell that is usual for it. */
function characterOf(facts: WineFacts, profile: Profile, smells: readonly Awaited[]): readonly Trait[] {
  const loads = loadsOf(profile);
  const colour = factOf(facts, 'colour');
  const red = colour === 'red';
  const fortified = factOf(facts, 'fortified') === true;
  const flor = factOf(facts, 'underFlor') === true;
  const sweet = loads.sweetness >= 50;
  const sparkling = isSparkling(loads);
  const usual = smells.filter((entry) => entry.firm !== 'possible');
  const smellOf = (...families: readonly FamilyId[]) => usual.find(({ of }) => of !== 'age' && of.some((family) => families.includes(family)));
  const figure = (key: 'acidity' | 'intensity' | 'tannin' | 'alcohol' | 'length') => `${key} ${Math.round(loads[key])} of 100, from ${profile[key].why}`;
  const traits: Trait[] = [];
  const add = (text: string, salience: number, why: string) => traits.push({ text, salience, why });
  const usually = (found: Awaited | undefined, text: string, salience: number) => {
    if (found !== undefined) add(text, salience, `${found.what} is usual ${found.because}`);
  };

  if (loads.acidity >= 60 && loads.body <= 60 && !fortified && !sweet) add(red ? 'fresh' : 'crisp', (loads.acidity - 50) / 12, figure('acidity'));
  else if (loads.acidity >= 66 && (fortified || sweet)) add(fortified ? 'sharp' : 'racy', (loads.acidity - 50) / 10, figure('acidity'));
  if (loads.intensity >= 62 && !red && !flor && !fortified) add('aromatic', (loads.intensity - 50) / 12, figure('intensity'));
  if (loads.tannin >= (colour === 'amber' ? 46 : 64)) add('tannic', (loads.tannin - (colour === 'amber' ? 34 : 50)) / 10, figure('tannin'));
  if (flor || fortified || factOf(facts, 'woodMonths') !== undefined) usually(red ? undefined : smellOf('nut'), 'nutty', 2.2);
  if (sweet && !sparkling && !red) {
    usually(factOf(facts, 'driedGrapes') === true || loads.sweetness >= 99 ? smellOf('dried') : undefined, 'raisined', 2.6);
    usually(!fortified && loads.sweetness >= 82 && factOf(facts, 'driedGrapes') !== true ? smellOf('honey') : undefined, 'botrytised', 4);
  }
  if (sparkling && (factOf(facts, 'leesMonths') ?? 0) >= 36) usually(smellOf('bread'), 'toasty', 2.4);
  if (loads.length >= 54 && loads.intensity >= 60 && !fortified && !sweet) add('complex', (loads.length - 46) / 8, figure('length'));
  usually(
    usual.find((entry) => entry.what === 'pepper'),
    'peppery',
    1.2,
  );
  if (red && !fortified && !sparkling) usually(smellOf('dryherb', 'earth'), 'savoury', 0.9);
  if (loads.alcohol >= 60 && loads.intensity >= 46 && !sweet && !fortified && loads.acidity < 66) add('ripe', (loads.alcohol - 48) / 12, figure('alcohol'));
  if (loads.oak < 30 && !flor && (red || !fortified) && loads.sweetness < 96 && loads.intensity >= 44) usually(smellOf(...fruit), 'fruity', 0.8);
  return traits.sort((a, b) => b.salience - a.salience || (a.text < b.text ? -1 : 1)).slice(0, most);
}

/** What a wine is in one line, from its facts and its profile, with the reason for each word: what only the colour of an unknown wine supposes is not said. `day` is an ISO date the age is counted to. */
export function styleSentence(facts: WineFacts, profile: Profile, day: string): StyleName {
  const { unknown } = styleOf(facts);
  const supposed = unknown && profile.sweetness.from === 'style' ? undefined : plainSweetness(profile.sweetness.value);
  const character = unknown ? [] : characterOf(facts, profile, expectedSmells(facts, day));
  return describeStyle(facts, profile, sweetnessWord(facts) ?? supposed, day, character, !unknown);
}
