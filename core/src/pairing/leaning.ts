import type { Loads } from '../wine/profile';
import { familyOf, type FitFamily } from './rules/index';
import { ramp } from './rules/pair';
import type { FitRuleId } from './weights';

/** Rules by which a wine answers a dish in kind, and those by which it sets against it what it lacks. Warnings are neither: no school unsays them. */
export const inKind: ReadonlySet<string> = new Set<FitRuleId>(['weight', 'echo', 'round', 'oak-toast', 'rich-sweet', 'sweet', 'brine', 'char-grip', 'spice']);
export const inContrast: ReadonlySet<string> = new Set<FitRuleId>([
  'acid-fat',
  'scrub',
  'grip-bound',
  'sugar-heat',
  'blue-sweet',
  'acid',
  'rind-scent',
  'chocolate-strong',
  'grip-salt',
  'awkward-fresh',
]);

/** Schools of pairing: what is in use among people who pair. The factors are our own choice. */
export const pairingSchools = {
  even: { name: 'as the rules stand', kind: 1, contrast: 1, place: 0 },
  likeness: { name: 'likeness first', kind: 1.4, contrast: 0.6, place: 0 },
  contrast: { name: 'contrast first', kind: 0.6, contrast: 1.4, place: 0 },
  /** What grew up together is put together before anything else is weighed; a warning still warns. */
  place: { name: 'place first', kind: 0.8, contrast: 0.8, place: 18 },
} as const;
export type PairingSchool = keyof typeof pairingSchools;

interface Taste {
  readonly name: string;
  readonly points: number;
  readonly by: (loads: Loads) => number;
}
/** What a guest likes or does not, beyond what any dish asks for. Points are our own choice. */
export const tastes = {
  'no-grip': { name: 'dislikes grip', points: -24, by: ({ tannin }) => ramp(tannin, 25, 80) },
  'no-sharp': { name: 'dislikes sharp wines', points: -20, by: ({ acidity }) => ramp(acidity, 60, 90) },
  'no-wood': { name: 'dislikes wood', points: -20, by: ({ oak }) => ramp(oak, 15, 60) },
  'no-strong': { name: 'dislikes strong wines', points: -20, by: ({ alcohol }) => ramp(alcohol, 62, 95) },
  sweet: { name: 'loves sweetness', points: 16, by: ({ sweetness }) => ramp(sweetness, 15, 50) },
  bubbles: { name: 'loves bubbles', points: 12, by: ({ bubbles }) => ramp(bubbles, 15, 60) },
} as const satisfies Readonly<Record<string, Taste>>;
export type GuestTaste = keyof typeof tastes;

/** How a table leans: a school, what its guest likes, and by what each family of rules counts for this venue, where somebody asked for that. */
export interface Leaning {
  readonly school: PairingSchool;
  readonly likes: readonly GuestTaste[];
  readonly own?: Readonly<Partial<Record<FitFamily, number>>> | undefined;
  /** Countries the dish is at home in, ISO 3166, for the school that asks. */
  readonly kitchen?: readonly string[] | undefined;
}
export const noLeaning: Leaning = { school: 'even', likes: [] };
/** By what a school and the venue’s own findings multiply the push of a rule. */
export function factorOf({ school, own }: Leaning, rule: string): number {
  const bySchool = inKind.has(rule) ? pairingSchools[school].kind : inContrast.has(rule) ? pairingSchools[school].contrast : 1;
  const family = own === undefined ? undefined : familyOf(rule);
  return family === undefined ? bySchool : bySchool * (own?.[family] ?? 1);
}
/** Points of a wine and a dish that are at home in one country, and which; undefined where they are not, where it is not known, or where the school does not ask. */
export function placePush({ school, kitchen }: Leaning, homes: readonly string[] | undefined): { readonly place: string; readonly push: number } | undefined {
  const push = pairingSchools[school].place;
  const place = push === 0 ? undefined : kitchen?.find((country) => homes?.includes(country));
  return place === undefined ? undefined : { place, push };
}
/** What the guest’s own taste adds, each with its name. */
export const tastePushes = ({ likes }: Leaning, loads: Loads): readonly { readonly name: string; readonly push: number }[] =>
  likes.map((like) => ({ name: tastes[like].name, push: tastes[like].points * tastes[like].by(loads) })).filter(({ push }) => push !== 0);
