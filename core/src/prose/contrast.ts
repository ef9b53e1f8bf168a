import {
  classOfHue,
  hueLadders,
  midpoint,
  observableIds,
  observables,
  type Observable,
  type ObservableId,
  type Observed,
  type Reading,
  type Stop,
} from '../wine/observables';
import type { Chip, NoteDocument } from '../wine/note';
import { listed } from '../wine/plural';
import type { NameOf } from './prose';

/** Below this many of a hundred two readings of one taster are the same. Own choice: less than one step of the arrow keys. */
export const sameWithin = 4;

export interface Compared {
  readonly word: 'less' | 'the same' | 'more' | 'another' | 'cannot tell';
  /** How much more on the right: of 100, marks, or seconds. */
  readonly by: number;
  readonly unit: '' | 's';
}
/**
 * The right reading against the left: less, the same or more. Spans that overlap cannot be told apart; a watch that was broken off is a lower bound and
 * tells only when the other is shorter. Undefined when either side was not looked at.
 * @param within of 100, below which two readings of a scale are the same
 */
export function compareReadings(id: ObservableId, left: Observed, right: Observed, within = sameWithin): Compared | undefined {
  const [a, b] = [left[id], right[id]];
  if (a === undefined || b === undefined) return undefined;
  const spec: Observable = observables[id];
  switch (spec.kind) {
    case 'choice':
      return { word: a === b ? 'the same' : 'another', by: 0, unit: '' };
    case 'seconds': {
      const [x, y] = [a as Stop, b as Stop];
      const by = y.seconds - x.seconds;
      // Lengths said by feel are spans: they can be told apart where the spans are.
      const [xs, ys] = [x.between ?? [x.seconds, x.seconds], y.between ?? [y.seconds, y.seconds]];
      if ((x.between ?? y.between) !== undefined && xs[0] < ys[1] && ys[0] < xs[1]) return { word: by === 0 ? 'the same' : 'cannot tell', by, unit: 's' };
      const plain = by === 0 ? 'the same' : by > 0 ? 'more' : 'less';
      const known = x.atLeast === true ? y.atLeast !== true && by < 0 : y.atLeast !== true || by > 0;
      return { word: known ? plain : 'cannot tell', by, unit: 's' };
    }
    case 'mark': {
      const by = (b as number) - (a as number);
      return { word: by === 0 ? 'the same' : by > 0 ? 'more' : 'less', by, unit: '' };
    }
    case 'scale': {
      const [x, y] = [a as Reading, b as Reading];
      const apart = midpoint(y) - midpoint(x);
      const by = Math.sign(apart) * Math.round(Math.abs(apart));
      const ends = (reading: Reading) => (typeof reading === 'number' ? [reading, reading] : reading) as readonly [number, number];
      const overlap = ends(x)[0] <= ends(y)[1] && ends(y)[0] <= ends(x)[1];
      if (overlap && (typeof x !== 'number' || typeof y !== 'number')) return { word: apart === 0 ? 'the same' : 'cannot tell', by, unit: '' };
      return { word: Math.abs(apart) < within ? 'the same' : apart > 0 ? 'more' : 'less', by, unit: '' };
    }
  }
}

/** How the right differs when a scale reads more, and when it reads less. */
const comparatives: Partial<Record<ObservableId, readonly [more: string, less: string]>> = {
  depth: ['deeper', 'paler'],
  rim: ['wider in its rim', 'narrower in its rim'],
  noseStill: ['more expressive before the swirl', 'more reserved before the swirl'],
  noseFineness: ['finer on the nose', 'plainer on the nose'],
  noseSwirled: ['more expressive on the nose', 'more reserved on the nose'],
  sweetness: ['sweeter', 'drier'],
  acidity: ['sharper in acidity', 'softer in acidity'],
  tannin: ['firmer in tannin', 'gentler in tannin'],
  alcohol: ['higher in alcohol', 'lighter in alcohol'],
  body: ['fuller', 'lighter'],
  bubbles: ['livelier with bubbles', 'stiller'],
  intensity: ['more intense in flavour', 'more reserved in flavour'],
  bitterness: ['more bitter', 'less bitter'],
  savoury: ['more savoury', 'less savoury'],
  saline: ['saltier', 'less salty'],
  oak: ['oakier', 'less oaky'],
  palateFineness: ['finer in the mouth', 'plainer in the mouth'],
  balance: ['better balanced', 'less well balanced'],
  complexity: ['more complex', 'simpler'],
};

/** Choices that run from less to more: their order, and how the right differs where it stands further on, and where it does not. */
const ranked: Partial<Record<ObservableId, { readonly order: readonly string[]; readonly more: string; readonly less: string }>> = {
  clarity: { order: ['cloudy', 'hazy', 'dull', 'clear', 'brilliant'], more: 'brighter', less: 'hazier' },
  browning: { order: ['none', 'edge', 'through'], more: 'browner', less: 'less brown' },
  bead: { order: ['coarse', 'medium', 'fine'], more: 'finer in bead', less: 'coarser in bead' },
  foam: { order: ['gone', 'ring', 'crown'], more: 'longer in its foam', less: 'shorter in its foam' },
  tears: { order: ['none', 'quick', 'middling', 'slow'], more: 'slower in its tears', less: 'quicker in its tears' },
  staining: { order: ['clean', 'tint', 'stains'], more: 'more staining', less: 'less staining' },
  health: { order: ['faulty', 'doubtful', 'trace', 'sound'], more: 'cleaner on the nose', less: 'less clean on the nose' },
  tanninGrain: { order: ['coarse', 'chalk', 'dust', 'velvet', 'silk'], more: 'finer in its tannin', less: 'coarser in its tannin' },
  palateHealth: { order: ['faulty', 'doubtful', 'trace', 'sound'], more: 'cleaner in the mouth', less: 'less clean in the mouth' },
};
/** Choices without an order: how the right differs by what it has. */
const told: Partial<Record<ObservableId, Readonly<Record<string, string>>>> = {
  texture: { lean: 'leaner', smooth: 'smoother', oily: 'oilier', creamy: 'creamier', grainy: 'grainier' },
  tanninRipeness: { green: 'greener in its tannin', ripe: 'riper in its tannin', dry: 'more drying in its tannin' },
};
/** How the right differs in one observation; undefined where it does not, or cannot be told. */
function differing(id: ObservableId, left: Observed, right: Observed, within: number): string | undefined {
  const compared = compareReadings(id, left, right, within);
  if (compared === undefined) return undefined;
  const scale = comparatives[id];
  if (scale !== undefined) return compared.word === 'more' ? scale[0] : compared.word === 'less' ? scale[1] : undefined;
  if (compared.word !== 'another') return undefined;
  const [a, b] = [String(left[id]), String(right[id])];
  if (id === 'hue') {
    const of = classOfHue(b);
    if (of === undefined || classOfHue(a) !== of) return undefined;
    const ladder = Object.keys(hueLadders[of]);
    return ladder.indexOf(b) > ladder.indexOf(a) ? 'further on in colour' : 'younger in colour';
  }
  const rank = ranked[id];
  if (rank === undefined) return told[id]?.[b];
  const [x, y] = [rank.order.indexOf(a), rank.order.indexOf(b)];
  return x < 0 || y < 0 ? undefined : y > x ? rank.more : rank.less;
}
/** So many differences stand in one sentence; with more, what the eye saw has a sentence of its own. */
const inOne = 5;

/** Chips by name, once each. */
const names = (chips: readonly Chip[], nameOf: NameOf) => [...new Set(chips.map(nameOf))];

/** What two notes smelt: only the left, both, only the right. */
export function sharedSmells(left: readonly Chip[], right: readonly Chip[], nameOf: NameOf) {
  const [a, b] = [names(left, nameOf), names(right, nameOf)];
  return { left: a.filter((name) => !b.includes(name)), both: a.filter((name) => b.includes(name)), right: b.filter((name) => !a.includes(name)) };
}

/**
 * Two notes set against each other in a few sentences; nothing that only one of them looked at is compared, and what cannot be told is not said.
 * @param within of 100, below which two readings are the same: more of it where it is known how far the taster's own readings lie apart by chance
 */
export function contrast(
  left: NoteDocument,
  right: NoteDocument,
  nameOf: NameOf,
  names: readonly [string, string] = ['left', 'right'],
  within = sameWithin,
): readonly string[] {
  const [l, r] = names;
  const sentences: string[] = [];
  const differs = observableIds.flatMap((id) => {
    const says = differing(id, left.observed, right.observed, within);
    return says === undefined ? [] : [{ says, eye: observables[id].quarter === 'appearance' }];
  });
  const of = (eye: boolean) => listed(differs.filter((entry) => entry.eye === eye).map(({ says }) => says));
  const same = observableIds.some((id) => compareReadings(id, left.observed, right.observed, within)?.word === 'the same');
  if (differs.length > inOne && of(true) !== '' && of(false) !== '') sentences.push(`To the eye the ${r} is ${of(true)}.`, `It is ${of(false)}.`);
  else if (differs.length > 0) sentences.push(`The ${r} is ${listed(differs.map(({ says }) => says))}.`);
  else if (same) sentences.push('In what was looked at they are the same.');
  const smells = sharedSmells(left.chips, right.chips, nameOf);
  if (smells.right.length > 0 && smells.left.length > 0) sentences.push(`The ${r} has ${listed(smells.right)} where the ${l} has ${listed(smells.left)}.`);
  else if (smells.right.length > 0 && left.chips.length > 0) sentences.push(`The ${r} has ${listed(smells.right)} besides.`);
  else if (smells.left.length > 0 && right.chips.length > 0) sentences.push(`The ${l} has ${listed(smells.left)} besides.`);
  if (smells.both.length > 0) sentences.push(`Both have ${listed(smells.both)}.`);
  const finish = compareReadings('finish', left.observed, right.observed);
  if (finish?.word === 'more' || finish?.word === 'less') {
    const [a, b] = [left.observed.finish!, right.observed.finish!];
    const longer = finish.word === 'more' ? r : l;
    const [long, short] = finish.word === 'more' ? [b, a] : [a, b];
    const felt = long.between !== undefined || short.between !== undefined;
    sentences.push(
      felt
        ? `The ${longer} stays longer.`
        : `The ${longer} stays longer: ${long.atLeast === true ? 'at least ' : ''}${long.seconds} seconds against ${short.seconds}.`,
    );
  } else if (finish?.word === 'the same') sentences.push('They stay equally long.');
  return sentences;
}
