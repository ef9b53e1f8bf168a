import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';

/** How far the alcohol of a wine may lie from what its label says, % vol, and who allows it. */
export interface AlcoholTolerance {
  readonly percent: number;
  readonly source: string;
}
/** Years in bottle from which a protected name may stray further. */
const longKept = 3;
/** % vol from which the United States allow less. */
const strongInUs = 14;

/**
 * The tolerance of the stated strength: in the United States 1.5 % vol, 1 above 14 % vol (27 CFR 4.36); elsewhere that of the Union, 0.5 % vol, and 0.8
 * for sparkling and liqueur wines and for protected names more than three years in bottle (Regulation (EU) 2019/33, art. 44). A laboratory's figure is
 * taken to a tenth. `age`: completed years, where known.
 */
export function alcoholTolerance(facts: WineFacts, age: number | undefined): AlcoholTolerance {
  if (facts.abv?.origin === 'laboratory') return { percent: 0.1, source: 'the laboratory' };
  if (factOf(facts, 'country')?.toUpperCase() === 'US') return { percent: (factOf(facts, 'abv') ?? 0) > strongInUs ? 1 : 1.5, source: '27 CFR 4.36' };
  const origin = factOf(facts, 'originKind');
  const bottled = age === undefined ? undefined : age - (factOf(facts, 'woodMonths') ?? 0) / 12;
  const wide =
    factOf(facts, 'fortified') === true ||
    (factOf(facts, 'bubbles') ?? 'still') !== 'still' ||
    ((origin === 'pdo' || origin === 'pgi') && bottled !== undefined && bottled > longKept);
  return { percent: wide ? 0.8 : 0.5, source: 'EU 2019/33 art. 44' };
}
