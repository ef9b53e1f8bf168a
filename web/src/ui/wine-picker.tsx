'use client';
import { useEffect, useState } from 'react';
import type { WineSummary } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from './api';
import { Picker } from './picker';

/** Finds a wine of the cellar by name, maker, grape or place, and hands it on. */
export function WinePicker({ label, taken, onPick }: { label: string; taken: readonly string[]; onPick: (wine: WineSummary) => void }) {
  const [text, setText] = useState('');
  const [found, setFound] = useState<readonly WineSummary[]>([]);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const controller = new AbortController();
    const timer = setTimeout(
      () =>
        void call(contract.wine.list, { q: text, limit: 20 }, { signal: controller.signal }).then(
          (page) => {
            setFound(page.items);
            setTrouble('');
          },
          (error: Error) => controller.signal.aborted || setTrouble(error.message),
        ),
      150,
    );
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [text]);
  return (
    <Picker
      label={label}
      placeholder="name, maker, grape or place"
      text={text}
      onText={setText}
      opens="focus"
      found={found
        .filter((wine) => !taken.includes(wine.id))
        .map(({ id, name, grapes, vintage }) => ({ id, name, says: [grapes, vintage].filter((part) => part !== '').join(' · ') }))}
      empty={trouble === '' ? 'No wine like that in the cellar.' : `The cellar could not be read: ${trouble}`}
      onPick={(id) => {
        onPick(found.find((wine) => wine.id === id)!);
        setText('');
      }}
    />
  );
}
