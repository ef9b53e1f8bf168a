import type { DishMark, Echo } from '@rose/core/pairing/dish';
import { clamp } from '@rose/core/wine/units';
import type { Ingredient } from '../pairing/part';
import { cheeseFacts, milks, pastes, rinds, type CheeseFacts, type Paste } from './data';

export { cheeseFacts, milks, pastes, rinds, type CheeseFacts };

/** What a paste brings by itself, 0–100; savour before any age; minutes out of the fridge before it is eaten. Our own reading. */
const ofPaste: Readonly<Record<Paste, { acid: number; savour: number; protein: number; minutes: number }>> = {
  fresh: { acid: 30, savour: 22, protein: 38, minutes: 20 },
  brined: { acid: 28, savour: 34, protein: 44, minutes: 20 },
  stretched: { acid: 12, savour: 24, protein: 46, minutes: 30 },
  soft: { acid: 12, savour: 42, protein: 46, minutes: 60 },
  supple: { acid: 10, savour: 44, protein: 54, minutes: 60 },
  firm: { acid: 10, savour: 46, protein: 58, minutes: 75 },
  hard: { acid: 9, savour: 58, protein: 66, minutes: 90 },
  blue: { acid: 12, savour: 58, protein: 48, minutes: 60 },
};
/** How salty it tastes, 0–100, of grams of salt in 100 g. */
const saltTasted = (grams: number): number => 100 * (1 - Math.exp(-grams / 2.2));

function echoesOf({ milk, rind, paste, months, smoked }: CheeseFacts): readonly Echo[] {
  const all: Echo[] = [];
  if (smoked === true) all.push('smoke');
  if (paste === 'fresh' && milk === 'goat') all.push('citrus', 'green-herb');
  else if (milk === 'goat') all.push('nut', 'citrus');
  else if (paste === 'blue') all.push('nut', 'honey', 'dried-fruit');
  else if (rind === 'bloomy') all.push('bread', 'butter', 'orchard', 'earth');
  else if (rind === 'washed') all.push('earth', 'nut');
  else if (milk === 'ewe' && paste !== 'brined') all.push('nut', 'dried-herb');
  else if (paste === 'hard' && months[1] >= 12) all.push('nut', 'dried-fruit', 'sweet-spice');
  else if (paste === 'firm' || paste === 'hard' || paste === 'supple') all.push('nut', 'butter');
  else if (paste === 'fresh') all.push('butter');
  return all;
}

/** A cheese as a part of a dish: its taste follows from milk, rind, paste, age, salt and fat. */
export function cheeseAsPart(facts: CheeseFacts): Ingredient {
  const { id, name, milk, rind, paste, months } = facts;
  const own = ofPaste[paste];
  const age = (months[0] + months[1]) / 2;
  const washed = rind === 'washed' ? 14 : 0;
  const savour = clamp(own.savour + washed + 7 * Math.log2(1 + age / 6) + (milk === 'ewe' && paste !== 'brined' ? 3 : 0), 0, 100);
  const fat = clamp(2.25 * facts.fat, 0, 100);
  const marks: DishMark[] = ['cheese'];
  if (paste === 'blue') marks.push('blueMould');
  if (rind === 'washed') marks.push('washedRind');
  if (rind === 'bloomy') marks.push('softRind');
  if (rind === 'bloomy' || (paste === 'fresh' && facts.fat > 25)) marks.push('cream');
  if (paste === 'stretched' && facts.smoked !== true) marks.push('delicate');
  const tasted = {
    weight: 18 + 0.3 * fat + 0.35 * savour,
    fat,
    acid: own.acid + (milk === 'goat' ? 8 : 0),
    salt: saltTasted(facts.salt),
    sweetness: facts.caramelised === true ? 46 : paste === 'hard' ? 8 : 5,
    heat: 0,
    savour,
    smoke: facts.smoked === true ? 40 : 0,
    bitterness: paste === 'blue' ? 16 : washed > 0 ? 8 : rind === 'bloomy' || (paste === 'hard' && age >= 12) ? 6 : milk === 'goat' || milk === 'ewe' ? 3 : 0,
    protein: own.protein,
    pungency: paste === 'blue' ? 6 : 0,
  };
  const taste = Object.fromEntries(Object.entries(tasted).map(([axis, value]) => [axis, Math.round(value)]));
  return {
    id,
    name,
    kind: 'base',
    taste,
    reach: 1,
    portion: paste === 'fresh' || paste === 'stretched' ? 80 : paste === 'blue' ? 50 : 60,
    marks,
    echoes: echoesOf(facts),
    allergens: ['milk'],
  };
}
/** Minutes a cheese stands out of the fridge before it is eaten, at some 20 °C. Common practice. */
export const minutesOut = ({ paste }: CheeseFacts): number => ofPaste[paste].minutes;
/** What it is in a line: "cow’s milk, washed rind, soft, 1–3 months". */
export const cheeseInWords = ({ milk, rind, paste, months: [from, to] }: CheeseFacts): string =>
  [
    milk === 'mixed' ? 'mixed milk' : `${milks[milk]}’s milk`,
    rind === 'none' ? rinds.none : `${rinds[rind]} rind`,
    pastes[paste],
    to <= 1 ? 'young' : `${from}–${to} months`,
  ].join(', ');
