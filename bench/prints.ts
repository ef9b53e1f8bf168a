import { observables } from '@rose/core/wine/observables';
import { drawPrint } from '../web/src/server/print/kinds';
import { below, timeBoth, type Figure } from './measure';

const glasses = 6;
const sheets = (seats: number) => ({
  title: 'An evening',
  subtitle: 'Lantern Quay',
  when: 'Saturday 5 December 2026, 18:00',
  seats: Array.from({ length: seats }, (_, seat) => ({
    seat: String(seat + 1),
    glasses: Array.from({ length: glasses }, (_, glass) => ({ label: String(100 + ((seat * 37 + glass * 131) % 900)), name: '' })),
  })),
  scales: (['sweetness', 'acidity', 'tannin', 'alcohol', 'body', 'intensity'] as const).map((id) => ({
    id,
    label: observables[id].label,
    notches: [...observables[id].notches],
  })),
  asked: [],
  smells: [],
  routine: ['look', 'smell', 'taste'],
  allergens: 'Contains sulphites.',
});

/** The tasting sheets of 200 seats against those of ten: what does not change from seat to seat should not be paid twenty times. */
export async function prints(): Promise<Figure[]> {
  const foot = { plan: 1, on: new Date('2026-11-26T08:00:00Z'), day: '2026-11-26', id: 'bench' };
  const draw = (seats: number) => () => drawPrint('sheet', sheets(seats), 'a4', foot);
  const [many, few] = await timeBoth(draw(200), draw(10), 3);
  return [below('prints', `tasting sheets of 200 seats, ${glasses} glasses each, against those of 10`, many, few, 12)];
}
