import { countryName } from '../wine/country';
import { factInWords, type WineFacts } from '../wine/facts';
import { moneyInWords } from '../wine/money';
import { counted } from '../wine/plural';
import { ageOn, factOf, isSouthern } from '../wine/stated';
import type { Uncoverable } from './program';

/** What is known of the bottle in a glass, as far as it is uncovered at a table. */
export interface Label {
  readonly name: string;
  readonly producer: string;
  readonly facts: WineFacts;
  /** What a bottle cost, where that is on record. */
  readonly price?: { readonly minor: number; readonly currency: string } | undefined;
}

/** A fact of a wine as it is uncovered, in a few words; where it is not on record it says so. `day` is the day of the tasting. */
export function uncovered(fact: Uncoverable, { name, producer, facts, price }: Label, day: string): string {
  switch (fact) {
    case 'price':
      return price === undefined ? 'no price on record' : `${moneyInWords(price.minor, price.currency)} a bottle`;
    case 'age': {
      const vintage = factOf(facts, 'vintage');
      if (vintage === undefined) return 'no year on record';
      const years = ageOn(day, vintage, isSouthern(factOf(facts, 'country')));
      return years === undefined ? 'no single year' : `${counted(years, 'year')} old, ${factInWords('vintage', vintage)}`;
    }
    case 'grape': {
      const grapes = factOf(facts, 'grapes');
      return grapes === undefined || grapes.length === 0 ? 'no grape on record' : factInWords('grapes', grapes);
    }
    case 'place': {
      const country = factOf(facts, 'country');
      const parts = [factOf(facts, 'appellation'), factOf(facts, 'site'), factOf(facts, 'region'), country === undefined ? undefined : countryName(country)];
      return [...new Set(parts.filter((part) => part !== undefined && part !== ''))].join(', ') || 'no place on record';
    }
    case 'name':
      return producer === '' ? name : `${name}, ${producer}`;
  }
}
