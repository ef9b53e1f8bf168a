import type { GeneralStyle } from '../styles/index';

/** How a kind of wine keeps, beside what its tannin, acid, sugar and flavour say. Common practice, from memory. */
export interface Keeping {
  /** Factor on the years its values give. */
  readonly times?: number;
  /** Years from the harvest after which it has lost what it was bought for. */
  readonly most?: number;
  /** Years a bottle without a year keeps from the day it is bought. */
  readonly shelf: readonly [number, number];
}
const young = (most: number, low: number, high: number): Keeping => ({ most, shelf: [low, high] });
const byStyle: Readonly<Record<string, Keeping>> = {
  // Bought for freshness, scent or foam: gone when these are.
  'sweet-prickling': young(3, 1, 2),
  'sweet-sparkling': young(3, 1, 2),
  'tank-sparkling': young(3, 1, 2),
  'prickling-light': young(3, 0.5, 1.5),
  'offdry-sparkling': young(3, 1, 2),
  'sparkling-red': young(3, 1, 2),
  'no-alcohol-white': young(2, 0.5, 1.5),
  'no-alcohol-red': young(2, 0.5, 1.5),
  'plain-light': young(3, 0.5, 1.5),
  'light-gris': young(4, 0.5, 2),
  'dry-muscat': young(4, 0.5, 2),
  'thin-red': young(4, 0.5, 2),
  'sweet-red': young(5, 1, 3),
  'dry-rose': young(4, 0.5, 2),
  'delicate-rose': young(3, 0.5, 2),
  'sweet-rose': young(4, 0.5, 2),
  'sweet-sparkling-red': young(2, 0.5, 1.5),
  'full-sparkling-red': young(8, 1, 4),
  'gentle-sweet': young(3, 0.5, 2),
  'offdry-rose': young(4, 0.5, 2),
  'firm-rose': young(7, 1, 3),
  'muscat-fortified': young(6, 1, 3),
  'white-fortified': young(8, 1, 4),
  'veil-fortified': young(3, 1, 2),
  'green-aromatic': young(7, 0.5, 2),
  'juicy-red': young(8, 1, 3),
  'unknown-white': young(8, 0.5, 2),
  'unknown-red': young(14, 1, 4),
  'oaked-white': { most: 12, shelf: [1, 4] },
  malbec: { most: 18, shelf: [1, 4] },
  merlot: { most: 20, shelf: [1, 4] },
  'ripe-red': { most: 18, shelf: [1, 4] },
  'heady-red': { most: 18, shelf: [1, 4] },
  brut: { shelf: [1.5, 4.5] },
  'brut-nature': { shelf: [1.5, 4.5] },
  'sparkling-rose': { shelf: [1.5, 4] },
  'demi-sec-rose': { shelf: [2, 5] },
  'demi-sec': { shelf: [2, 5] },
  'mature-sparkling': { times: 4.5, shelf: [4, 12] },
  // Already aged in air, or made to keep by it.
  'veil-white': { times: 6, shelf: [8, 30] },
  'mature-white': { times: 4, shelf: [5, 15] },
  'lean-keeping': { times: 3.4, shelf: [2, 8] },
  amber: { times: 1.7, shelf: [2, 8] },
  icewine: { times: 0.24, shelf: [3, 10] },
  'dried-grape-red': { times: 1.25, shelf: [4, 12] },
  'grenache-fortified': { times: 0.24, shelf: [3, 10] },
  'nutty-dry': { shelf: [4, 18] },
  'dark-nutty-dry': { shelf: [4, 20] },
  'nutty-sweet': { shelf: [3, 15] },
  'raisined-fortified': { shelf: [4, 34] },
  'aged-muscat-fortified': { shelf: [5, 40] },
  'madeira-dry': { shelf: [9, 64] },
  'madeira-sweet': { shelf: [9, 64] },
  'tawny-fortified': { shelf: [2, 10] },
  'ruby-fortified': { shelf: [2, 6] },
  'vintage-fortified': { most: 70, shelf: [10, 40] },
};
const usual: Readonly<Record<GeneralStyle['colour'], Keeping>> = {
  white: { shelf: [0.5, 2] },
  rose: { shelf: [0.5, 2] },
  amber: { shelf: [1, 5] },
  red: { shelf: [1, 4] },
};
export const keepingOf = (style: GeneralStyle): Keeping => byStyle[style.id] ?? usual[style.colour];
/** Years a can or a bag keeps, from its filling. */
export const packed: readonly [number, number] = [0.75, 1.5];
