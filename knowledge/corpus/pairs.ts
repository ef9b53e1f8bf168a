import type { NoteCase, PairCase, Synonyms } from './cases';
import type { Expectation } from './score';

/** Two records and a question on both. */
export function judgePair({ id, pair, question, answer, certainty }: PairCase, _notes: readonly NoteCase[], _synonyms: Synonyms): Expectation {
  return {
    group: 'pairs',
    key: `${id} ${question}`,
    right: 0,
    certainty,
    wanted: `${question} of ${pair.join(' and ')}: ${answer}`,
    said: 'two records are not compared yet',
  };
}
