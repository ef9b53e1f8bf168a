import { origins, type FactId, type Origin, type WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';

/** Something that is on record of a wine and that costs money, or saves it. */
export interface CostReason {
  readonly says: string;
  /** What is on record, in words. */
  readonly because: string;
  readonly way: 'dearer' | 'cheaper';
}
interface Rule {
  readonly way: CostReason['way'];
  readonly says: string;
  /** The fact that speaks for it, and what it says, in words; undefined where it does not. */
  readonly fact: FactId;
  readonly reads: (facts: WineFacts) => string | undefined;
}
const months = (facts: WineFacts, id: 'woodMonths' | 'totalMonths' | 'bottleMonths' | 'leesMonths', least: number, where: string) => {
  const value = factOf(facts, id);
  return value === undefined || value < least ? undefined : `${value} months ${where}`;
};
/**
 * What makes a bottle dearer or cheaper to make, each only by a fact that is on record, and no amounts. All common practice: casks are bought and wear out, stock
 * that lies is money that lies, and what is done by hand or loses volume has its wages and its losses in the price.
 */
const rules: readonly Rule[] = [
  {
    way: 'dearer',
    fact: 'oak',
    says: 'New casks are bought for a few vintages and lose their taste.',
    reads: (facts) => (factOf(facts, 'oak') === 'new' ? 'new oak' : factOf(facts, 'oak') === 'some' ? 'some new oak' : undefined),
  },
  {
    way: 'dearer',
    fact: 'woodMonths',
    says: 'Wine that lies in wood evaporates, and its money lies with it.',
    reads: (facts) => months(facts, 'woodMonths', 12, 'in wood'),
  },
  {
    way: 'dearer',
    fact: 'method',
    says: 'A second fermentation in the bottle takes a place in the cellar for each bottle, and hands.',
    reads: (facts) => (factOf(facts, 'method') === 'bottle' ? 'second fermentation in the bottle' : undefined),
  },
  { way: 'dearer', fact: 'leesMonths', says: 'Years on the lees are years unsold.', reads: (facts) => months(facts, 'leesMonths', 24, 'on the lees') },
  {
    way: 'dearer',
    fact: 'bottleMonths',
    says: 'Bottles that wait before their sale are paid for before they earn.',
    reads: (facts) => months(facts, 'bottleMonths', 12, 'in bottle before sale'),
  },
  {
    way: 'dearer',
    fact: 'driedGrapes',
    says: 'Drying grapes costs most of their juice, and hands that turn them.',
    reads: (facts) => (factOf(facts, 'driedGrapes') === true ? 'dried grapes' : undefined),
  },
  {
    way: 'dearer',
    fact: 'underFlor',
    says: 'A veil of yeast drinks of the wine, and casks are kept part empty for years.',
    reads: (facts) => (factOf(facts, 'underFlor') === true ? 'under a veil of yeast' : undefined),
  },
  {
    way: 'dearer',
    fact: 'fortified',
    says: 'Spirit is bought to fortify it, and taxed.',
    reads: (facts) => (factOf(facts, 'fortified') === true ? 'fortified' : undefined),
  },
  {
    way: 'cheaper',
    fact: 'originKind',
    says: 'Grapes that may come from anywhere in a country are bought where they cost least.',
    reads: (facts) => (factOf(facts, 'originKind') === 'country' || factOf(facts, 'originKind') === 'none' ? 'no narrower origin than the country' : undefined),
  },
  {
    way: 'cheaper',
    fact: 'method',
    says: 'Bubbles made in a tank need days instead of years, and one vessel for thousands of bottles.',
    reads: (facts) => (factOf(facts, 'method') === 'tank' ? 'second fermentation in a tank' : undefined),
  },
  {
    way: 'cheaper',
    fact: 'oak',
    says: 'Without wood there is no cask to pay and little to wait for.',
    reads: (facts) => (factOf(facts, 'oak') === 'none' && (factOf(facts, 'totalMonths') ?? 0) < 12 ? 'no oak' : undefined),
  },
];
/** What nobody stands for is no reason. */
const unfounded: readonly Origin[] = ['assumed', 'hearsay'];
/** Why a bottle costs what it costs, as far as facts on record say, each with where it is from; empty where none does. */
export const costReasons = (facts: WineFacts): readonly CostReason[] =>
  rules.flatMap(({ way, says, fact, reads }) => {
    const because = reads(facts);
    const origin = facts[fact]?.origin;
    return because === undefined || origin === undefined || unfounded.includes(origin) ? [] : [{ way, says, because: `${because} (${origins[origin]})` }];
  });
