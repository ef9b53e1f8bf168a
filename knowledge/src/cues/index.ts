import { guidedPath } from '@rose/core/routine/guided';
import type { Routine } from '@rose/core/routine/routine';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import type { Stop } from '@rose/core/tasting/program';
import type { ObservableId } from '@rose/core/wine/observables';
import { capital } from '@rose/core/wine/plural';
import { cards } from '../sensations/cards';

/** What a host says at a stop of an evening, and what helps who is unsure; '' where nothing does. */
export interface Cue {
  readonly say: string;
  readonly unsure: string;
}
/**
 * The cue of a stop: at a step of the routine the host's own card, or ours, of the first question that has one. Common practice.
 * @param panel each seat has an order of its own
 */
export function cueOf(routine: Routine, stop: Stop, panel = false): Cue {
  switch (stop.kind) {
    case 'step': {
      const step = routine.steps[stop.step];
      const asks = guidedPath(routine, {}).flatMap((question) => (question.step === step && question.ask !== 'clear' ? [question.ask] : []));
      const own = asks.flatMap((ask) => routine.cards?.[ask] ?? [])[0];
      if (own !== undefined) return { say: own, unsure: '' };
      const card = asks.flatMap((ask) => cards[ask as ObservableId] ?? [])[0];
      return card === undefined ? { say: `${capital(stop.name)}.`, unsure: '' } : { say: `${card.do} ${card.feel}`, unsure: card.mistaken };
    }
    case 'gather':
      return { say: 'Let people sit, drink water and join with their phones. Nobody needs to swallow to taste.', unsure: '' };
    case 'pour':
      if (panel) return { say: 'To each seat the glass of its own code, by the pourer’s list; nobody speaks of it until all is tasted.', unsure: '' };
      return { say: `Pour wine ${placeLetter(stop.place)}, the same amount for everybody, a third of the glass at most.`, unsure: '' };
    case 'rest':
      return { say: stop.rest === 'cheese' ? 'A small bite of cheese, then water.' : 'Water and bread. Nothing with coffee or mint.', unsure: '' };
    case 'again':
      if (stop.after === 'air')
        return {
          say: `Go back to wine ${placeLetter(stop.place)}, which has stood longest. What has come, what has gone?`,
          unsure: 'Smell it before you taste it.',
        };
      if (stop.after !== 'bite')
        return { say: `Taste wine ${placeLetter(stop.place)} once more. What has changed?`, unsure: 'The wine is the same; the mouth is another.' };
      return stop.crossed === true
        ? {
            say: `Seats of odd numbers taste wine ${placeLetter(stop.place)} alone once more, then with ${stop.food ?? 'the bite'}; even ones with it first, then water, then alone.`,
            unsure: 'Two orders, so that what the order does and what the bite does can be told apart.',
          }
        : {
            say: `A bite of ${stop.food ?? 'the food'}, then wine ${placeLetter(stop.place)} again. What has changed?`,
            unsure: 'The wine is the same; the mouth is another.',
          };
    case 'reveal':
      return { say: 'Ask for the last calls, then uncover fact by fact.', unsure: 'A wrong call shows what the wine is like: ask what led there.' };
    case 'end':
      return { say: 'Walk back through the glasses, thank everybody, and see that nobody drives who should not.', unsure: '' };
  }
}
