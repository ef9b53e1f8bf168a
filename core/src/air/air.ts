import { counted } from '../wine/plural';
import type { Loads } from '../wine/profile';
import { totalPush, type Told } from '../wine/reason';
import { reasonsOf, rule } from '../wine/rule';

export const airChoices = { none: 'pour as it is', open: 'open early', gentle: 'decant gently', double: 'decant, rinse the bottle and pour back' } as const;
export type AirChoice = keyof typeof airChoices;

export interface AirFacts {
  readonly loads: Loads;
  /** Oak was stated or tasted; of a guess from the kind nothing is said. */
  readonly oakKnown: boolean;
  /** Completed years; undefined for a wine without a year, or of an unknown one. */
  readonly age: number | undefined;
  readonly colour: 'white' | 'rose' | 'amber' | 'red';
  readonly sparkling: boolean;
  readonly filtered: boolean | undefined;
  /** Aged for years under a veil of yeast, without spirit. */
  readonly underVeil: boolean;
  readonly closure: string | undefined;
  /** A smell of reduction was found in a note. */
  readonly reduced: boolean;
}
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
  /** What speaks for the choice, points above zero, the strongest first; never empty. */
  readonly reasons: readonly Told<AirReasonId>[];
  /** What speaks against it, points below zero, the strongest first. */
  readonly against: readonly Told<AirReasonId>[];
}

/** Years at which a wine is old in the matter of air, and at which a red has a deposit. */
const [oldFrom, depositFrom] = [12, 8];
const shared = { unit: 'points', source: 'common practice' } as const;
/** Points for air (above zero) and against it. */
export const airRules = [
  rule({
    ...shared,
    id: 'most-none',
    title: 'most wines',
    when: () => ({}),
    push: () => -0.5,
    says: () => 'most wines are at their best poured as they are',
  }),
  rule({
    ...shared,
    id: 'grip',
    title: 'grip',
    when: ({ loads }: AirFacts) => (loads.tannin >= 45 ? { tannin: Math.round(loads.tannin) } : undefined),
    push: ({ tannin }) => (tannin - 40) / 20,
    says: ({ tannin }) => `tannin of ${tannin}: air and time make it feel rounder to most people`,
  }),
  rule({
    ...shared,
    id: 'young-oak',
    title: 'young oak',
    when: ({ loads, oakKnown, age }: AirFacts) => (oakKnown && age !== undefined && age <= 6 && loads.oak >= 40 ? { oak: Math.round(loads.oak) } : undefined),
    push: ({ oak }) => (oak - 30) / 40,
    says: () => 'young and oaked: the wood steps back with air',
  }),
  rule({
    ...shared,
    id: 'closed-young',
    title: 'a young full red',
    when: ({ loads, age, colour }: AirFacts) =>
      colour === 'red' && age !== undefined && age <= 5 && loads.body >= 60 && loads.tannin >= 45 ? { age } : undefined,
    push: () => 0.6,
    says: ({ age }) =>
      age === 0 ? 'a full red of the last harvest may be shut when it is opened' : `a full red of ${counted(age, 'year')} may be shut when it is opened`,
  }),
  rule({
    ...shared,
    id: 'reduction',
    title: 'reduction',
    when: ({ reduced }: AirFacts) => (reduced ? {} : undefined),
    push: () => 1.6,
    says: () => 'a struck match or rubber was found: it often blows off',
  }),
  rule({
    ...shared,
    id: 'screw-cap',
    title: 'a screw cap',
    when: ({ reduced, closure, age }: AirFacts) => (!reduced && closure === 'screw' && age !== undefined && age <= 3 ? {} : undefined),
    push: () => 0.3,
    says: () => 'young under a screw cap: it may smell shut for a moment',
  }),
  rule({
    ...shared,
    id: 'on-skins',
    title: 'a white made on its skins',
    when: ({ colour, sparkling, loads }: AirFacts) =>
      colour === 'amber' && !sparkling && loads.tannin >= 30 ? { tannin: Math.round(loads.tannin) } : undefined,
    push: ({ tannin }) => Math.min(1, (tannin - 20) / 30),
    says: ({ tannin }) => `made on its skins, with a tannin of ${tannin}: it opens with air`,
  }),
  rule({
    ...shared,
    id: 'under-veil',
    title: 'a veil of yeast',
    when: ({ underVeil }: AirFacts) => (underVeil ? {} : undefined),
    push: () => 0.8,
    says: () => 'aged under a veil, it has nothing to fear from air and shows more with it',
  }),
  rule({
    ...shared,
    id: 'old',
    title: 'age',
    when: ({ age }: AirFacts) => (age !== undefined && age >= oldFrom ? { age } : undefined),
    push: ({ age }) => -Math.min(3, (age - 8) / 5),
    says: ({ age }) => `${counted(age, 'year')} old: its smell can go within the hour`,
  }),
  rule({
    ...shared,
    id: 'fragile',
    title: 'fragility',
    when: ({ loads }: AirFacts) => (loads.fragility >= 50 ? { fragility: loads.fragility } : undefined),
    push: ({ fragility }) => -(fragility - 40) / 20,
    says: () => 'a fragile old wine: air can hurt it',
  }),
  rule({
    ...shared,
    id: 'sparkling',
    title: 'bubbles',
    when: ({ sparkling }: AirFacts) => (sparkling ? {} : undefined),
    push: () => -4,
    says: () => 'air takes the bubbles out',
  }),
  rule({
    ...shared,
    id: 'prickling',
    title: 'a light sparkle',
    when: ({ sparkling, loads }: AirFacts) => (!sparkling && loads.bubbles >= 12 ? {} : undefined),
    push: () => -2,
    says: () => 'a light sparkle goes with air',
  }),
  rule({
    ...shared,
    id: 'delicate',
    title: 'a light, quiet wine',
    when: ({ sparkling, loads }: AirFacts) => (!sparkling && loads.tannin < 25 && loads.intensity < 45 && loads.oak < 30 ? {} : undefined),
    push: () => -1,
    says: () => 'light and quiet: there is nothing for air to loosen',
  }),
];
/** A deposit asks to be left behind, whatever air does: it is weighed apart. */
const depositRule = rule({
  ...shared,
  id: 'deposit',
  title: 'a deposit',
  when: ({ sparkling, colour, age, loads, filtered }: AirFacts) =>
    !sparkling &&
    ((colour === 'red' && age !== undefined && age >= depositFrom && loads.tannin >= 35) || (filtered === false && colour !== 'rose' && (age ?? 0) >= 2))
      ? {}
      : undefined,
  push: () => 4,
  says: () => 'a deposit to leave behind: pour gently off it',
});
export type AirReasonId = (typeof airRules)[number]['id'] | (typeof depositRule)['id'];

/** Points from which a wine is opened early, decanted, and decanted twice. */
const [opensFrom, gentleFrom, doubleFrom] = [0, 0.7, 1.7];

/**
 * Whether a wine wants air: points for (grip, youth with oak, reduction) and against (most wines need none; age, fragility, bubbles, delicacy) add up to a
 * wish for air; a deposit asks for decanting in any case. Every choice has what speaks for it; what speaks against it stands beside it. Common practice: old
 * reds at most half an hour to an hour before, young tannic reds one to three hours.
 */
export function airFor(wine: AirFacts): AirAdvice {
  const { loads, age } = wine;
  const found: readonly Told<AirReasonId>[] = reasonsOf(airRules, wine);
  const off: readonly Told<AirReasonId>[] = reasonsOf([depositRule], wine);
  const wish = totalPush(found);
  const deposit = off.length > 0;
  const old = (age ?? 0) >= oldFrom || loads.fragility >= 50;
  const [choice, minutes]: [AirChoice, number] = wine.sparkling
    ? ['none', 0]
    : deposit && old
      ? ['gentle', 20]
      : wish >= doubleFrom && !old
        ? ['double', 120]
        : wish >= gentleFrom && !old
          ? ['gentle', 60]
          : deposit
            ? ['gentle', 30]
            : wish >= opensFrom
              ? ['open', 45]
              : ['none', 0];
  const edge = Math.min(...[opensFrom, gentleFrom, doubleFrom].map((limit) => Math.abs(wish - limit)));
  const doubt = wine.sparkling ? 'little doubt' : edge < 0.25 ? 'much doubt' : edge < 0.6 ? 'some doubt' : 'little doubt';
  const risk = choice === 'none' || choice === 'open' ? 'none' : old ? 'real' : loads.fragility >= 30 ? 'small' : 'none';
  const sparkles = wine.sparkling || loads.bubbles >= 12;
  const opposing =
    choice === 'none'
      ? {
          choice: 'open' as const,
          minutes: 30,
          says: sparkles ? 'Some pour a great sparkling wine from a carafe: it loses gas.' : 'Others open every bottle half an hour before.',
        }
      : { choice: 'none' as const, minutes: 0, says: 'Others pour it at once: most wines need no air, and some are hurt by it. The glass gives it some.' };
  // Told in the direction of the choice: what speaks for it is above zero.
  const towards = choice === 'none' ? -1 : 1;
  const told = [...found, ...off].map((reason) => ({ ...reason, push: towards * reason.push })).sort((a, b) => b.push - a.push);
  return {
    choice,
    minutes,
    doubt,
    risk,
    opposing,
    test: !wine.sparkling && doubt !== 'little doubt',
    reasons: told.filter((reason) => reason.push > 0),
    // That most wines need none is no reason against one that does.
    against: told.filter((reason) => reason.push < 0 && reason.id !== 'most-none').reverse(),
  };
}
