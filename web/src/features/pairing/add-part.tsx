'use client';
import { useEffect, useMemo, useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { cooking, ingredients, partKinds, type DishPart, type PartKind } from '@rose/knowledge/pairing';
import { Picker } from '@/ui/picker';
import { partsInWords } from './part-names';

interface Offer {
  readonly id: string;
  readonly name: string;
  /** All it is called. */
  readonly names: readonly string[];
  readonly kind: string;
}
/** Every part with its names: its own at once, the other words for it when the finder has come. */
const everyPart = (find: Finder | undefined): readonly Offer[] => [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, names: find?.namesOfPart(entry) ?? [entry.name], kind: partKinds[entry.kind] })),
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
function offered(entry: Offer, wanted: string) {
  if (wanted === '') return [{ id: entry.id, kind: entry.kind, far: 0, name: entry.name }];
  const named = entry.names.map((name) => ({ name, far: distance(name, wanted) })).toSorted((a, b) => a.far - b.far)[0];
  if (named === undefined || named.far === Infinity) return [];
  return [{ id: entry.id, kind: entry.kind, far: named.far, name: named.name === entry.name ? named.name : `${named.name}: ${entry.name}` }];
}
type Finder = typeof import('@rose/knowledge/pairing/find');
type Reader = typeof import('@rose/knowledge/dishes/read-line');
/** Who knows the other words for parts, and who reads lines: each fetched when it is wanted first. */
function useFetched<M>(wanted: boolean, fetching: () => Promise<M>): M | undefined {
  const [fetched, setFetched] = useState<{ readonly module: M }>();
  useEffect(() => {
    if (wanted) void fetching().then((module) => setFetched({ module }));
  }, [wanted, fetching]);
  return fetched?.module;
}
const finder = (): Promise<Finder> => import('@rose/knowledge/pairing/find');
const lineReader = (): Promise<Reader> => import('@rose/knowledge/dishes/read-line');
/** What is read as a line rather than found as one part. */
const asLine = 'as-a-line';
/** Finds a part by a word of its name, or reads a line as several, and hands them on. */
export function AddPart({ onAdd }: { onAdd: (parts: readonly DishPart[]) => void }) {
  const [text, setText] = useState('');
  const [lost, setLost] = useState<readonly string[]>([]);
  const wanted = fold(text);
  const names = useFetched(wanted !== '', finder);
  const parts = useMemo(() => everyPart(names), [names]);
  const found = parts.flatMap((entry) => offered(entry, wanted)).toSorted((a, b) => a.far - b.far);
  const reader = useFetched(wanted.includes(' '), lineReader);
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
