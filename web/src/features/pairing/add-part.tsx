'use client';
import { useEffect, useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { cooking, ingredients, partKinds, type DishPart, type PartKind } from '@rose/knowledge/pairing';
import { namesOfPart } from '@rose/knowledge/pairing/find';
import { Picker } from '@/ui/picker';
import { partsInWords } from './part-names';

const everyPart = [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, names: namesOfPart(entry), kind: partKinds[entry.kind] as string })),
  ...cooking.map((entry) => ({ id: entry.id, name: entry.name, names: [entry.name], kind: 'Cooking' })),
];
/** How near a name is to what is typed: it begins so, one of its words does, it is somewhere within, or (infinite) not at all. */
function distance(name: string, wanted: string): number {
  const folded = fold(name);
  if (folded.startsWith(wanted)) return 0;
  if (folded.split(' ').some((word) => word.startsWith(wanted))) return 1;
  return folded.includes(wanted) ? 2 : Infinity;
}
/** A part as it is offered: under its own name, and with the word nearest to what is typed. */
function offered(entry: (typeof everyPart)[number], wanted: string) {
  if (wanted === '') return [{ id: entry.id, kind: entry.kind, far: 0, name: entry.name }];
  const named = entry.names.map((name) => ({ name, far: distance(name, wanted) })).toSorted((a, b) => a.far - b.far)[0];
  if (named === undefined || named.far === Infinity) return [];
  return [{ id: entry.id, kind: entry.kind, far: named.far, name: named.name === entry.name ? named.name : `${named.name}: ${entry.name}` }];
}
type Reader = typeof import('@rose/knowledge/dishes/read-line');
/** Who reads lines, with every dish by name: fetched when there is a line to read. */
function useReader(wanted: boolean): Reader | undefined {
  const [reader, setReader] = useState<Reader>();
  useEffect(() => {
    if (wanted) void import('@rose/knowledge/dishes/read-line').then(setReader);
  }, [wanted]);
  return reader;
}
/** What is read as a line rather than found as one part. */
const asLine = 'as-a-line';
/** Finds a part by a word of its name, or reads a line as several, and hands them on. */
export function AddPart({ onAdd }: { onAdd: (parts: readonly DishPart[]) => void }) {
  const [text, setText] = useState('');
  const [lost, setLost] = useState<readonly string[]>([]);
  const wanted = fold(text);
  const found = everyPart.flatMap((entry) => offered(entry, wanted)).toSorted((a, b) => a.far - b.far);
  const reader = useReader(wanted.includes(' '));
  const read = wanted.includes(' ') ? reader?.readLine(text) : undefined;
  const line = read !== undefined && (read.parts.length > 1 || (found.length === 0 && read.parts.length === 1)) ? read : undefined;
  const groups = [
    ...(line === undefined ? [] : [{ name: 'As a line', rows: [{ id: asLine, name: partsInWords(line.parts), says: '' }] }]),
    ...[...(Object.keys(partKinds) as PartKind[]).map((kind) => partKinds[kind] as string), 'Cooking']
      .map((kind) => ({ name: kind, rows: found.filter((entry) => entry.kind === kind) }))
      .filter((group) => group.rows.length > 0),
  ];
  return (
    <>
      <Picker
        label="Add a part: base, cooking, fat, sauce, seasoning, garnish, side"
        placeholder="octopus, charred on coals, olive oil"
        text={text}
        onText={setText}
        opens="focus"
        found={groups}
        empty="No part like that."
        onPick={(id) => {
          onAdd(id === asLine && line !== undefined ? line.parts : [{ part: id }]);
          setLost(id === asLine && line !== undefined ? line.notUnderstood : []);
          setText('');
        }}
      />
      {lost.length > 0 && (
        <p className="soft" role="status">
          Not understood: {lost.map((word) => `“${word}”`).join(', ')}. Say it another way.
        </p>
      )}
    </>
  );
}
