import type { ObservableId } from '@rose/core/wine/observables';

/** What a litre or a glass of something from the kitchen gives, at each notch of a scale. */
export interface Notch {
  readonly says: string;
  /** The amount in the scale's own unit, where one was worked out. */
  readonly amount?: number;
}
export interface Reference {
  readonly unit?: string;
  /** Where the amounts come from. */
  readonly source: string;
  readonly notches: readonly [Notch, Notch, Notch, Notch, Notch];
}

/** Citric acid of lemon juice as tartaric, g/L: 48 g/L of citric acid (food tables, from memory) times 75.04/64.04, the ratio of the equivalent weights. */
export const lemonAsTartaric = 56;
/** Strength of plain vodka, % vol. */
export const vodka = 40;

/**
 * A reference for each notch that can be made in a kitchen. The amounts of sugar, acid and alcohol are read back from the anchors by which facts become
 * readings; the others are common practice, to be compared rather than measured.
 */
export const references: Readonly<Partial<Record<ObservableId, Reference>>> = {
  sweetness: {
    unit: 'g/L',
    source: 'anchors of sugar; EU 2019/33 annex III part B for 4, 12 and 45 g/L',
    notches: [
      { says: 'plain water', amount: 0 },
      { says: '10 g of sugar (two and a half level teaspoons) in a litre', amount: 10 },
      { says: '32 g of sugar in a litre: a weak squash', amount: 32 },
      { says: '85 g of sugar in a litre: a sweet fruit juice; a cola has more, about 106', amount: 85 },
      { says: '400 g of sugar in a litre: syrup', amount: 400 },
    ],
  },
  acidity: {
    unit: 'mL of lemon juice in 100 mL of water',
    source: 'anchors of acidity; lemon juice at 48 g/L of citric acid (food tables, from memory)',
    notches: [
      { says: '5 mL (a teaspoon) of lemon juice in 100 mL of water', amount: 5 },
      { says: '8 mL in 100 mL', amount: 8 },
      { says: '11 mL in 100 mL', amount: 11 },
      { says: '15 mL (a tablespoon) in 100 mL', amount: 15 },
      { says: '27 mL in 100 mL: it makes you blink', amount: 27 },
    ],
  },
  alcohol: {
    unit: 'mL of 40 % vodka in 100 mL',
    source: 'anchors of alcohol; volumes simply added',
    notches: [
      { says: 'water', amount: 0 },
      { says: '23 mL of vodka made up to 100 mL with water (about 9 %)', amount: 23 },
      { says: '31 mL made up to 100 mL (about 12.5 %)', amount: 31 },
      { says: '37 mL made up to 100 mL (about 15 %)', amount: 37 },
      { says: '60 mL made up to 100 mL (24 %)', amount: 60 },
    ],
  },
  tannin: {
    source: 'common practice',
    notches: [
      { says: 'water' },
      { says: 'one bag of black tea, one minute in 200 mL, cooled' },
      { says: 'the same, three minutes' },
      { says: 'the same, six minutes' },
      { says: 'two bags, ten minutes' },
    ],
  },
  body: {
    source: 'common practice',
    notches: [{ says: 'water' }, { says: 'skimmed milk' }, { says: 'whole milk' }, { says: 'half whole milk, half single cream' }, { says: 'single cream' }],
  },
  bubbles: {
    source: 'common practice',
    notches: [
      { says: 'still water' },
      { says: 'sparkling water left open for four hours' },
      { says: 'sparkling water left open for one hour' },
      { says: 'sparkling water, ten minutes after opening' },
      { says: 'sparkling water, just opened and cold' },
    ],
  },
  intensity: {
    source: 'common practice',
    notches: [
      { says: '5 mL of apple juice in 100 mL of water' },
      { says: '15 mL in 100 mL' },
      { says: '35 mL in 100 mL' },
      { says: '70 mL in 100 mL' },
      { says: 'the juice as it is, warmed' },
    ],
  },
  bitterness: {
    source: 'common practice',
    notches: [
      { says: 'water' },
      { says: '20 mL of tonic water in 100 mL' },
      { says: 'tonic water, flat' },
      { says: 'black coffee, cooled' },
      { says: 'strong black coffee, cooled' },
    ],
  },
  savoury: {
    source: 'common practice',
    notches: [
      { says: 'water' },
      { says: 'a pinch of stock powder in a litre' },
      { says: 'a quarter of a stock cube in a litre' },
      { says: 'half a stock cube in a litre' },
      { says: 'a stock cube in a litre' },
    ],
  },
  saline: {
    unit: 'g/L',
    source: 'common practice; sea water for comparison holds about 35 g/L',
    notches: [
      { says: 'water', amount: 0 },
      { says: '0.5 g of salt in a litre', amount: 0.5 },
      { says: '1 g of salt in a litre', amount: 1 },
      { says: '2 g of salt in a litre', amount: 2 },
      { says: '4 g of salt in a litre', amount: 4 },
    ],
  },
};

/** A small exercise that makes one sensation plain. */
export interface SensationTest {
  readonly id: string;
  /** What it makes plain. */
  readonly of: readonly ObservableId[];
  readonly name: string;
  readonly make: string;
  readonly try: string;
  readonly feel: string;
  readonly caution?: string;
}
const smallSips = 'Alcohol: small sips, spit, and leave it out if you drive, are pregnant or take medicines that forbid it.';
export const sensationTests: readonly SensationTest[] = [
  {
    id: 'acid-head',
    of: ['acidity'],
    name: 'Acid: head forward',
    make: '11 mL of lemon juice in 100 mL of water.',
    try: 'Sip, spit, tip your head forward, mouth open.',
    feel: 'Count how fast the mouth waters: that is acid.',
  },
  {
    id: 'tannin-cheek',
    of: ['tannin'],
    name: 'Tannin: the dry cheek',
    make: 'One bag of black tea, five minutes in 200 mL of hot water, cooled.',
    try: 'Sip, move it, spit; rub your tongue on your cheeks and gums.',
    feel: 'Rough and dry where it was wet: that is tannin. It is a touch, not a taste.',
  },
  {
    id: 'three-ways',
    of: ['acidity', 'tannin', 'bitterness'],
    name: 'Sour, bitter or drying?',
    make: 'Three glasses: 11 mL of lemon juice in 100 mL of water; black coffee, cooled; black tea of five minutes, cooled.',
    try: 'Sip each, with water and a minute between.',
    feel: 'Does the mouth water? Sour. Does it come late and stay, after the swallow? Bitter. Are the cheeks rough? Drying.',
  },
  {
    id: 'sugar-acid',
    of: ['acidity', 'sweetness'],
    name: 'Sugar hides acid',
    make: '11 mL of lemon juice in 100 mL of water, twice; 4 g of sugar in one of them.',
    try: 'Sip one, then the other, then tip your head forward after each.',
    feel: 'The sweet one seems softer, and waters the mouth as much.',
  },
  {
    id: 'sugar-or-fruit',
    of: ['sweetness'],
    name: 'Sweet, or only fruity?',
    make: '100 mL of water with a drop of vanilla; 100 mL with 1 g of sugar.',
    try: 'Smell both, then sip with your nose held closed.',
    feel: 'With the nose closed only sugar is sweet; the smell has gone.',
  },
  {
    id: 'alcohol-heat',
    of: ['alcohol'],
    name: 'Alcohol: warmth going down',
    make: '31 mL of 40 % vodka made up to 100 mL with water, and 37 mL made up to 100 mL.',
    try: 'Sip each and breathe out through the nose.',
    feel: 'The stronger one warms the throat longer.',
    caution: smallSips,
  },
  {
    id: 'body-milk',
    of: ['body'],
    name: 'Body: three milks',
    make: 'Skimmed milk, whole milk, single cream, 30 mL each, at one temperature.',
    try: 'Hold each on the tongue for three seconds.',
    feel: 'The weight you feel is body; none of them is sweeter for it.',
    caution: 'Milk is an allergen.',
  },
  {
    id: 'bubbles-age',
    of: ['bubbles'],
    name: 'Bubbles by their sting',
    make: '100 mL of sparkling water just opened, and 100 mL left open for an hour, both cold.',
    try: 'Hold each on the tongue.',
    feel: 'Gas stings and cools; it also makes acid louder.',
  },
  {
    id: 'bitter-back',
    of: ['bitterness'],
    name: 'Bitterness: late, and it stays',
    make: '50 mL of flat tonic water with 50 mL of water.',
    try: 'Swallow, wait, and count.',
    feel: 'It comes late and stays. Sweetness in front of it is the tonic’s sugar.',
  },
  {
    id: 'salt-lift',
    of: ['saline'],
    name: 'Salt in a glass',
    make: '1 g of salt in a litre of water.',
    try: 'Sip it beside plain water.',
    feel: 'Rounder and a little sweeter than water, with the sea in the finish.',
  },
  {
    id: 'savour',
    of: ['savoury'],
    name: 'Savour',
    make: 'A quarter of a stock cube in a litre of hot water, cooled.',
    try: 'Sip, swallow, and notice what stays.',
    feel: 'Full, mouth-coating, hard to call by any other name.',
    caution: 'Stock cubes may hold celery, gluten, milk or soy: read the label.',
  },
  {
    id: 'cold-warm',
    of: ['noseSwirled'],
    name: 'What cold does',
    make: 'One white wine in two glasses, one at 6 °C, one at 16 °C.',
    try: 'Smell, then sip each.',
    feel: 'Cold shuts the nose and sharpens acid and tannin; warmth opens the nose and the alcohol.',
    caution: smallSips,
  },
  {
    id: 'salt-tannin',
    of: ['tannin'],
    name: 'Salt softens tannin',
    make: 'Black tea of five minutes, cooled; a few grains of salt.',
    try: 'Sip, then put the salt on your tongue and sip again.',
    feel: 'Less bitter, a little rounder: so it goes at table.',
  },
  {
    id: 'retronasal',
    of: ['intensity'],
    name: 'Smelling from inside',
    make: 'A jelly sweet or a strip of dried fruit.',
    try: 'Chew with your nose held closed for five seconds, then let go.',
    feel: 'Sweet and sour are there at once; the flavour arrives when you let go.',
  },
];
