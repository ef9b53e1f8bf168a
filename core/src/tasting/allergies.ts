import type { FlightAllergen } from '../flight/flight-totals';
import { fold } from '../wine/search-folding';

/** Words by which people name what a wine may hold (EU 1169/2011 annex II). A word within another counts: "Eiallergie", "milk protein". */
const words: Record<FlightAllergen, readonly string[]> = {
  sulphites: ['sulphite', 'sulfite', 'sulphur', 'sulfur', 'so2', 'e220', 'e 220', 'asthma'],
  egg: ['egg', 'albumin', 'ovalbumin', 'vegan'],
  milk: ['milk', 'dairy', 'lactose', 'casein', 'vegan'],
  fish: ['fish', 'isinglass', 'vegan'],
};
/** Words that take one away again: "no egg allergy". */
const not = /\b(no|not|without|never) (?:\w+ )?$/;

/**
 * What a guest's own words about allergies and diet meet in a wine. It errs on the side of telling: what is not understood is shown to the host as it was written,
 * and never taken for "nothing".
 */
export function allergiesMet(written: string, allergens: readonly FlightAllergen[]): readonly FlightAllergen[] {
  const said = fold(written);
  return allergens.filter((allergen) =>
    words[allergen].some((word) => {
      const at = said.indexOf(word);
      return at >= 0 && !not.test(said.slice(0, at));
    }),
  );
}
