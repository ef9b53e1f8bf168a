import { describe, expect, it } from 'vitest';
import { allergiesMet } from './allergies';

describe('what a guest’s words meet in a wine', () => {
  const all = ['sulphites', 'egg', 'milk', 'fish'] as const;
  it.each([
    ['I am allergic to eggs', ['egg']],
    ['lactose intolerant, and asthma', ['sulphites', 'milk']],
    ['Vegan', ['egg', 'milk', 'fish']],
    ['Sulfites give me headaches', ['sulphites']],
    ['walnuts', []],
    ['no egg allergy, but fish', ['fish']],
    ['', []],
  ] as const)('%s', (written, met) => expect(allergiesMet(written, all)).toEqual(met));
  it('tells only of what the wine holds', () => expect(allergiesMet('vegan', ['sulphites', 'fish'])).toEqual(['fish']));
});
