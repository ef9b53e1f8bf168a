import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readReadings } from './readings';

describe('probe readings as typed', () => {
  it('one a line, minutes then degrees, with a space, a comma or a semicolon between', () => {
    expect(readReadings('0 22\n10 19.5\n20 17', 'C')).toEqual([
      { minutes: 0, celsius: 22 },
      { minutes: 10, celsius: 19.5 },
      { minutes: 20, celsius: 17 },
    ]);
  });
  it('in the venue’s own unit', () => {
    const [first] = readReadings('0 68\n10 50', 'F')!;
    expect(first!.celsius).toBeCloseTo(20, 6);
  });
  it('nonsense is no reading, and never a guess', () => {
    for (const text of ['', 'warm', '0 hot', '10', '0 22\nten 19']) expect(readReadings(text, 'C'), text).toBeUndefined();
  });
  it('what was written out is read back', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ minutes: fc.nat(600), celsius: fc.integer({ min: -10, max: 40 }) }), { minLength: 2, maxLength: 20 }), (readings) => {
        expect(readReadings(readings.map((reading) => `${reading.minutes} ${reading.celsius}`).join('\n'), 'C')).toEqual(readings);
      }),
    );
  });
});
