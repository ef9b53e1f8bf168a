import { describe, expect, it } from 'vitest';
import { styleOf } from '../src/styles/index';
import { grapeNamed, grapesCalled } from '../src/grapes/index';
import { everShipped } from './keep';
import { shipped } from './tables';

describe('an id once shipped', () => {
  const ever = everShipped();
  it.each(Object.keys(ever))('of %s is there still: a document that holds it opens and means what it meant', (of) => {
    const now = new Set(shipped[of] ?? []);
    const gone = ever[of]!.filter((id) => !now.has(id));
    // A grape goes by any of its names.
    expect(of === 'grapes' ? gone.filter((name) => grapeNamed(name) === undefined && grapesCalled(name).length === 0) : gone).toEqual([]);
  });
  it('is kept from the day it ships: npm run shipped adds those that are new', () => {
    const unkept = Object.entries(shipped).flatMap(([of, ids]) => ids.filter((id) => !(ever[of] ?? []).includes(id)).map((id) => `${of}: ${id}`));
    expect(unkept).toEqual([]);
  });
  it('the name of a style that its owner chose finds the style, under its former names too', () => {
    for (const name of ever['names of styles']!) expect(styleOf({ takenFor: { value: name, origin: 'seen' } }).why, name).toBe('as you said');
  });
});
