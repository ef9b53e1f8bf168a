import { describe, expect, expectTypeOf, it } from 'vitest';
import { totalPush } from './reason';
import { reasonsOf, rule } from './rule';

interface Glass {
  readonly wine: string;
  readonly grip: number;
}
const grips = rule({
  id: 'grips',
  title: 'Grip',
  unit: 'points',
  source: 'common practice',
  when: (glass: Glass) => (glass.grip >= 50 ? { wine: glass.wine, over: glass.grip - 50 } : undefined),
  push: ({ over }) => over / 10,
  says: ({ wine, over }) => `${wine} grips by ${over} more`,
});
const named = rule({
  id: 'named',
  title: 'The name',
  unit: 'none',
  source: 'common practice',
  when: ({ wine }: Glass) => ({ wine }),
  push: () => 0,
  says: ({ wine }) => `it is called ${wine}`,
});

describe('rule', () => {
  it('is asked of a situation and gives its reason with unit, source and sentence, in the order of the rules', () => {
    const reasons = reasonsOf([grips, named], { wine: 'Nebbiolo', grip: 80 });
    expect(reasons.map(({ id, push, unit, source, text }) => ({ id, push, unit, source, text }))).toEqual([
      { id: 'grips', push: 3, unit: 'points', source: 'common practice', text: 'Nebbiolo grips by 30 more' },
      { id: 'named', push: 0, unit: 'none', source: 'common practice', text: 'it is called Nebbiolo' },
    ]);
    expect(totalPush(reasons)).toBe(3);
    expect(reasonsOf([grips, named], { wine: 'Gamay', grip: 20 }).map(({ id }) => id)).toEqual(['named']);
  });
  it('does not compile with an argument that its condition does not find, and its id is a literal', () => {
    expectTypeOf(grips.id).toEqualTypeOf<'grips'>();
    expectTypeOf(grips.says).parameter(0).toEqualTypeOf<{ wine: string; over: number }>();
    expectTypeOf(reasonsOf([grips, named], { wine: '', grip: 0 })[0]!.id).toEqualTypeOf<'grips' | 'named'>();
    const shell = { id: 'x', title: '', unit: 'none', source: '' } as const;
    // @ts-expect-error a misspelt argument of a sentence
    rule({ ...shell, when: ({ wine }: Glass) => ({ wine }), push: () => 0, says: ({ wnie }) => String(wnie) });
    // @ts-expect-error a push by what was not found
    rule({ ...shell, when: ({ wine }: Glass) => ({ wine }), push: ({ over }) => over, says: ({ wine }) => wine });
    // @ts-expect-error a unit that does not exist
    rule({ ...shell, unit: 'stars', when: ({ wine }: Glass) => ({ wine }), push: () => 0, says: ({ wine }) => wine });
    // @ts-expect-error a rule without its source
    rule({ id: 'x', title: '', unit: 'none', when: ({ wine }: Glass) => ({ wine }), push: () => 0, says: ({ wine }) => wine });
    // @ts-expect-error a rule of another situation in the list
    reasonsOf([grips, rule({ ...shell, when: (bottle: { litres: number }) => bottle, push: () => 0, says: () => '' })], { wine: '', grip: 0 });
  });
});
