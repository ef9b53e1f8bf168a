import { counted } from '../wine/plural';
import type { Loads } from '../wine/profile';
import type { Reason, Wording } from '../wine/reason';

export const airChoices = { none: 'pour as it is', open: 'open early', gentle: 'decant gently', double: 'decant, rinse the bottle and pour back' } as const;
export type AirChoice = keyof typeof airChoices;

export interface AirFacts {
  readonly loads: Loads;
  /** Completed years; undefined for a wine without a year. */
  readonly age: number | undefined;
  readonly colour: 'white' | 'rose' | 'amber' | 'red';
  readonly sparkling: boolean;
  readonly filtered: boolean | undefined;
  readonly closure: string | undefined;
  /** A smell of reduction was found in a note. */
  readonly reduced: boolean;
}
export type AirReasonId = 'grip' | 'young-oak' | 'closed-young' | 'reduction' | 'screw-cap' | 'old' | 'fragile' | 'deposit' | 'sparkling' | 'delicate';
export interface AirAdvice {
  readonly choice: AirChoice;
  /** Minutes before its pour. */
  readonly minutes: number;
  /** How sure, in words. */
  readonly doubt: 'little doubt' | 'some doubt' | 'much doubt';
  readonly risk: 'none' | 'small' | 'real';
  /** What the other school would do. */
  readonly opposing: { readonly choice: AirChoice; readonly minutes: number; readonly says: string };
  /** Pour two glasses, one an hour early, and compare. */
  readonly test: boolean;
  readonly reasons: readonly Reason<AirReasonId>[];
}

/**
 * Whether a wine wants air: points for (grip, youth with oak, reduction) and against (age, fragility, bubbles, delicacy) add up to a wish for
 * air; a deposit asks for decanting in any case. Most wines need none. Common practice: old reds at most half an hour to an hour before, young tannic reds one to three hours.
 */
export function airFor(wine: AirFacts): AirAdvice {
  const reasons: Reason<AirReasonId>[] = [];
  const add = (id: AirReasonId, push: number, args: Record<string, string | number> = {}) =>
    reasons.push({ id, push, unit: 'points', args, source: 'common practice' });
  const { loads, age } = wine;
  if (loads.tannin >= 50) add('grip', (loads.tannin - 40) / 20, { tannin: Math.round(loads.tannin) });
  if (loads.oak >= 40 && (age ?? 4) <= 6) add('young-oak', (loads.oak - 30) / 40);
  if (wine.colour === 'red' && age !== undefined && age <= 5 && loads.body >= 60 && loads.tannin >= 45) add('closed-young', 0.6, { age });
  if (wine.reduced) add('reduction', 1.6);
  else if (wine.closure === 'screw' && (age ?? 9) <= 3) add('screw-cap', 0.3);
  if (age !== undefined && age >= 12) add('old', -Math.min(3, (age - 8) / 5), { age });
  if (loads.fragility >= 50) add('fragile', -(loads.fragility - 40) / 20);
  if (wine.sparkling) add('sparkling', -4);
  if (!wine.sparkling && loads.tannin < 25 && loads.intensity < 45 && loads.oak < 30) add('delicate', -1);
  const deposit =
    !wine.sparkling &&
    ((wine.colour === 'red' && age !== undefined && age >= 8 && loads.tannin >= 35) || (wine.filtered === false && wine.colour !== 'rose' && (age ?? 0) >= 2));
  if (deposit) add('deposit', 0);
  const wish = reasons.reduce((sum, reason) => sum + reason.push, 0);
  const old = (age ?? 0) >= 12 || loads.fragility >= 50;
  const [choice, minutes]: [AirChoice, number] = wine.sparkling
    ? ['none', 0]
    : deposit && old
      ? ['gentle', 20]
      : wish >= 2.2 && !old
        ? ['double', 120]
        : wish >= 1.2 && !old
          ? ['gentle', 60]
          : deposit
            ? ['gentle', 30]
            : wish >= 0.5
              ? ['open', 45]
              : ['none', 0];
  const edge = Math.min(Math.abs(wish - 0.5), Math.abs(wish - 1.2), Math.abs(wish - 2.2));
  const doubt = wine.sparkling ? 'little doubt' : edge < 0.25 ? 'much doubt' : edge < 0.6 ? 'some doubt' : 'little doubt';
  const risk = choice === 'none' || choice === 'open' ? 'none' : old ? 'real' : loads.fragility >= 30 ? 'small' : 'none';
  const opposing =
    choice === 'none'
      ? {
          choice: 'open' as const,
          minutes: 30,
          says: wine.sparkling ? 'Some pour a great sparkling wine from a carafe: it loses gas.' : 'Others open every bottle half an hour before.',
        }
      : { choice: 'none' as const, minutes: 0, says: 'Others pour it at once: most reds need no air, and some are hurt by it. The glass gives it some.' };
  return { choice, minutes, doubt, risk, opposing, test: !wine.sparkling && doubt !== 'little doubt', reasons };
}

export const airWording: Wording<AirReasonId> = {
  grip: ({ tannin }) => `tannin of ${tannin}: air and time make it feel rounder to most people`,
  'young-oak': () => 'young and oaked: the wood steps back with air',
  'closed-young': ({ age }) => `a full red of ${counted(Number(age), 'year')} may be shut when it is opened`,
  reduction: () => 'a struck match or rubber was found: it often blows off',
  'screw-cap': () => 'young under a screw cap: it may smell shut for a moment',
  old: ({ age }) => `${counted(Number(age), 'year')} old: its smell can go within the hour`,
  fragile: () => 'a fragile old wine: air can hurt it',
  deposit: () => 'a deposit to leave behind: pour gently off it',
  sparkling: () => 'air takes the bubbles out',
  delicate: () => 'light and quiet: there is nothing for air to loosen',
};
