import { describe, expect, it } from 'vitest';
import type { WineFacts } from '@rose/core/wine/facts';
import { costReasons } from './index';

const of = (facts: WineFacts) => costReasons(facts).map(({ way, because }) => `${way}: ${because}`);

describe('why a bottle costs what it costs', () => {
  // Common practice: what casks, time, hands and losses cost, and what tanks save.
  it('names what is on record, and where it is from', () => {
    expect(of({ method: { value: 'bottle', origin: 'label' }, leesMonths: { value: 60, origin: 'maker' } })).toEqual([
      'dearer: second fermentation in the bottle (label)',
      'dearer: 60 months on the lees (maker)',
    ]);
    expect(of({ method: { value: 'tank', origin: 'label' }, oak: { value: 'none', origin: 'maker' } })).toEqual([
      'cheaper: second fermentation in a tank (label)',
      'cheaper: no oak (maker)',
    ]);
    expect(of({ driedGrapes: { value: true, origin: 'law' }, woodMonths: { value: 30, origin: 'law' } })).toEqual([
      'dearer: 30 months in wood (law)',
      'dearer: dried grapes (law)',
    ]);
  });
  it('says nothing without facts, by hearsay or by assumption, and knows no amounts', () => {
    expect(of({})).toEqual([]);
    expect(of({ oak: { value: 'new', origin: 'hearsay' }, leesMonths: { value: 60, origin: 'assumed' } })).toEqual([]);
    expect(of({ woodMonths: { value: 3, origin: 'maker' } })).toEqual([]);
    const all = costReasons({ oak: { value: 'new', origin: 'maker' }, driedGrapes: { value: true, origin: 'label' } });
    expect(all.map(({ says }) => says).join(' ')).not.toMatch(/\d|€|\$/);
  });
});
