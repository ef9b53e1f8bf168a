import { describe, expect, it } from 'vitest';
import { howSaid, namesSaid } from './index';
import { said } from './data';

describe('how names are said', () => {
  it('there are well over 120, each with its stress in capitals, in plain letters', () => {
    expect(Object.keys(said).length).toBeGreaterThanOrEqual(120);
    for (const [name, how] of Object.entries(said)) {
      expect(how, name).toMatch(/[A-Z]{2}/);
      expect(how, name).toMatch(/^[A-Za-z()\-, ]+$/);
    }
  });
  it('is found without accents and in any case; what is not known is not said', () => {
    expect(howSaid('gruner veltliner')).toBe('GROO-ner velt-LEE-ner');
    expect(howSaid('Nowhereberg')).toBeUndefined();
  });
  it('a wine tells its grapes and places once each', () => {
    const label = { origin: 'label' } as const;
    expect(
      namesSaid({
        grapes: { value: [{ grape: 'Xinomavro', share: { kind: 'unknown' } }], ...label },
        appellation: { value: 'Naoussa', ...label },
        region: { value: 'Naoussa', ...label },
      }),
    ).toEqual([
      { name: 'Xinomavro', said: 'ksee-NOH-mah-vroh' },
      { name: 'Naoussa', said: 'NAH-oo-sah' },
    ]);
  });
});
