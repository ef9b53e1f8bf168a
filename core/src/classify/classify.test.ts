import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import type { GrapeShare, WineFacts } from '../wine/facts';
import { all, any, check, type Finding, type Verdict } from './classify';

const finding = (verdict: Verdict): Finding => ({ verdict, reasons: [], missing: verdict === 'unknown' ? ['abv'] : [] });
const verdict = fc.constantFrom<Verdict>('meets', 'fails', 'unknown');
const same = (written: string, id: string) => written === id;
const facts = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;

describe('three answers', () => {
  const order: Verdict[] = ['fails', 'unknown', 'meets'];
  published(
    'Kleene 1952, Introduction to Metamathematics, § 64 (strong three-valued logic)',
    '“all” is the least and “any” the greatest of the answers',
    () => {
      fc.assert(
        fc.property(fc.array(verdict, { minLength: 1, maxLength: 6 }), (verdicts) => {
          const ranks = verdicts.map((entry) => order.indexOf(entry));
          expect(all(verdicts.map(finding)).verdict).toBe(order[Math.min(...ranks)]);
          expect(any(verdicts.map(finding)).verdict).toBe(order[Math.max(...ranks)]);
        }),
      );
    },
  );
  it('only an answer that cannot be told names what is missing', () => {
    fc.assert(
      fc.property(fc.array(verdict, { minLength: 1, maxLength: 6 }), (verdicts) => {
        for (const found of [all(verdicts.map(finding)), any(verdicts.map(finding))]) expect(found.missing.length > 0).toBe(found.verdict === 'unknown');
      }),
    );
  });
  it('nothing asked is met', () => expect(all([]).verdict).toBe('meets'));
});

describe('a requirement', () => {
  it('a number is compared with its limit, the limit itself included', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 800 }), fc.integer({ min: 0, max: 800 }), (tenths, limitTenths) => {
        const [value, limit] = [tenths / 10, limitTenths / 10];
        expect(check({ kind: 'at-least', fact: 'abv', value: limit }, facts({ abv: value }), same).verdict).toBe(tenths >= limitTenths ? 'meets' : 'fails');
        expect(check({ kind: 'at-most', fact: 'abv', value: limit }, facts({ abv: value }), same).verdict).toBe(tenths <= limitTenths ? 'meets' : 'fails');
      }),
    );
  });
  it('tenths count as tenths: 12.1 less 2.1 is at most 10', () => {
    expect(check({ kind: 'sugar-minus-acid', value: 10 }, facts({ sugar: 12.1, acidity: 2.1 }), same).verdict).toBe('meets');
  });
  it('a missing fact is named and decides nothing', () => {
    for (const requirement of [
      { kind: 'at-least', fact: 'abv', value: 9 },
      { kind: 'is', fact: 'colour', oneOf: ['red'] },
      { kind: 'yes', fact: 'fortified' },
      { kind: 'grapes', of: ['a'], atLeast: 85, label: 'a' },
      { kind: 'sugar-minus-acid', value: 2 },
    ] as const) {
      const found = check(requirement, {}, same);
      expect(found.verdict).toBe('unknown');
      expect(found.missing).toHaveLength(1);
    }
  });
});

describe('the share of a grape', () => {
  const grapes = (...shares: [string, GrapeShare['share']][]) => facts({ grapes: shares.map(([grape, share]) => ({ grape, share })) });
  const ask = (known: WineFacts, atLeast: number) => check({ kind: 'grapes', of: ['a'], atLeast, label: 'a' }, known, same).verdict;
  const rows: [string, WineFacts, number, Verdict][] = [
    ['all of it', grapes(['a', { kind: 'exact', percent: 100 }]), 100, 'meets'],
    ['the rest of 85 is 15', grapes(['b', { kind: 'exact', percent: 85 }], ['a', { kind: 'unknown' }]), 16, 'fails'],
    ['the rest of 15 is 85', grapes(['b', { kind: 'exact', percent: 15 }], ['a', { kind: 'unknown' }]), 85, 'meets'],
    ['mostly may be anything from a half up', grapes(['a', { kind: 'mostly' }]), 85, 'unknown'],
    ['mostly is at least a half', grapes(['a', { kind: 'mostly' }]), 50, 'meets'],
    ['about 85 may be 82', grapes(['a', { kind: 'about', percent: 85 }]), 85, 'unknown'],
    ['between 70 and 80 is never 85', grapes(['a', { kind: 'between', low: 70, high: 80 }]), 85, 'fails'],
    ['a grape that is not there', grapes(['b', { kind: 'exact', percent: 100 }]), 1, 'fails'],
    ['named alone without a share', grapes(['a', { kind: 'unknown' }]), 85, 'unknown'],
  ];
  for (const [says, known, atLeast, wanted] of rows) it(`${says}: ${wanted}`, () => expect(ask(known, atLeast)).toBe(wanted));
  it('what is certain stays certain when a share is told more exactly', () => {
    fc.assert(
      fc.property(fc.nat(100), fc.nat(100), fc.nat(100), (x, y, atLeast) => {
        const [low, high] = [Math.min(x, y), Math.max(x, y)];
        const wide = ask(grapes(['a', { kind: 'between', low, high }]), atLeast);
        const exact = ask(grapes(['a', { kind: 'exact', percent: Math.round((low + high) / 2) }]), atLeast);
        if (wide !== 'unknown') expect(exact).toBe(wide);
      }),
    );
  });
});
