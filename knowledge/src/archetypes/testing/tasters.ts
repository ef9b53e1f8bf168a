import { archetypeScales, stray, type Archetype } from '@rose/core/deduce/archetype';
import type { Evidence } from '@rose/core/deduce/evidence';
import { normal } from '@rose/core/chance/seeded-random';
import { hueLadders, type Observed } from '@rose/core/wine/observables';
import { anchors } from '@rose/core/wine/profile';
import { backThroughAnchors, clamp, throughAnchors } from '@rose/core/wine/units';
import { families, type FamilyId } from '../../smells/index';

/** One glass as an imperfect taster writes it down, with the kind it really is. */
export interface Tasted {
  readonly truth: number;
  readonly evidence: Evidence;
}
/**
 * A simulated taster on a glass. Each bearing is the kind's own value, with the wine's difference from its kind (sd 9), the taster's offset (sd 7, the same
 * on every bearing), a halo (sd 6, on alcohol, body, intensity and length together) and the reading itself (sd 6). A taster is talkative or silent: the
 * chance of naming each smell is multiplied by 0.6 to 1.2 throughout.
 */
export function tastes(archetypes: readonly Archetype[], random: () => number): Tasted {
  const truth = Math.floor(random() * archetypes.length);
  const kind = archetypes[truth]!;
  const offset = 7 * normal(random);
  const halo = 6 * normal(random);
  const talk = 0.6 + 0.6 * random();
  const read = (mean: number, generous: boolean) => clamp(Math.round(mean + 9 * normal(random) + offset + (generous ? halo : 0) + 6 * normal(random)), 0, 100);
  const generous = new Set(['alcohol', 'body', 'intensity', 'length']);
  const scales = Object.fromEntries(archetypeScales.map((scale) => [scale, read(kind.scales[scale], generous.has(scale))]));
  const ladder = Object.keys(hueLadders[kind.colour]);
  const rung = clamp(Math.round(ladder.indexOf(kind.hue) + 0.8 * normal(random)), 0, ladder.length - 1);
  const observed = {
    colour: kind.colour,
    hue: ladder[rung]!,
    depth: read(kind.depth, false),
    ...Object.fromEntries(archetypeScales.filter((scale) => scale !== 'length').map((scale) => [scale, scales[scale]])),
    finish: { seconds: Math.round(backThroughAnchors(anchors.finish, scales['length']!)) },
  } as unknown as Observed;
  const smells: Record<string, boolean> = {};
  for (const family of Object.keys(families) as FamilyId[]) if (family !== 'fault' && random() < (kind.smells[family] ?? stray) * talk) smells[family] = true;
  return { truth, evidence: { observed, smells } };
}

/** The kind whose usual readings lie nearest (Euclidean, bearings on 0–1, smells there or not against their chance): the plainest rival of a deduction. */
export function nearest(archetypes: readonly Archetype[], { observed, smells }: Evidence): number {
  const distance = (kind: Archetype) => {
    if (kind.colour !== observed.colour) return Infinity;
    let sum = 0;
    for (const scale of archetypeScales) {
      const at = scale === 'length' ? throughAnchors(anchors.finish, observed.finish!.seconds) : (observed[scale] as number);
      sum += ((at - kind.scales[scale]) / 100) ** 2;
    }
    const ladder = Object.keys(hueLadders[kind.colour]);
    sum += ((ladder.indexOf(observed.hue!) - ladder.indexOf(kind.hue)) / 6) ** 2 + (((observed.depth as number) - kind.depth) / 100) ** 2;
    for (const family of Object.keys(families)) sum += ((smells[family] === true ? 1 : 0) - (kind.smells[family] ?? stray)) ** 2;
    return sum;
  };
  const distances = archetypes.map(distance);
  return distances.indexOf(Math.min(...distances));
}
