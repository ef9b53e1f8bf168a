import { valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { plainWords, sameWords } from '../smells/everyday';

/** What an everyday word of taste, feel or look says: a row of the note and its value. */
export interface Said {
  readonly id: ObservableId;
  readonly value: ValueOf<ObservableId>;
}
const row = <Id extends ObservableId>(id: Id, value: ValueOf<Id>, ...words: string[]) => ({ id, value, words });

/** Words people say in the mouth or at the glass, each with the row it belongs to. Common practice. A word of judgement has none: it stays its taster's own. */
const rows = [
  row('acidity', 10, 'flabby', 'low acid', 'no acidity'),
  row('acidity', 25, 'soft acid', 'low in acidity'),
  row('acidity', 50, 'fresh', 'refreshing'),
  row('acidity', 75, 'crisp', 'lively', 'zingy', 'tangy', 'bright acidity', 'zippy', 'brisk'),
  row('acidity', 92, 'racy', 'tart', 'sharp', 'sour', 'acidic', 'acid', 'high acid', 'mouthwatering', 'mouth watering', 'piercing', 'puckery'),
  row('sweetness', 14, 'dry', 'no sugar'),
  row('sweetness', 2, 'bone dry'),
  row('sweetness', 34, 'off dry', 'a touch sweet', 'slightly sweet', 'medium dry'),
  row('sweetness', 50, 'semi sweet', 'medium sweet', 'half sweet'),
  row('sweetness', 72, 'sweet', 'sugary'),
  row('sweetness', 94, 'sticky', 'luscious', 'syrupy', 'cloying', 'very sweet'),
  row('bitterness', 50, 'bitter', 'phenolic', 'pithy'),
  row('tannin', 75, 'grippy', 'tannic', 'chewy', 'astringent', 'drying', 'mouth drying', 'gripping', 'grip', 'firm tannin', 'big tannin'),
  row('tannin', 25, 'soft', 'soft tannin', 'gentle tannin', 'low tannin'),
  row('tannin', 50, 'some grip', 'medium tannin'),
  row('tanninGrain', 'velvet', 'velvety', 'velvet', 'furry', 'suede', 'plush', 'chunky'),
  row('tanninGrain', 'silk', 'silky', 'silk', 'fine tannin', 'fine grained'),
  row('tanninGrain', 'dust', 'dusty', 'powdery', 'dusty tannin'),
  row('tanninGrain', 'chalk', 'chalky tannin'),
  row('tanninGrain', 'coarse', 'coarse', 'sandpaper', 'rustic', 'rough tannin', 'sandy tannin'),
  row('tanninRipeness', 'green', 'green tannin', 'stalky tannin', 'unripe tannin'),
  row('alcohol', 70, 'warming', 'warm', 'warmth'),
  row('alcohol', 90, 'hot', 'boozy', 'alcoholic', 'burning', 'burn', 'high alcohol', 'strong'),
  row('alcohol', 15, 'low alcohol', 'light in alcohol'),
  row('body', 10, 'thin', 'watery', 'weak'),
  row('body', 25, 'light', 'light bodied', 'delicate'),
  row('body', 50, 'medium bodied', 'medium body'),
  row('body', 75, 'full', 'full bodied', 'rich', 'big', 'heavy'),
  row('body', 95, 'massive', 'weighty', 'dense'),
  row('texture', 'creamy', 'creamy feel', 'creamy texture'),
  row('texture', 'oily', 'oily', 'oily texture', 'viscous', 'unctuous', 'glycerine'),
  row('texture', 'smooth', 'smooth', 'round', 'rounded', 'supple', 'mellow'),
  row('texture', 'lean', 'lean', 'austere', 'steely', 'taut'),
  row('texture', 'grainy', 'grainy', 'gritty'),
  row('bubbles', 25, 'spritzy', 'spritz', 'prickle', 'prickly', 'petillant', 'tingly'),
  row('bubbles', 50, 'mousse', 'soft bubbles', 'frothing'),
  row('bubbles', 75, 'fizzy', 'fizz', 'bubbly', 'sparkling', 'gassy', 'carbonated'),
  row('bubbles', 0, 'still', 'no bubbles'),
  row('bead', 'coarse', 'frothy', 'big bubbles', 'coarse bubbles', 'large bubbles'),
  row('bead', 'fine', 'fine bubbles', 'tiny bubbles', 'small bubbles'),
  row('saline', 70, 'salty taste', 'saline taste', 'briny taste'),
  row('savoury', 70, 'umami', 'savory taste', 'savoury taste'),
  row('oak', 70, 'oaked', 'lots of oak'),
  row('intensity', 92, 'intense', 'powerful', 'concentrated', 'flavoursome', 'flavorful', 'flavourful'),
  row('intensity', 20, 'dilute', 'bland', 'neutral', 'washed out'),
  row('clarity', 'hazy', 'hazy', 'haze'),
  row('clarity', 'cloudy', 'cloudy', 'murky', 'turbid'),
  row('clarity', 'clear', 'clear', 'limpid'),
  row('clarity', 'brilliant', 'bright', 'brilliant', 'sparkling clear', 'star bright'),
  row('clarity', 'dull', 'dull'),
  row('particles', 'crystals', 'wine diamonds', 'crystals', 'tartrates', 'sugar crystals', 'glass splinters'),
  row('particles', 'deposit', 'deposit', 'sediment', 'dregs', 'lees in the glass'),
  row('particles', 'flakes', 'flakes', 'floaters', 'bits in it'),
  row('particles', 'cork', 'cork bits', 'cork crumbs', 'bits of cork'),
  row('tears', 'slow', 'legs', 'tears', 'thick legs', 'long legs', 'slow legs'),
  row('tears', 'quick', 'thin legs', 'quick legs'),
  row('depth', 92, 'inky', 'opaque', 'black', 'very dark'),
  row('depth', 72, 'deep', 'dark', 'deep colour', 'dark colour'),
  row('depth', 25, 'pale', 'pale colour', 'light colour'),
  row('depth', 6, 'water white', 'very pale'),
  row('hue', 'tawny', 'tawny'),
  row('hue', 'garnet', 'garnet'),
  row('hue', 'brick', 'brickish', 'brick', 'brick red', 'bricking'),
  row('hue', 'ruby', 'ruby', 'ruby red'),
  row('hue', 'purple', 'purple', 'violet colour', 'magenta'),
  row('hue', 'mahogany', 'mahogany'),
  row('hue', 'lemon', 'lemon coloured', 'lemon yellow', 'yellow'),
  row('hue', 'straw', 'straw', 'straw coloured', 'straw yellow'),
  row('hue', 'gold', 'gold', 'golden'),
  row('hue', 'greenish', 'greenish', 'green tinge', 'green tinged'),
  row('hue', 'salmon', 'salmon', 'salmon pink'),
  row('hue', 'onion', 'onion skin'),
  row('browning', 'through', 'brown', 'browned', 'browning'),
] as const;

/** The rows of the note an everyday word of taste, feel or look stands for; none for a smell, and for a word that only judges. */
export function rowsSaid(text: string): readonly Said[] {
  const typed = plainWords(text).replace(/^(?:(?:it|this|that) )?(?:tastes?|feels?|looks?|seems?|is) /, '');
  if (typed === '') return [];
  const same = rows.filter(({ words }) => words.some((word) => word === typed));
  const found = same.length > 0 ? same : rows.filter(({ words }) => words.some((word) => sameWords(word, typed)));
  return found.map(({ id, value }) => ({ id, value }));
}
/** A value as it is offered: "lively (75)", "velvety". */
export const saidInWords = ({ id, value }: Said): string => valueInWords(id, value);
export const everydayRows = rows;
