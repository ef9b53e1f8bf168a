import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import { guidedSteps, type GuidedPart } from './guided';
import { observables, quarters } from './observables';

describe('the guided way', () => {
  it('asks each thing once, quarter after quarter, whatever was recorded', () => {
    fc.assert(
      fc.property(anyObserved, (observed) => {
        const steps = guidedSteps(observed);
        expect(new Set(steps).size).toBe(steps.length);
        const of: Record<GuidedPart, string> = { smells: 'aroma', flavours: 'palate', watch: 'finish', idea: 'finish' };
        const at = steps.map((step) => quarters.indexOf((step in of ? of[step as GuidedPart] : observables[step as 'acidity'].quarter) as 'aroma'));
        expect(at).toEqual([...at].sort((a, b) => a - b));
      }),
    );
  });
  it('begins with the look, asks health before pleasure, and the mark before anything that could lead it', () => {
    const steps = guidedSteps({});
    expect(steps[0]).toBe('clarity');
    expect(steps.indexOf('health')).toBeLessThan(steps.indexOf('smells'));
    expect(steps.indexOf('watch')).toBeLessThan(steps.indexOf('quality'));
  });
  it('asks the grain of a tannin only when there is one', () => {
    expect(guidedSteps({})).not.toContain('tanninGrain');
    expect(guidedSteps({ tannin: 0 })).not.toContain('tanninGrain');
    expect(guidedSteps({ tannin: 40 })).toContain('tanninGrain');
  });
});
