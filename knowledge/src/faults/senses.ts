/** How a cue of a fault is found, in the order a taster comes to it. */
export const senses = { eye: 'by the eye', nose: 'by the nose', mouth: 'in the mouth', trial: 'by trying', bottle: 'at the bottle' } as const;
export type Sense = keyof typeof senses;

const by: Readonly<Record<Exclude<Sense, 'nose'>, readonly string[]>> = {
  eye: [
    'brown',
    'hazy',
    'cloudy',
    'ropy',
    'crystals',
    'deposit',
    'specks',
    'gas',
    'tears',
    'orange-rim',
    'gold',
    'pink-tinge',
    'older-colour',
    'few-bubbles',
    'no-bubbles-here',
  ],
  mouth: ['ash-late', 'mouse-late', 'harsh-bitter', 'astringent', 'watering'],
  trial: ['fades', 'grows', 'clears-warm', 'gas-gone', 'many-glasses', 'empty-glass', 'second-sound', 'cold'],
  bottle: ['cork-pushed', 'open-long', 'in-a-can'],
};
const told = new Map(Object.entries(by).flatMap(([sense, cues]) => cues.map((cue) => [cue, sense as Sense] as const)));
/** The sense a cue is found by; what is not listed is smelt. */
export const senseOf = (cue: string): Sense => told.get(cue) ?? 'nose';
/** Every cue a sense is given for by name. */
export const listedCues: readonly string[] = [...told.keys()];
