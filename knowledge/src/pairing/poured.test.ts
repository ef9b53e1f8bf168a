import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { fitOf } from '@rose/core/pairing/dish-fit';
import { everydayDish } from '../dishes/index';
import { generalStyle } from '../styles/index';
import { dishOf, styleWine, worthOffering } from './index';

/** The most poured wines by what they are ordered as, each with the general style it is met as. Common practice. */
const wines = {
  'Sauvignon Blanc': 'green-aromatic',
  'Chardonnay without oak': 'cool-unoaked',
  'Chardonnay with oak': 'oaked-white',
  'Pinot Grigio': 'light-gris',
  'dry Riesling': 'dry-riesling',
  'pale rosé': 'dry-rose',
  'Pinot Noir': 'fine-light-red',
  Merlot: 'merlot',
  Cabernet: 'cabernet',
  Malbec: 'malbec',
  'bottle-fermented brut': 'brut',
  'off-dry Riesling': 'offdry-riesling',
} as const;
type Wine = keyof typeof wines;
const fit = (dish: string, wine: Wine) => fitOf(dishOf(everydayDish(dish)!.parts), styleWine(generalStyle(wines[wine]))).fit;

/** Of two wines everybody pours, the one that goes better with a dish everybody orders. Common practice. */
const better: readonly (readonly [dish: string, better: Wine, worse: Wine])[] = [
  ['oysters-on-ice', 'bottle-fermented brut', 'Merlot'],
  ['oysters-on-ice', 'Chardonnay without oak', 'Chardonnay with oak'],
  ['oysters-on-ice', 'Sauvignon Blanc', 'Cabernet'],
  ['fish-and-chips', 'bottle-fermented brut', 'Cabernet'],
  ['fish-and-chips', 'Sauvignon Blanc', 'Malbec'],
  ['fish-and-chips', 'Pinot Grigio', 'Merlot'],
  ['steak-frites', 'Cabernet', 'Pinot Grigio'],
  ['steak-frites', 'Malbec', 'Sauvignon Blanc'],
  ['steak-frites', 'Cabernet', 'off-dry Riesling'],
  ['steak-frites', 'Merlot', 'pale rosé'],
  ['burger', 'Malbec', 'Pinot Grigio'],
  ['burger', 'Merlot', 'Sauvignon Blanc'],
  ['lamb-leg', 'Cabernet', 'Pinot Grigio'],
  ['lamb-leg', 'Cabernet', 'off-dry Riesling'],
  ['lamb-chops-grilled', 'Malbec', 'Pinot Grigio'],
  ['boeuf-bourguignon', 'Pinot Noir', 'Sauvignon Blanc'],
  ['boeuf-bourguignon', 'Cabernet', 'Pinot Grigio'],
  ['roast-chicken', 'Chardonnay with oak', 'Cabernet'],
  ['roast-chicken', 'Pinot Noir', 'Cabernet'],
  ['roast-chicken', 'Chardonnay without oak', 'off-dry Riesling'],
  ['duck-breast', 'Pinot Noir', 'Pinot Grigio'],
  ['duck-confit', 'Pinot Noir', 'Pinot Grigio'],
  ['sole-meuniere', 'Chardonnay without oak', 'Cabernet'],
  ['sole-meuniere', 'Pinot Grigio', 'Malbec'],
  ['smoked-salmon', 'bottle-fermented brut', 'Merlot'],
  ['smoked-salmon', 'dry Riesling', 'Cabernet'],
  ['grilled-sardines', 'Sauvignon Blanc', 'Cabernet'],
  ['sushi', 'dry Riesling', 'Malbec'],
  ['sashimi', 'bottle-fermented brut', 'Cabernet'],
  ['tempura', 'bottle-fermented brut', 'Malbec'],
  ['ceviche', 'Sauvignon Blanc', 'Chardonnay with oak'],
  ['ceviche', 'Sauvignon Blanc', 'Merlot'],
  ['gambas-ajillo', 'Sauvignon Blanc', 'Cabernet'],
  ['paella', 'pale rosé', 'Cabernet'],
  ['moules-marinieres', 'Chardonnay without oak', 'Malbec'],
  ['moules-marinieres', 'Pinot Grigio', 'Merlot'],
  ['spaghetti-clams', 'Pinot Grigio', 'Cabernet'],
  ['pasta-pesto', 'Sauvignon Blanc', 'Cabernet'],
  ['pasta-tomato', 'pale rosé', 'Chardonnay with oak'],
  ['pizza-margherita', 'pale rosé', 'Chardonnay with oak'],
  ['carbonara', 'Chardonnay without oak', 'Cabernet'],
  ['lasagne', 'Merlot', 'off-dry Riesling'],
  ['mushroom-risotto', 'Pinot Noir', 'Cabernet'],
  ['goat-cheese-salad', 'Sauvignon Blanc', 'Cabernet'],
  ['greek-salad', 'Sauvignon Blanc', 'Malbec'],
  ['caesar-salad', 'Chardonnay without oak', 'Malbec'],
  ['caprese', 'Pinot Grigio', 'Cabernet'],
  ['green-curry', 'off-dry Riesling', 'Cabernet'],
  ['green-curry', 'off-dry Riesling', 'Chardonnay with oak'],
  ['green-curry', 'dry Riesling', 'Malbec'],
  ['vindaloo', 'off-dry Riesling', 'Cabernet'],
  ['pad-thai', 'off-dry Riesling', 'Malbec'],
  ['mapo-tofu', 'off-dry Riesling', 'Malbec'],
  ['sweet-sour-pork', 'off-dry Riesling', 'Cabernet'],
  ['peking-duck', 'Pinot Noir', 'Pinot Grigio'],
  ['ribs', 'Malbec', 'Pinot Grigio'],
  ['brisket', 'Malbec', 'Pinot Grigio'],
  ['fried-chicken', 'bottle-fermented brut', 'Cabernet'],
  ['croquettes', 'bottle-fermented brut', 'Malbec'],
  ['asparagus-hollandaise', 'Sauvignon Blanc', 'Cabernet'],
  ['quiche', 'Chardonnay without oak', 'Cabernet'],
  ['vitello-tonnato', 'Chardonnay without oak', 'Cabernet'],
  ['beef-carpaccio', 'Pinot Noir', 'Chardonnay with oak'],
  ['venison-berries', 'Cabernet', 'Pinot Grigio'],
  ['goulash', 'Malbec', 'Pinot Grigio'],
  ['cassoulet', 'Malbec', 'Pinot Grigio'],
  ['crisps-bowl', 'bottle-fermented brut', 'Cabernet'],
  ['clam-chowder', 'Chardonnay with oak', 'Cabernet'],
  ['lobster-thermidor', 'Chardonnay with oak', 'Malbec'],
  ['turbot-beurre-blanc', 'Chardonnay with oak', 'Malbec'],
];
describe('the most poured wines with what is most ordered', () => {
  for (const [dish, one, other] of better)
    published('common practice', `${dish}: ${one} before ${other}`, () => expect(fit(dish, one)).toBeGreaterThan(fit(dish, other)));

  /** What everybody has been told to leave alone. */
  const never: readonly (readonly [dish: string, wine: Wine])[] = [
    ['oysters-on-ice', 'Cabernet'],
    ['ceviche', 'Cabernet'],
    ['sashimi', 'Cabernet'],
    ['grilled-sardines', 'Cabernet'],
    ['green-curry', 'Cabernet'],
    ['vindaloo', 'Malbec'],
    ['creme-brulee', 'Cabernet'],
    ['lemon-tart', 'bottle-fermented brut'],
    ['apple-pie', 'Pinot Grigio'],
    ['chocolate-fondant', 'Sauvignon Blanc'],
    ['ice-cream', 'Cabernet'],
    ['pavlova', 'Malbec'],
    ['sticky-toffee', 'dry Riesling'],
    ['ceviche', 'Chardonnay with oak'],
    ['goat-cheese-salad', 'Malbec'],
  ];
  for (const [dish, wine] of never) published('common practice', `${dish} with ${wine} is no fit`, () => expect(fit(dish, wine)).toBeLessThan(worthOffering));

  it('what is poured stands in the tables', () => {
    for (const style of Object.values(wines)) expect(generalStyle(style), style).toBeDefined();
    for (const [dish] of better) expect(everydayDish(dish), dish).toBeDefined();
  });
});
