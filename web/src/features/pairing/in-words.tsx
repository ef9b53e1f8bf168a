'use client';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { bandOf, shownFit } from '@rose/core/pairing/dish-fit';
import { capital, counted } from '@rose/core/wine/plural';
import { dishOf, styleWines } from '@rose/knowledge/pairing';
import { fitOf } from '@rose/core/pairing/dish-fit';
import { examples } from '@rose/knowledge/styles/examples';
import { menuLines, readLine, type ReadDish } from '@rose/knowledge/dishes/read-line';
import { v4, v7 } from 'uuid';
import { emptyMenu, mostCourses, type MenuDocument } from '@rose/core/menu/menu-document';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextArea, Trouble } from '@/ui/field';
import { useHere } from '@/ui/here';
import { keepInTab, keptInTab } from '@/ui/kept-on-device';
import { dishOfParts, partRows, useMakeDishes } from '@/ui/start-dish';
import { partsInWords } from './part-names';

const Read = styled.ol`
  list-style: none;
  margin: 10px 0;
  padding: 0;
  max-width: 880px;
  li {
    padding: 10px 0;
    border-top: 1px solid var(--line);
  }
  .name {
    font: 500 1.1875rem/1.25 var(--serif);
  }
  .soft {
    font-size: 0.875rem;
    display: block;
  }
  .ask {
    color: var(--amber);
    font-size: 0.875rem;
    display: block;
  }
`;
/** What a line was read as, and the style that fits it best. */
interface Line {
  readonly read: ReadDish;
  readonly best: { readonly id: string; readonly name: string; readonly fit: number } | undefined;
}
function lineOf(text: string): Line {
  const read = readLine(text);
  const plate = dishOf(read.parts);
  if (plate.empty) return { read, best: undefined };
  const best = styleWines.map((wine) => ({ id: wine.id, name: wine.name, fit: fitOf(plate, wine).fit })).reduce((top, one) => (one.fit > top.fit ? one : top));
  return { read, best };
}

/** A dish in one line, or a menu with a dish a line: read as one types, each with what was understood and what was not, and the wine that comes first. */
export function InWords() {
  const router = useRouter();
  const [text, setText] = useState('');
  const { venue } = useHere();
  const keptAs = `dishes-in-words/${venue}`;
  // A menu that was typed or pasted is there again after a reload.
  useEffect(() => setText(keptInTab(keptAs) ?? ''), [keptAs]);
  const ask = (next: string) => {
    setText(next);
    keepInTab(keptAs, next);
  };
  const { make, trouble, making } = useMakeDishes();
  const [refused, setRefused] = useState('');
  const asked = useDeferredValue(text);
  const lines = useMemo(() => menuLines(asked).map(lineOf), [asked]);
  const dishes = lines.filter(({ read }) => read.parts.length > 0);
  const build = () =>
    make(
      dishes.map(({ read }) => dishOfParts(read.name, read.parts, read.notUnderstood.length === 0 ? '' : `Not understood: ${read.notUnderstood.join(', ')}`)),
      (ids) => {
        ask('');
        if (ids.length === 1) router.push(`/pairing/${ids[0]}`);
        else router.refresh();
      },
    );
  const asMenu = () => {
    const id = v7();
    const document: MenuDocument = {
      ...emptyMenu,
      name: `Menu: ${capital(dishes[0]!.read.name)}`.slice(0, 200),
      courses: dishes.slice(0, mostCourses).map(({ read }) => ({ id: v4(), name: capital(read.name), parts: partRows(read.parts) })),
    };
    call(contract.menu.save, { id, writeId: v4(), baseRevision: 0, document }).then(
      () => {
        ask('');
        router.push(`/pairing/menus/${id}`);
      },
      (error: Error) => setRefused(error.message),
    );
  };
  return (
    <div style={{ maxWidth: 880 }}>
      <TextArea
        label="What do we drink with…"
        hint="a dish in one line, or a menu with a dish a line"
        value={text}
        onChange={ask}
        rows={text.includes('\n') ? 6 : 2}
      />
      {lines.length > 0 && (
        <Read aria-label="As it was read" aria-live="polite">
          {lines.map(({ read, best }, i) => (
            <li key={i}>
              <span className="name">{read.name}</span>
              {read.parts.length === 0 ? (
                <span className="ask">Nothing in this line is a food the tables know.</span>
              ) : (
                <>
                  <span className="soft">
                    {partsInWords(read.parts.filter(({ usual }) => !usual))}
                    {read.named !== undefined && read.parts.some(({ usual }) => usual) && (
                      <>
                        {read.parts.some(({ usual }) => !usual) ? '; ' : ''}as it is usually made: {partsInWords(read.parts.filter(({ usual }) => usual))}
                      </>
                    )}
                    {read.without.length > 0 && <>; without {partsInWords(read.without.map((part) => ({ part })))}</>}
                  </span>
                  {best !== undefined && (
                    <span>
                      <strong>{best.name}</strong>
                      {examples[best.id] === undefined ? '' : ` (${examples[best.id]})`}: {bandOf(best.fit).name}, {Math.round(shownFit(best.fit))} of 100
                    </span>
                  )}
                </>
              )}
              {read.notUnderstood.length > 0 && (
                <span className="ask">
                  Not understood: {read.notUnderstood.map((word) => `“${word}”`).join(', ')}. Say it another way, or add it to the dish by hand.
                </span>
              )}
            </li>
          ))}
        </Read>
      )}
      {dishes.length > 0 && (
        <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
          {dishes.length > 1 && (
            <Button tone="strong" onPress={asMenu} disabled={making}>
              {dishes.length <= mostCourses ? 'Make a menu of them' : `Make a menu of the first ${mostCourses}`}
            </Button>
          )}
          <Button tone={dishes.length === 1 ? 'strong' : 'plain'} onPress={build} disabled={making}>
            {dishes.length === 1 ? 'Build it, and see every wine' : `Build ${counted(dishes.length, 'dish')}`}
          </Button>
        </div>
      )}
      {(trouble !== '' || refused !== '') && <Trouble role="alert">{trouble || refused}</Trouble>}
    </div>
  );
}
