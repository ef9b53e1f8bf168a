'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { Autocomplete } from 'react-aria-components/Autocomplete';
import { Header } from 'react-aria-components/Header';
import { Input } from 'react-aria-components/Input';
import { ListBox, ListBoxItem, ListBoxSection } from 'react-aria-components/ListBox';
import { TextField } from 'react-aria-components/TextField';
import styled from 'styled-components';
import { fold } from '@rose/core/wine/search-folding';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import type { Right } from '@/contract/roles';
import { call } from './api';
import { useMayEach } from './here';
import { SheetOverPage } from './sheet';
import { rowOver } from './looks';

const Body = styled.div`
  display: grid;
  gap: 10px;
  input {
    width: 100%;
    min-height: 48px;
    padding: 8px 14px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--paper);
    font-size: 1.0625rem;
  }
  input::-webkit-search-cancel-button {
    display: none;
  }
  [role='listbox'] {
    max-height: min(52vh, 460px);
    overflow: auto;
    outline: none;
  }
  header {
    padding: 10px 10px 2px;
    font-size: 0.8125rem;
    color: var(--soft);
  }
  [role='option'] {
    display: flex;
    align-items: baseline;
    gap: 10px;
    ${rowOver}
  }
  [role='option'] span {
    font: 500 1.0625rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .empty {
    color: var(--soft);
    padding: 10px;
    margin: 0;
  }
`;
type Found = AnswerOf<'today', 'search'>['found'][number];
/** Where a thing that was found lies. */
const leadsTo = { wine: '/wines/', flight: '/flights/', dish: '/pairing/', menu: '/pairing/menus/', note: '/notes/' } as const satisfies Record<
  Found['kind'],
  string
>;
const kindNames = { wine: 'Wines', flight: 'Flights', dish: 'Dishes', menu: 'Menus', note: 'Notes' } as const satisfies Record<Found['kind'], string>;

interface Act {
  readonly id: string;
  readonly name: string;
  /** Other words it is looked for by. */
  readonly also: string;
  readonly to: string;
  readonly right?: Right;
}
/** What can be done or opened from anywhere; one more is a line here. */
const acts: readonly Act[] = [
  { id: 'today', name: 'Today', also: 'home start', to: '/' },
  { id: 'plan', name: 'Plan a flight', also: 'new tasting evening', to: '/flights/new', right: 'flight.edit' },
  { id: 'add', name: 'Add a wine', also: 'new bottle', to: '/wines/new', right: 'cellar.edit' },
  { id: 'assess', name: 'Assess a glass', also: 'taste note new', to: '/notebook' },
  { id: 'deal', name: 'Deal hidden glasses', also: 'blind bags', to: '/notes/deal' },
  { id: 'import', name: 'Bring in a list', also: 'import csv cellar', to: '/wines/import', right: 'cellar.edit' },
  { id: 'dish', name: 'Build a dish', also: 'new food pairing', to: '/pairing/new', right: 'dish.edit' },
  { id: 'menu', name: 'Plan a menu', also: 'new courses dinner food', to: '/pairing/menus/new', right: 'dish.edit' },
  { id: 'cellar', name: 'Cellar', also: 'wines bottles', to: '/cellar' },
  { id: 'flights', name: 'Flights', also: 'tastings evenings', to: '/flights' },
  { id: 'table', name: 'Table', also: 'dishes food pairing', to: '/pairing' },
  { id: 'notebook', name: 'Notebook', also: 'notes', to: '/notebook' },
  { id: 'venue', name: 'Settings: the venue', also: 'name country currency time zone measures', to: '/settings' },
  { id: 'evening', name: 'Settings: an evening', also: 'fridge bucket glasses hands room costs probe bread ice', to: '/settings/evening' },
  { id: 'people', name: 'Settings: people', also: 'invite members helper host', to: '/settings/people' },
  { id: 'tasting', name: 'Settings: ways of tasting', also: 'routines marks schools sheets', to: '/settings/tasting' },
  { id: 'programs', name: 'Settings: programs', also: 'tokens api export json csv', to: '/settings/programs' },
];
/** Of the acts so many beside what was found. */
const mostActs = 6;

/** Finds anything by its name: wines, flights, dishes, notes, settings and acts. `early` is what was typed while this came. */
export function FindSheet({ early, close }: { early: string; close: () => void }) {
  const router = useRouter();
  const may = useMayEach();
  const [text, setText] = useState('');
  const taken = useRef(0);
  useEffect(() => {
    const more = early.slice(taken.current);
    taken.current = early.length;
    if (more !== '') setText((now) => now + more);
  }, [early]);
  const [found, setFound] = useState<readonly Found[]>([]);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const asked = new AbortController();
    if (text.trim() === '') setFound([]);
    else
      void call(contract.today.search, { q: text }, { signal: asked.signal }).then(
        (answer) => {
          setFound(answer.found);
          setTrouble('');
        },
        (error: Error) => asked.signal.aborted || setTrouble(error.message),
      );
    return () => asked.abort();
  }, [text]);
  const words = fold(text).split(' ');
  const offered = acts
    .filter((act) => act.right === undefined || may(act.right))
    .filter((act) => words.every((word) => fold(`${act.name} ${act.also}`).includes(word)))
    .slice(0, text.trim() === '' ? acts.length : mostActs);
  const go = (to: string) => {
    close();
    router.push(to);
  };
  const kinds = (Object.keys(kindNames) as Found['kind'][]).filter((kind) => found.some((entry) => entry.kind === kind));
  return (
    <SheetOverPage label="Go to" place="middle" close={close}>
      <Body>
        <Autocomplete inputValue={text} onInputChange={setText}>
          <TextField aria-label="Go to a wine, a flight, a dish, a note, a setting or an act" autoFocus>
            <Input placeholder="a wine, a flight, a dish, a note, something to do" />
          </TextField>
          <ListBox
            aria-label="Found"
            selectionMode="none"
            onAction={(key) => {
              const id = String(key);
              const act = acts.find((entry) => entry.id === id);
              const thing = found.find((entry) => `${entry.kind} ${entry.id}` === id);
              if (act !== undefined) go(act.to);
              else if (thing !== undefined) go(leadsTo[thing.kind] + thing.id);
            }}
            renderEmptyState={() => <p className="empty">{trouble === '' ? 'Nothing is called that here.' : trouble}</p>}
          >
            {kinds.map((kind) => (
              <ListBoxSection key={kind} id={kind}>
                <Header>{kindNames[kind]}</Header>
                {found
                  .filter((entry) => entry.kind === kind)
                  .map((entry) => (
                    <ListBoxItem key={entry.id} id={`${entry.kind} ${entry.id}`} textValue={entry.name}>
                      <span>{entry.name}</span>
                      <small>{entry.says}</small>
                    </ListBoxItem>
                  ))}
              </ListBoxSection>
            ))}
            {offered.length > 0 && (
              <ListBoxSection id="acts">
                <Header>Do and open</Header>
                {offered.map((act) => (
                  <ListBoxItem key={act.id} id={act.id} textValue={act.name}>
                    <span>{act.name}</span>
                  </ListBoxItem>
                ))}
              </ListBoxSection>
            )}
          </ListBox>
        </Autocomplete>
      </Body>
    </SheetOverPage>
  );
}
