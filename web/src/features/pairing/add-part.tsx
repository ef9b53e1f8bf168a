'use client';
import { useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { cooking, ingredients, partKinds, type PartKind } from '@rose/knowledge/pairing';
import { Picker } from '@/ui/picker';

const everyPart = [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, kind: partKinds[entry.kind] as string })),
  ...cooking.map((entry) => ({ id: entry.id, name: entry.name, kind: 'Cooking' })),
];
/** Finds a part by a word of its name and hands its id on. */
export function AddPart({ onAdd }: { onAdd: (part: string) => void }) {
  const [text, setText] = useState('');
  const wanted = fold(text);
  const found = everyPart.filter(
    (entry) =>
      wanted === '' ||
      fold(entry.name)
        .split(' ')
        .some((word) => word.startsWith(wanted)) ||
      fold(entry.name).includes(wanted),
  );
  const groups = [...(Object.keys(partKinds) as PartKind[]).map((kind) => partKinds[kind] as string), 'Cooking']
    .map((kind) => ({ name: kind, rows: found.filter((entry) => entry.kind === kind) }))
    .filter((group) => group.rows.length > 0);
  return (
    <Picker
      label="Add a part: base, cooking, fat, sauce, seasoning, garnish, side"
      placeholder="octopus, charred on coals, olive oil"
      text={text}
      onText={setText}
      opens="focus"
      found={groups}
      empty="No part like that."
      onPick={(id) => {
        onAdd(id);
        setText('');
      }}
    />
  );
}
