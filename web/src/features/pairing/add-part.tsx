'use client';
import { useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { cooking, ingredients, partKinds, type PartKind } from '@rose/knowledge/pairing';
import { namesOfPart } from '@rose/knowledge/pairing/find';
import { Picker } from '@/ui/picker';

const everyPart = [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, names: namesOfPart(entry), kind: partKinds[entry.kind] as string })),
  ...cooking.map((entry) => ({ id: entry.id, name: entry.name, names: [entry.name], kind: 'Cooking' })),
];
/** Whether a name answers what is typed: by the beginning of one of its words, or anywhere. */
const answers = (name: string, wanted: string): boolean =>
  fold(name)
    .split(' ')
    .some((word) => word.startsWith(wanted)) || fold(name).includes(wanted);
/** A part as it is offered: under its own name, and with the word it was found by. */
function offered(entry: (typeof everyPart)[number], wanted: string) {
  const by = wanted === '' ? entry.name : entry.names.find((name) => answers(name, wanted));
  return by === undefined ? [] : [{ id: entry.id, kind: entry.kind, name: by === entry.name ? by : `${by}: ${entry.name}` }];
}
/** Finds a part by a word of its name and hands its id on. */
export function AddPart({ onAdd }: { onAdd: (part: string) => void }) {
  const [text, setText] = useState('');
  const wanted = fold(text);
  const found = everyPart.flatMap((entry) => offered(entry, wanted));
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
