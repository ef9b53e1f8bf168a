import type { Routine } from '@rose/core/routine/routine';

/** Ways through a glass; three, four and five steps are all in use. The first of several sips rinses: common practice. */
export const routines: readonly Routine[] = [
  {
    id: 'three',
    name: 'three steps',
    says: 'Look, smell, taste: for a walk-round or a full table.',
    rinse: true,
    steps: [
      { name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 0.5 },
      { name: 'smell', quarter: 'aroma', sniffs: 2, sips: 0, minutes: 1 },
      { name: 'taste', quarter: 'palate', sniffs: 0, sips: 2, minutes: 2 },
    ],
  },
  {
    id: 'four',
    name: 'four quarters',
    says: 'Once round the compass, and a judgement: the usual evening.',
    rinse: true,
    steps: [
      { name: 'appearance', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 0.75 },
      { name: 'aroma', quarter: 'aroma', sniffs: 3, sips: 0, minutes: 1.5 },
      { name: 'palate', quarter: 'palate', sniffs: 0, sips: 2, minutes: 1.5 },
      { name: 'finish and judgement', quarter: 'finish', sniffs: 0, sips: 1, minutes: 1.5 },
    ],
  },
  {
    id: 'five',
    name: 'five steps, a lesson',
    says: 'With a card to read at each step and time to talk.',
    rinse: true,
    steps: [
      { name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 1 },
      { name: 'smell, still', quarter: 'aroma', sniffs: 2, sips: 0, minutes: 1.5, asks: ['noseStill', 'health'] },
      { name: 'swirl and smell', quarter: 'aroma', sniffs: 3, sips: 0, minutes: 2 },
      { name: 'taste', quarter: 'palate', sniffs: 0, sips: 3, minutes: 2.5 },
      { name: 'think', quarter: 'finish', sniffs: 1, sips: 1, minutes: 2 },
    ],
  },
  {
    id: 'twelve',
    name: 'twelve questions',
    says: 'What most people want to know of a glass, in three minutes.',
    steps: [
      { name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 0.25, asks: ['eye'] },
      { name: 'smell', quarter: 'aroma', sniffs: 1, sips: 0, minutes: 0.75, asks: ['health', 'smells'] },
      { name: 'taste', quarter: 'palate', sniffs: 0, sips: 2, minutes: 1, asks: ['sweetness', 'acidity', 'tannin', 'body', 'bitterness', 'watch'] },
      { name: 'judge', quarter: 'verdict', sniffs: 0, sips: 0, minutes: 1, asks: ['balance', 'quality', 'buy'] },
    ],
  },
  {
    id: 'sniffs-and-sips',
    name: 'three sniffs, three sips',
    says: 'A smell at a time, a task for every sip.',
    rinse: true,
    steps: [
      { name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 0.5, asks: ['clarity', 'colour', 'hue', 'depth'] },
      { name: 'first sniff, glass still', quarter: 'aroma', sniffs: 1, sips: 0, minutes: 0.5, asks: ['health', 'noseStill', 'smells'] },
      { name: 'second sniff, after the swirl', quarter: 'aroma', sniffs: 1, sips: 0, minutes: 0.75, asks: ['noseSwirled', 'smells'] },
      { name: 'third sniff, after a minute', quarter: 'aroma', sniffs: 1, sips: 0, minutes: 1, asks: ['smells', 'noseFineness'] },
      {
        name: 'two sips',
        quarter: 'palate',
        sniffs: 0,
        sips: 2,
        minutes: 1.5,
        asks: ['sweetness', 'acidity', 'tannin', 'alcohol', 'body', 'bubbles', 'intensity', 'flavours'],
      },
      { name: 'the last sip', quarter: 'finish', sniffs: 0, sips: 1, minutes: 1, asks: ['watch', 'bitterness', 'palateHealth'] },
      { name: 'judge', quarter: 'verdict', sniffs: 0, sips: 0, minutes: 1, asks: ['balance', 'complexity', 'quality', 'readiness', 'buy'] },
    ],
  },
  {
    id: 'quick',
    name: 'quick or remote',
    says: 'Sound or not, what it is like, again or not.',
    steps: [
      { name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 0.25, asks: ['eye'] },
      { name: 'smell', quarter: 'aroma', sniffs: 1, sips: 0, minutes: 0.5, asks: ['health', 'smells'] },
      { name: 'taste', quarter: 'palate', sniffs: 0, sips: 2, minutes: 1.25, asks: ['body', 'balance', 'buy', 'quality'] },
    ],
  },
];
/** The usual evening's routine: what a glass is assessed by where nothing else is chosen. */
export const usualRoutine = routines.find(({ id }) => id === 'four')!;
export const routineNamed = (id: string): Routine => routines.find((routine) => routine.id === id) ?? usualRoutine;
/** The routine of a plan: its own copy of a host's, in the version it had, or one that ships. */
export const routineOf = (plan: { readonly routine: string; readonly ownRoutine?: Routine | undefined }): Routine =>
  plan.ownRoutine ?? routineNamed(plan.routine);
