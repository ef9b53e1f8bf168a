import { counted } from '../wine/plural';
import { profileKeys, profileLabels, type ProfileKey } from '../wine/profile';
import { totalPush, type Told } from '../wine/reason';
import { reasonsOf, rule } from '../wine/rule';
import { palateLoad, restKinds, type OrderWine, type RestKind } from './order-wine';
import { rungs, type Rung, type School } from './ordering-rules';

/** A fall below this, of 100, is none that anybody feels. */
export const leastFall = 8;

/** Two wines of a flight, one after the other, in the eyes of a school. */
interface Meeting {
  readonly from: OrderWine;
  readonly to: OrderWine;
  readonly school: School;
}
const shared = { unit: 'strain', source: 'common practice' } as const;

/** The exponent that makes a large drop cost more than its share. */
const steepness = 1.6;
const drop = (from: number, to: number) => Math.pow(Math.max(0, from - to) / 100, steepness);
/** How easily a wine is masked, 0.25–1.6: a loud or sweet wine holds its own, one of great age gives way. */
const delicacy = ({ loads }: OrderWine) =>
  Math.min(1.3, Math.max(0.25, 1.7 - Math.max(loads.intensity, loads.sweetness) / 65)) + Math.max(0, loads.fragility - 50) / 100;
/** How much of the grip, acid or strength before it a sweet wine lets one feel: sugar covers them. */
const uncovered = (key: ProfileKey, to: OrderWine) =>
  key === 'tannin' || key === 'alcohol' || key === 'acidity'
    ? 1 - 0.85 * Math.min(1, Math.max(0, to.loads.sweetness - 25) / 50)
    : // Grip covers the wood of the wine before.
      key === 'oak'
      ? 1 - 0.9 * Math.min(1, to.loads.tannin / 50)
      : 1;
/** Whether the labels prove that one is the stronger. */
const stronger = (from: OrderWine, to: OrderWine) => from.alcoholSpan[0] > to.alcoholSpan[1];

const masks: Readonly<Record<ProfileKey, string>> = {
  sweetness: 'sugar leads, and {to} will seem sour and thin after {from}',
  tannin: 'grip leads, and {to} will seem thin after {from}',
  oak: 'oak leads: its spice stays on the palate over {to}',
  intensity: '{from} is louder; {to} will seem mute',
  body: '{from} is fuller; {to} will seem watery',
  alcohol: '{from} is stronger; {to} will seem weak',
  acidity: 'after the sharper {from} the acidity of {to} will taste softer: water between',
  bubbles: '{from} has more bubbles; {to} will seem still',
  length: '{from} lasts into {to}',
  fragility: '{from} is more fragile than {to}',
};

const fill = (text: string, from: string, to: string) => text.replace('{from}', from).replace('{to}', to);
const masking = <Key extends ProfileKey>(key: Key) =>
  rule({
    ...shared,
    id: `masks-${key}`,
    title: profileLabels[key],
    when: ({ from, to, school }: Meeting) => {
      const fall = from.loads[key] - to.loads[key];
      if (school.masking[key] === 0 || fall <= leastFall || (key === 'alcohol' && !stronger(from, to))) return undefined;
      return {
        from: from.name,
        to: to.name,
        fall: Math.round(fall),
        strain: school.masking[key] * delicacy(to) * uncovered(key, to) * drop(from.loads[key] - leastFall, to.loads[key]),
      };
    },
    push: ({ strain }) => strain,
    says: ({ from, to, fall }) => `${fill(masks[key], from, to)} (${profileLabels[key]} falls by ${fall})`,
  });
/** What tasting one wine right after another costs: what the stronger one masks. */
export const neighbourRules = [
  ...profileKeys.map(masking),
  rule({
    ...shared,
    id: 'alcohol-not-proven',
    title: 'strength by the labels',
    source: 'EU 2019/33 art. 44; 27 CFR 4.36',
    when: ({ from, to, school }: Meeting) =>
      school.masking.alcohol > 0 && from.loads.alcohol > to.loads.alcohol && !stronger(from, to)
        ? { from: from.name, to: to.name, by: from.loads.alcohol - to.loads.alcohol }
        : undefined,
    push: ({ by }) => 0.001 * by,
    says: ({ from, to }) => `the labels do not prove that ${from} is stronger than ${to}: it only breaks a tie`,
  }),
];

const rungIndex = (wine: OrderWine, school: School) =>
  rungs.indexOf(school.sweetWelcome && wine.rung === 'sweet' && wine.loads.alcohol < 30 ? 'white' : wine.rung);
const rungWord = (rung: Rung) => (rung === 'rose' ? 'rosé' : rung);
/** What it costs that one wine comes at any time after another. */
export const precedenceRules = [
  rule({
    ...shared,
    id: 'ladder',
    title: 'the ladder of classes',
    when: ({ from, to, school }: Meeting) => {
      const back = rungIndex(from, school) - rungIndex(to, school);
      return back > 0 ? { from: from.name, to: to.name, fromRung: rungWord(from.rung), toRung: rungWord(to.rung), strain: school.ladder * back } : undefined;
    },
    push: ({ strain }) => strain,
    says: ({ from, to, fromRung, toRung }) => `a step back on the ladder: ${fromRung} (${from}) before ${toRung} (${to})`,
  }),
  rule({
    ...shared,
    id: 'heavier-earlier',
    title: 'weight',
    when: ({ from, to, school }: Meeting) => {
      const lighter = palateLoad(from.loads, school) - palateLoad(to.loads, school);
      return lighter > 0 ? { from: from.name, to: to.name, lighter, strain: school.precedence * drop(lighter, 0) } : undefined;
    },
    push: ({ strain }) => strain,
    says: ({ from, to, lighter }) => `${from} carries ${Math.round(lighter)} more than ${to} and comes earlier`,
  }),
  rule({
    ...shared,
    id: 'older-earlier',
    title: 'young first',
    when: ({ from, to, school }: Meeting) => olderThan(from, to, school.youngFirst > 0 ? school.youngFirst : undefined),
    push: ({ strain }) => strain,
    says: ({ older, younger, years }) => `${older} is ${counted(years, 'year')} older than ${younger}, and this school pours young first`,
  }),
  rule({
    ...shared,
    id: 'younger-earlier',
    title: 'old first',
    when: ({ from, to, school }: Meeting) => olderThan(to, from, school.youngFirst < 0 ? -school.youngFirst : undefined),
    push: ({ strain }) => strain,
    says: ({ older, younger, years }) => `${younger} is ${counted(years, 'year')} younger than ${older}, and this school pours old first`,
  }),
];
/** By how much one wine is the older of two that stand the wrong way round for a school of that weight for ten years. */
function olderThan(older: OrderWine, younger: OrderWine, weight: number | undefined) {
  if (weight === undefined || older.age === undefined || younger.age === undefined || older.age <= younger.age) return undefined;
  const years = older.age - younger.age;
  return { older: older.name, younger: younger.name, years, strain: (weight * years) / 10 };
}

interface Rested {
  readonly masked: readonly Told<NeighbourReasonId>[];
}
const resting = <Kind extends RestKind>(kind: Kind) => {
  const { keeps, label, minutes } = restKinds[kind];
  return rule({
    ...shared,
    id: `rest-${kind}`,
    title: label,
    when: ({ masked }: Rested) => {
      const off = masked.reduce((sum, { id, push }) => {
        const key = profileKeys.find((entry) => id === `masks-${entry}`) ?? 'alcohol';
        return sum + push * (1 - keeps[key]);
      }, 0);
      return masked.length > 0 ? { off } : undefined;
    },
    push: ({ off }) => -off,
    says: () => `${label} before it, ${minutes} min, takes carry-over off`,
  });
};
/** What a rest takes off a step. */
export const restRules = { bread: resting('bread'), cheese: resting('cheese') };

type NeighbourReasonId = (typeof neighbourRules)[number]['id'];
export type OrderReasonId = NeighbourReasonId | (typeof precedenceRules)[number]['id'] | (typeof restRules)[RestKind]['id'];
export type OrderReason = Told<OrderReasonId>;

/** Strain of tasting `to` right after `from`, across a rest of that kind when there is one. */
export function neighbourReasons(from: OrderWine, to: OrderWine, school: School, rest?: RestKind): readonly OrderReason[] {
  const masked: readonly Told<NeighbourReasonId>[] = reasonsOf(neighbourRules, { from, to, school });
  return rest === undefined ? masked : [...masked, ...reasonsOf([restRules[rest]], { masked })];
}
/** Strain of `to` coming at any time after `from`. */
export const precedenceReasons = (from: OrderWine, to: OrderWine, school: School): readonly OrderReason[] => reasonsOf(precedenceRules, { from, to, school });
/** The strain of a list of reasons. */
export const strainOf = (reasons: readonly OrderReason[]): number => totalPush(reasons);
