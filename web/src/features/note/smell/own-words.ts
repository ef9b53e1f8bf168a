'use client';
import { useEffect, useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';

type Words = ReadonlyMap<string, string>;
/** The venue's own words, fetched once a page: a word by itself folded, and the term it is nearest to. */
let fetched: Promise<Words> | undefined;
const read = () => call(contract.descriptor.learnt, {}).then(({ words }) => new Map(words.map(({ word, term }) => [word, term])));

/** What a word of the venue's own is nearest to, as far as anybody said; and the way to say it. Without a network no word is known, and typing goes on. */
export function useOwnWords(): { readonly nearest: (word: string) => string | undefined; readonly learn: (word: string, term: string) => void } {
  const [words, setWords] = useState<Words>(new Map());
  useEffect(() => {
    let there = true;
    fetched ??= read();
    fetched.then(
      (found) => there && setWords(found),
      () => (fetched = undefined),
    );
    return () => {
      there = false;
    };
  }, []);
  return {
    nearest: (word) => words.get(fold(word)),
    learn: (word, term) => {
      const next = new Map(words).set(fold(word), term);
      setWords(next);
      fetched = Promise.resolve(next);
      void call(contract.descriptor.learn, { word, term }).catch(() => undefined);
    },
  };
}
