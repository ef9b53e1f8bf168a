import { describe, expect, it } from 'vitest';
import { givesAway, type Telling } from './gives-away';

const tells: readonly Telling[] = [
  { words: 'Assyrtiko', fact: 'grape' },
  { words: 'Trís Péfka', fact: 'name' },
  { words: 'Rosé', fact: 'place' },
];
describe('words said aloud', () => {
  it('give away what they name, however it is written, and nothing by a part of a word', () => {
    expect(givesAway('Is this ASSYRTIKO?', tells, [])).toEqual(tells[0]);
    expect(givesAway('made by tris pefka', tells, [])).toEqual(tells[1]);
    expect(givesAway('Does it rise? A rosette, assyrtikos', tells, [])).toBeUndefined();
    expect(givesAway('', tells, [])).toBeUndefined();
  });
  it('give away nothing that is uncovered, and with the name nothing at all', () => {
    expect(givesAway('Assyrtiko', tells, ['grape'])).toBeUndefined();
    expect(givesAway('Assyrtiko', tells, ['price'])).toBeDefined();
    expect(givesAway('Assyrtiko', tells, ['name'])).toBeUndefined();
  });
});
