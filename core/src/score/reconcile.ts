import type { DraftScore, gradeWord } from './scheme';

/** Marks of a hundred that two marks of one glass may lie apart and still say the same. */
const alike = 3;

/**
 * One line for a screen that shows three judgements of one glass: the taster's own mark, the draft of a sheet and the word of four traits. Where they agree
 * it says so; where they part, by how much, and what each of them counts.
 * @param mark the taster's own, 0–100
 */
export function reconciled(draft: DraftScore, mark: number | undefined, word: ReturnType<typeof gradeWord>): string {
  if (draft.out) return 'A faulty glass is not weighed: no mark of it is compared.';
  const scale = 100 / draft.best;
  const [low, high] = [draft.low * scale, draft.high * scale];
  const weakest = draft.criteria
    .flatMap((criterion) => (criterion.mark === null ? [] : [{ criterion, lost: criterion.best - criterion.mark }]))
    .sort((a, b) => b.lost - a.lost)[0];
  const costs =
    weakest === undefined || weakest.lost === 0
      ? ''
      : ` What costs it most there: ${weakest.criterion.section === weakest.criterion.label ? '' : `${weakest.criterion.section}, `}${weakest.criterion.label}, ${weakest.lost} of ${weakest.criterion.best}.`;
  const four =
    word === undefined
      ? ''
      : ` The word “${word.word}” weighs ${word.from.map((part) => part.replace(/ \d+$/, '')).join(', ')} alone; the sheet counts soundness and look as well.`;
  if (mark === undefined) return `The draft goes by the sheet alone.${costs}${four}`;
  const apart = mark < low - alike ? Math.round(low - mark) : mark > high + alike ? Math.round(mark - high) : 0;
  const by =
    apart === 0 ? 'Your mark and the draft agree.' : `Your mark lies ${apart} ${mark < low ? 'under' : 'over'} the draft: yours is the one that is kept.`;
  return `${by}${apart === 0 ? '' : costs}${four}`;
}
