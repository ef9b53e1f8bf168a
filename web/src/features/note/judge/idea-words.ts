import { counted } from '@rose/core/wine/plural';
import { priceIdeas, vessels, type Idea } from '@rose/core/wine/note';

/** When an idea was left. */
export const where: Record<Idea['at'], string> = {
  before: 'before the first look',
  appearance: 'after the look',
  aroma: 'after the nose',
  palate: 'after the palate',
  finish: 'after the finish',
  verdict: 'at the end',
};
/** An idea without its certainty. */
export const ideaInWords = (idea: Idea) =>
  [
    idea.wine,
    idea.grape,
    idea.place,
    idea.age === undefined ? undefined : `${counted(idea.age, 'year')} old`,
    idea.vessel === undefined ? undefined : vessels[idea.vessel],
    idea.price === undefined ? undefined : priceIdeas[idea.price],
  ]
    .filter((part) => part !== undefined && part !== '')
    .join(', ') || 'no idea';
