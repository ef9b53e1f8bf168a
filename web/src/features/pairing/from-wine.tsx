'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { generalStyles } from '@rose/knowledge/styles/general';
import { examples } from '@rose/knowledge/styles/examples';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Picker } from '@/ui/picker';

const styles = generalStyles.map(({ id, name }) => ({ id: `style:${id}`, name, says: examples[id] ?? '', folded: fold(`${name} ${examples[id] ?? ''}`) }));
/** How long a hand must be still before the cellar is asked. */
const still = 200;

/** From a wine to food: a wine of the cellar by its name, or a general style by what it is met as. */
export function FromWine() {
  const router = useRouter();
  const [text, setText] = useState('');
  const [wines, setWines] = useState<readonly { id: string; name: string; says: string }[]>([]);
  useEffect(() => {
    if (text.trim() === '') {
      setWines([]);
      return;
    }
    const asked = new AbortController();
    const settled = setTimeout(() => {
      call(contract.today.search, { q: text }, { signal: asked.signal }).then(
        ({ found }) => setWines(found.filter(({ kind }) => kind === 'wine').map(({ id, name, says }) => ({ id: `wine:${id}`, name, says }))),
        () => setWines([]),
      );
    }, still);
    return () => {
      clearTimeout(settled);
      asked.abort();
    };
  }, [text]);
  const words = fold(text).split(' ').filter(Boolean);
  const kinds = styles.filter(({ folded }) => words.every((word) => folded.includes(word)));
  return (
    <Picker
      label="What do we eat with…"
      hint="a wine of the cellar, or a kind of wine"
      placeholder="Lamplighter, Chablis, Rioja"
      text={text}
      onText={setText}
      opens="focus"
      found={[
        { name: 'In the cellar', rows: wines },
        { name: 'Kinds of wine', rows: kinds },
      ].filter(({ rows }) => rows.length > 0)}
      empty="No wine of the cellar and no kind of wine is called that."
      onPick={(picked) => {
        const [kind, id] = [picked.slice(0, picked.indexOf(':')), picked.slice(picked.indexOf(':') + 1)];
        router.push(kind === 'wine' ? `/wines/${id}` : `/pairing/with/${id}`);
      }}
    />
  );
}
