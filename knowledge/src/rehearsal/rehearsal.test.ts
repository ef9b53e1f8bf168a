import { describe, expect, it } from 'vitest';
import { noteDocument } from '@rose/core/wine/note-schema';
import { quarters } from '@rose/core/wine/observables';
import { habitOf, habits, simulatedNote } from './index';

const whole = (place: number, guest: number, seed = 5) => simulatedNote(seed, place, guest, quarters);
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const guestsOf = (habit: keyof typeof habits) => Array.from({ length: 80 }, (_, guest) => guest).filter((guest) => habitOf(guest) === habit);

describe('simulated guests', () => {
  it('write what the note’s own schema takes, the same for the same seed, and a quarter more only adds', () => {
    for (let guest = 0; guest < 24; guest++)
      for (let place = 0; place < 6; place++) {
        expect(noteDocument.safeParse(whole(place, guest)).success).toBe(true);
        expect(whole(place, guest)).toEqual(whole(place, guest));
        for (let n = 1; n < quarters.length; n++) {
          const [less, more] = [n, n + 1].map((to) => simulatedNote(5, place, guest, quarters.slice(0, to)));
          expect(more!.observed).toMatchObject(less!.observed);
        }
      }
    expect(whole(0, 0, 6)).not.toEqual(whole(0, 0, 5));
  });
  it('have the habits they are said to have', () => {
    const marks = (habit: keyof typeof habits) => mean(guestsOf(habit).flatMap((guest) => [0, 1, 2, 3].map((place) => whole(place, guest).observed.quality!)));
    expect(marks('plain') - marks('hard')).toBeGreaterThan(8);
    const far = (habit: keyof typeof habits) =>
      mean(guestsOf(habit).flatMap((guest) => [0, 1, 2, 3].map((place) => Math.abs((whole(place, guest).observed.acidity as number) - 50))));
    expect(far('short')).toBeLessThan(far('plain') / 2);
    for (const guest of guestsOf('copies'))
      expect(whole(0, guest).observed.acidity).toBe(habitOf(guest - 1) === 'short' ? whole(0, guest).observed.acidity : whole(0, guest - 1).observed.acidity);
    const smells = (habit: keyof typeof habits) => mean(guestsOf(habit).flatMap((guest) => [0, 1, 2, 3].map((place) => whole(place, guest).chips.length)));
    expect(smells('cold')).toBeLessThan(smells('plain') * 0.7);
    expect(smells('blind')).toBeLessThan(smells('plain'));
  });
});
