/** The prints of an evening. `guests` says whether a guest sees it: of a blind flight such a print holds nothing that comes from the identity of a wine. */
export const printKinds = {
  sheet: { label: 'Tasting sheet', guests: true },
  mat: { label: 'Glass mat', guests: true },
  bags: { label: 'Bag labels', guests: true },
  cues: { label: 'Pourer’s cue sheet', guests: false },
  run: { label: 'Run sheet', guests: false },
  handout: { label: 'Handout', guests: true },
  invitation: { label: 'Invitation', guests: true },
} as const;
export type PrintKind = keyof typeof printKinds;

/** Papers by their name; millimetres. */
export const papers = { a4: { name: 'A4', width: 210, height: 297 }, letter: { name: 'US Letter', width: 215.9, height: 279.4 } } as const;
export type PaperId = keyof typeof papers;
