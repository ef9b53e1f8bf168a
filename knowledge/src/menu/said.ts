import type { Fit, FitReasonId } from '@rose/core/pairing/dish-fit';

/** Why a wine comes with a course, as a server says it: no numbers. Rules that speak against a pair are not said at a table. */
const plainly: Readonly<Partial<Record<FitReasonId, string>>> = {
  weight: 'the two are of one weight',
  acid: 'it stays as fresh as the dish is sharp',
  brine: 'its sharpness meets the salt of the sea',
  'acid-fat': 'its sharpness cuts through the fat',
  sweet: 'it is as sweet as the dish',
  'rich-sweet': 'rich meets rich',
  'chocolate-strong': 'it is sweet and strong enough for what is dark and bitter',
  'sugar-heat': 'a little sweetness calms the chilli',
  spice: 'its scent answers the spice',
  'grip-bound': 'the meat and its fat soften the tannin',
  'grip-salt': 'salt makes it rounder',
  'char-grip': 'its grip likes the char',
  scrub: 'the bubbles clean the mouth after each bite',
  'oak-toast': 'its oak likes what is roasted and creamy',
  round: 'its body sits well with the cream',
  'blue-sweet': 'sweetness and blue mould set each other off',
  'rind-scent': 'it has the scent to stand up to the rind',
  'awkward-fresh': 'it is fresh enough for a dish that spoils most wines',
};
/** The reason for a pair as a server says it. */
export function saidAtTable({ reasons }: Fit): string {
  const told = reasons.filter(({ id, push }) => id !== 'start' && push >= 2).sort((a, b) => b.push - a.push);
  const echo = told.find(({ id }) => id === 'echo');
  const plain = told.flatMap(({ id }) => plainly[id] ?? [])[0];
  if (echo !== undefined && (plain === undefined || echo === told[0])) return echo.text.replace(/^B/, 'b');
  return plain ?? 'we like the two together';
}
