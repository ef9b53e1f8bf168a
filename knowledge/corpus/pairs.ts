import { pairFromNotes, type NoteQuestion } from '../src/pair-answers/from-notes';
import type { NoteCase, PairCase, Synonyms } from './cases';
import { noteOf } from './notes';
import type { Expectation } from './score';

const questions: Readonly<Record<string, NoteQuestion>> = {
  dearer: 'dearer',
  older: 'older',
  'more oak': 'oak',
  stronger: 'stronger',
  'same grape': 'sameGrape',
};

/** Two records and a question on both. */
export function judgePair({ id, pair, question, answer, certainty }: PairCase, notes: readonly NoteCase[], synonyms: Synonyms): Expectation {
  const shared = { group: 'pairs' as const, key: `${id} ${question}`, certainty, wanted: `${question} of ${pair.join(' and ')}: ${answer}` };
  const asked = questions[question];
  const [left, right] = pair.map((note) => notes.find((entry) => entry.id === note));
  if (asked === undefined || left === undefined || right === undefined) return { ...shared, right: 0, said: 'nothing', notPlaced: question };
  const found = pairFromNotes(asked, noteOf(left, synonyms).note, noteOf(right, synonyms).note);
  const said = found.answer === null ? 'cannot tell' : asked === 'sameGrape' ? (found.answer === 1 ? 'yes' : 'no') : found.answer === 1 ? 'B' : 'A';
  return {
    ...shared,
    right: Number(said === answer),
    said: `${said} (${Math.round(100 * found.chance)} %)`,
    because: found.bits.map(({ what, push }) => `${what} ${push.toFixed(1)}`),
  };
}
