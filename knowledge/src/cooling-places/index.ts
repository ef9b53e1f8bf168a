import type { Medium } from '@rose/core/temperature/temperature';

/** Places a bottle can stand in, with the time constant of a standing 750 mL bottle. The venue's own readings replace these. */
export const media = {
  room: { id: 'room', name: 'room', celsius: 21, tau: 110, source: 'first principles, h 8–10 W/m²K: 90–113 min' },
  fridge: { id: 'fridge', name: 'fridge', celsius: 4, tau: 110, source: 'handbooks: 90–130 min' },
  ice: { id: 'ice', name: 'ice water', celsius: 0, tau: 20, source: 'handbooks: 15–25 min' },
  freezer: { id: 'freezer', name: 'freezer', celsius: -18, tau: 102, source: 'handbooks: 95–110 min' },
} as const satisfies Record<string, Medium>;
export type MediumId = keyof typeof media;
