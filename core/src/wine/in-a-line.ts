import { factInWords, type FactId, type FactValue, type WineFacts } from './facts';
import { factOf } from './stated';

/** A wine in a line: grapes, year, where from, strength, as far as they are known. */
export function wineInALine(facts: WineFacts): string {
  const say = (id: FactId) => {
    const value = factOf(facts, id);
    return value === undefined ? '' : factInWords(id, value as FactValue<FactId>);
  };
  return [say('grapes'), say('vintage'), say('region') || say('country'), say('abv')].filter((text) => text !== '').join(' · ');
}
