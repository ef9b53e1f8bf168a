import { bearings, notchWord, observables, type ObservableId } from '@rose/core/wine/observables';
import type { WineFacts } from '@rose/core/wine/facts';
import { resolveProfile } from '@rose/core/wine/profile';
import type { ColourClass } from '@rose/core/wine/observables';
import { factOf } from '@rose/core/wine/stated';
import { capital, listed, withArticle } from '@rose/core/wine/plural';
import { expectedSmells } from '../expectation/index';
import { kindInWords, styleOf } from '../styles/index';

/** What a host may say of a wine, with why it is expected. */
export interface TalkingPoint {
  readonly says: string;
  readonly because: string;
}
/** How far from the middle a value is worth talking about. Own choice. */
const remarkable = 22;
const mostReadings = 3;
/** Whether a wine of its colour has tannin as a rule: it lay on its skins. */
const gripsAsARule = (facts: WineFacts, usual: ColourClass): boolean => ['red', 'amber'].includes(factOf(facts, 'colour') ?? usual);
const mostSmells = 4;

/**
 * Talking points of a wine, from its facts alone: its kind, what stands out of its structure, the firmest first by how far from the middle, and the smells that are
 * usual of it. What nothing speaks for is not said; of a grape nobody knows only the kind is.
 */
export function talkingPoints(facts: WineFacts, day: string): readonly TalkingPoint[] {
  const choice = styleOf(facts);
  const profile = resolveProfile(facts, choice.style, undefined, day);
  const kind: TalkingPoint = {
    says: `${capital(withArticle(kindInWords({ name: choice.style.name, why: choice.why })))}.`,
    because: 'its grape, place and making',
  };
  const readings = bearings
    .filter((bearing) => bearing !== 'length' && bearing !== 'bubbles')
    .map((bearing) => ({ bearing, known: profile[bearing] }))
    // That a wine made without skins has no tannin nobody needs to be told.
    .filter(({ bearing, known }) => bearing !== 'tannin' || known.value > 50 || gripsAsARule(facts, choice.style.colour))
    // What stands on the style alone is said only of a style that is known.
    .filter(({ known }) => Math.abs(known.value - 50) >= remarkable && (known.from === 'facts' || !choice.unknown))
    .sort((a, b) => Number(b.known.from === 'facts') - Number(a.known.from === 'facts') || Math.abs(b.known.value - 50) - Math.abs(a.known.value - 50))
    .slice(0, mostReadings)
    .map(({ bearing, known }): TalkingPoint => {
      const { label, ...scale } = observables[bearing as ObservableId];
      const word = 'notches' in scale ? notchWord(scale as Parameters<typeof notchWord>[0], known.value) : String(Math.round(known.value));
      return { says: `${label}: ${word}.`, because: known.from === 'facts' ? known.why : `usual of ${withArticle(choice.style.name)}` };
    });
  const smells = expectedSmells(facts, day).filter((smell) => smell.firm === 'usual');
  const named: readonly TalkingPoint[] =
    smells.length === 0 ? [] : [{ says: `Look for ${listed(smells.slice(0, mostSmells).map((smell) => smell.what))}.`, because: smells[0]!.because }];
  return [kind, ...readings, ...named];
}
