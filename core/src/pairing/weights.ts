import { factors } from './fitted';

/** Points by which a rule moves a fit when it holds in full, as we set them by hand: our own reading of common practice. The sign is the rule's own. */
export const handSet = {
  weight: 13,
  'too-heavy': -18,
  'too-light': -16,
  overpowers: -16,
  drowned: -14,
  fragile: -15,
  acid: 12,
  'acid-short': -24,
  'vinegar-soft': -12,
  brine: 9,
  'acid-fat': 7,
  sweet: 17,
  'sweet-short': -36,
  'sweet-alone': -48,
  'rich-sweet': 16,
  'chocolate-dry': -18,
  'chocolate-strong': 8,
  burn: -40,
  'sugar-heat': 17,
  'grip-heat': -18,
  spice: 8,
  'grip-bound': 13,
  'grip-unbound': -24,
  'grip-fish': -26,
  'grip-egg': -16,
  'grip-bitter': -12,
  'grip-sweet': -17,
  'grip-salt': 3,
  'grip-rind': -9,
  'no-grip': -9,
  'char-grip': 5,
  scrub: 9,
  'bubbles-alone': -10,
  'oak-toast': 8,
  'oak-smothers': -20,
  round: 7,
  'blue-sweet': 20,
  'blue-dry': -24,
  'rind-scent': 7,
  awkward: -22,
  'awkward-fresh': 8,
  echo: 9,
  'scent-alone': -9,
} as const satisfies Readonly<Record<string, number>>;
export type FitRuleId = keyof typeof handSet;
/** The same, each times the factor that the fit to everyday dishes gave it. */
export const weights = Object.fromEntries(Object.entries(handSet).map(([id, points]) => [id, points * factors[id as FitRuleId]])) as Readonly<
  Record<FitRuleId, number>
>;
