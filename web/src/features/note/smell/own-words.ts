'use client';
import { useEffect, useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { useHere } from '@/ui/here';

type Words = ReadonlyMap<string, string>;
/** The own words of the venue one is in, fetched once: a word by itself folded, and the term it is nearest to. */
let fetched: { readonly venue: string; readonly words: Promise<Words> } | undefined;
const read = () => call(contract.descriptor.learnt, {}).then(({ words }): Words => new Map(words.map(({ word, term }) => [word, term])));
function wordsOf(venue: string): Promise<Words> {
  if (fetched?.venue !== venue) fetched = { venue, words: read() };
  return fetched.words;
}

/** What a word of the venue's own is nearest to, as far as anybody said; and the way to say it, which fails where it was not kept. Without a network no word is known, and typing goes on. */
export function useOwnWords(): { readonly nearest: (word: string) => string | undefined; readonly learn: (word: string, term: string) => Promise<void> } {
  const { venue, role } = useHere();
  const [words, setWords] = useState<Words>(new Map());
  useEffect(() => {
    // A guest of one evening has no part in the venue’s words.
    if (role === null) return;
    let there = true;
    wordsOf(venue).then(
      (found) => there && setWords(found),
      () => {
        // Asked for again by the next box.
        fetched = undefined;
      },
    );
    return () => {
      there = false;
    };
  }, [venue, role]);
  return {
    nearest: (word) => words.get(fold(word)),
    async learn(word, term) {
      if (role === null) return;
      await call(contract.descriptor.learn, { word, term });
      const next = new Map(words).set(fold(word), term);
      fetched = { venue, words: Promise.resolve(next) };
      setWords(next);
    },
  };
}
