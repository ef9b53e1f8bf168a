import { descriptorOrigins, descriptors, families } from '@rose/knowledge/smells/data';
import { explained } from '@rose/knowledge/smells/explained';
import { completions } from '@rose/knowledge/smells/index';
import { and, asc, eq } from 'drizzle-orm';
import { fold } from '@rose/core/wine/search-folding';
import { descriptor } from '@rose/knowledge/smells/index';
import { contract } from '../../contract';
import { ownWord } from '../../db/schema';
import { ok, serve } from '../command';
import { Problem, badField } from '../problem';

export const listDescriptors = serve(contract.descriptor.list, async (_db, _actor, { q }) => {
  const found = q.trim() === '' ? descriptors : completions(q).map((entry) => entry.descriptor);
  return {
    descriptors: found.map(({ id, name, family, origin, synonyms }) => ({
      id,
      name,
      family: families[family].label,
      origin: descriptorOrigins[origin],
      synonyms: [...synonyms],
      explained: explained[id] ?? null,
    })),
  };
});

/** So many words of its own a venue may have: more than any has, and little to carry to a phone. */
const wordsAtMost = 500;
export const learntWords = serve(contract.descriptor.learnt, async (db, { venueId }) => ({
  words: await db
    .select({ word: ownWord.word, term: ownWord.term })
    .from(ownWord)
    .where(eq(ownWord.venueId, venueId))
    .orderBy(asc(ownWord.word))
    .limit(wordsAtMost),
}));
export const learnWord = serve(contract.descriptor.learn, async (tx, { venueId, name }, input) => {
  const word = fold(input.word);
  if (word === '') throw badField('word', 'has no letters');
  if (input.term === undefined) {
    await tx.delete(ownWord).where(and(eq(ownWord.venueId, venueId), eq(ownWord.word, word)));
    return ok;
  }
  if (descriptor(input.term) === undefined) throw badField('term', 'is no word of the vocabulary');
  if ((await tx.$count(ownWord, eq(ownWord.venueId, venueId))) >= wordsAtMost)
    throw new Problem(409, 'full', `A venue keeps ${wordsAtMost} words of its own: forget one first.`);
  await tx
    .insert(ownWord)
    .values({ venueId, word, term: input.term, taughtBy: name })
    .onConflictDoUpdate({ target: [ownWord.venueId, ownWord.word], set: { term: input.term, taughtBy: name, taughtAt: new Date() } });
  return ok;
});
