import type { StandardDrink } from '@rose/core/alcohol/alcohol';

const kalinowski = 'Kalinowski & Humphreys 2016, Addiction 111:1293';
const drink = (country: string, grams: number, name = 'standard drinks', source = kalinowski): StandardDrink => ({ country, name, grams, source });

/** What a country's health authority calls one drink, in grams of pure alcohol. Countries whose figure we are unsure of are left out. */
export const standardDrinks: readonly StandardDrink[] = [
  // A unit is 10 mL of pure alcohol: at 0.789 g/mL not quite the eight grams it is often rounded to.
  drink('GB', 7.89, 'UK units', 'UK Chief Medical Officers’ guidelines 2016'),
  drink('IE', 10),
  drink('AU', 10),
  drink('NZ', 10),
  drink('FR', 10),
  drink('ES', 10),
  drink('NL', 10),
  drink('IT', 12),
  drink('DK', 12),
  drink('FI', 12),
  drink('SE', 12),
  drink('NO', 12),
  drink('CA', 13.45),
  drink('US', 14),
  drink('ZA', 12, 'standard drinks', 'common practice; from memory: check'),
  drink('AT', 20),
  drink('JP', 20),
];
/** The measure of the World Health Organization's questionnaire, for a country with none of its own here. */
export const whoDrink: StandardDrink = drink('WHO', 10, 'drinks of 10 g', 'WHO, AUDIT');
export const drinkOf = (country: string): StandardDrink => standardDrinks.find((entry) => entry.country === country.toUpperCase()) ?? whoDrink;
