import type { ProfileKey } from '../wine/profile';

/** Where a wine stands on the ladder of classes: a step back costs. */
export const rungs = ['sparkling', 'white', 'rose', 'amber', 'red', 'sweet', 'fortified'] as const;
export type Rung = (typeof rungs)[number];

/** A way of ordering a flight, as weights. */
export interface School {
  readonly id: string;
  readonly label: string;
  readonly says: string;
  /** Strain for a drop from 100 to 0 in one load between neighbours. */
  readonly masking: Readonly<Record<ProfileKey, number>>;
  /** Strain for each rung of the ladder an earlier wine stands above a later one. */
  readonly ladder: number;
  /** Strain for a drop of 100 in palate load over any earlier pair. */
  readonly precedence: number;
  /** Positive: young before old, for each ten years the wrong way; negative: old first. */
  readonly youngFirst: number;
  /** A sweet wine of little alcohol stands on the white rung. */
  readonly sweetWelcome: boolean;
  /** Weights of the palate load. */
  readonly height: Readonly<Record<ProfileKey, number>>;
}

const masking: Record<ProfileKey, number> = {
  sweetness: 34,
  tannin: 24,
  oak: 20,
  intensity: 10,
  body: 14,
  alcohol: 12,
  acidity: 6,
  bubbles: 1,
  length: 0,
  fragility: 0,
};
const height: Record<ProfileKey, number> = {
  body: 4,
  intensity: 2,
  tannin: 3,
  alcohol: 3,
  sweetness: 3,
  oak: 3,
  acidity: 1,
  bubbles: 0,
  length: 0,
  fragility: 0,
};
const base = { masking, height, ladder: 4, precedence: 5, youngFirst: 0.5, sweetWelcome: false };

/** The schools a host can choose. All are in use; the weights are our own. */
export const schools: readonly School[] = [
  { ...base, id: 'weight', label: 'weight first', says: 'Light before full decides; colour gives way.', ladder: 1.5, precedence: 9 },
  { ...base, id: 'ladder', label: 'colour ladder', says: 'Bubbles, white, rosé, amber, red, sweet, fortified, strictly.', ladder: 14, precedence: 3 },
  {
    ...base,
    id: 'sweet',
    label: 'sweet welcome',
    says: 'One light sweet wine of little alcohol may open.',
    sweetWelcome: true,
    masking: { ...masking, sweetness: 14 },
  },
  {
    ...base,
    id: 'grip',
    label: 'climb by grip',
    says: 'Among reds the soft before the gripping, before all else.',
    masking: { ...masking, tannin: 48 },
    height: { ...height, tannin: 8 },
  },
  { ...base, id: 'young', label: 'young first', says: 'Young before old, so that fruit does not drown age.', youngFirst: 6 },
  { ...base, id: 'old', label: 'old first', says: 'Old before young, while the palate is fresh.', youngFirst: -6 },
];
export const schoolOf = (id: string): School => schools.find((school) => school.id === id) ?? schools[0]!;
