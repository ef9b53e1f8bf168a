import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { facts as registry, type WineFacts } from '@rose/core/wine/facts';
import { wineDocument } from '@rose/core/wine/facts-schema';
import { fold } from '@rose/core/wine/search-folding';
import { labelTerms } from './data';
import { termsOnLabel } from './index';

const facts = (values: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as unknown as WineFacts;
const on = (name: string, values: Record<string, unknown> = {}) => termsOnLabel({ name, facts: facts(values) });
const stated = (name: string, values: Record<string, unknown> = {}) =>
  Object.fromEntries(on(name, values).flatMap(({ implies }) => implies.map(({ id, value }) => [id, value])));

describe('the words of a label', () => {
  published('common practice', 'a roble has seen some oak, a sur lie its lees, a solera no year, a passito dried grapes', () => {
    expect(stated('Páramo Roble', { country: 'ES' })).toEqual({ oak: 'used', woodMonths: 4 });
    expect(stated('Something sur lie')).toEqual({ leesMonths: 6 });
    expect(stated('Amontillado, solera')).toEqual({ vintage: { kind: 'none' } });
    expect(stated('Passito di là')).toEqual({ driedGrapes: true });
    expect(stated('Zéro Dosage brut nature')).toEqual({ dosed: false, bubbles: 'sparkling' });
  });
  published('RD 1363/2011, from memory', 'a gran reserva of Spain is five years old, eighteen months of it in oak; elsewhere the word promises nothing', () => {
    expect(stated('Gran Reserva', { country: 'ES', colour: 'red' })).toEqual({ oak: 'used', woodMonths: 18, totalMonths: 60 });
    expect(on('Gran Reserva', { country: 'CL' })).toMatchObject([{ word: 'gran reserva', implies: [] }]);
    expect(on('Gran Reserva')).toEqual([]);
    // Whites of the name are asked other ages.
    expect(on('Gran Reserva', { country: 'ES', colour: 'white' })).toEqual([]);
  });
  it('are found whole, in the name and in the appellation, and never touch what is stated', () => {
    expect(on('Robledo', { country: 'ES' })).toEqual([]);
    expect(stated('Tinto', { country: 'ES', colour: 'red', appellation: 'Rioja Crianza', woodMonths: 14 })).toEqual({ oak: 'used', totalMonths: 24 });
  });
  it('every word has its meaning, and what it implies is a fact the registry takes', () => {
    for (const { words, means, implies, countries } of labelTerms) {
      expect(means).toMatch(/^[a-z].*[^.]$/);
      for (const word of words) expect(fold(word)).not.toBe('');
      for (const code of countries ?? []) expect(code).toMatch(/^[A-Z]{2}$/);
      for (const { id, value, origin } of implies) {
        expect(registry[id]).toBeDefined();
        expect(() => wineDocument.shape.facts.parse({ [id]: { value, origin } })).not.toThrow();
      }
    }
  });
});
