'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { glassColour } from '@rose/core/appearance/colour';
import { colourWord } from '@rose/core/wine/colour-class';
import { glassTitle, momentInWords, moments } from '@rose/core/wine/note';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { searchOf } from '@/ui/search';
import type { NoteFilters, AnswerOf } from '@/contract/answers';
import { Button } from '@/ui/button';
import { MenuButton } from '@/ui/menu';
import { counted } from '@rose/core/wine/plural';
import { CheckBox } from '@/ui/check-box';
import { DayField } from '@/ui/date-field';
import { SelectField } from '@/ui/select-field';
import { Frame, Page } from '@/ui/frame';
import { Glass } from '@/ui/glass';
import { useMay } from '@/ui/here';
import { Filters, ListEnd, useListPage } from '@/ui/list-page';
import { petalsOfNote } from '@rose/core/rose/rose';
import { Rose } from '@/ui/rose';
import { Begin } from './begin';
import { dayInWords } from '@rose/core/wine/day';

type NotebookPage = AnswerOf<'note', 'list'>;
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: 30px 44px 60px minmax(0, 1fr) 76px;
    gap: 14px;
    padding: 14px 4px;
    border-bottom: 1px solid var(--line);
    align-items: start;
  }
  .name {
    font: 500 1.25rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
    text-decoration: none;
  }
  .name:hover {
    text-decoration: underline;
  }
  .text {
    font: 400 1.03125rem/1.45 var(--serif);
    font-variant-numeric: lining-nums;
    margin: 3px 0 0;
  }
  .mark {
    font: 600 1.5rem/1.1 var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    display: block;
    font: 400 0.8125rem var(--sans);
  }
  input {
    width: 20px;
    height: 20px;
    margin-top: 10px;
    accent-color: var(--madder);
  }
  @media (max-width: 47.5em) {
    li {
      grid-template-columns: 26px minmax(0, 1fr) auto;
    }
    .wide {
      display: none;
    }
  }
`;

const Planned = dynamic(() => import('./planned').then((module) => module.Planned), { ssr: false });

export function Notebook({ first, filters, looks }: { first: NotebookPage; filters: NoteFilters; looks: AnswerOf<'note', 'planned'>['looks'] }) {
  const router = useRouter();
  const leads = useMay('tasting.lead');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const page = useListPage({ path: '/notebook', more: (input) => call(contract.note.list, input), first, filters, limit: 30 });
  const { items: notes, ask, asked } = page;
  const query = searchOf(filters);
  return (
    <Frame keys={{ '/': 'search' }}>
      <Page>
        <div className="title">
          <h1>Notebook</h1>
          <span className="soft">{first.countIsExact ? counted(first.count, 'note') : `more than ${first.count.toLocaleString('en-GB')} notes`}</span>
          <div className="actions">
            {first.count > 0 && (
              <MenuButton
                label="Export the notes shown"
                entries={(['json', 'csv', 'md'] as const).map((format) => ({
                  id: format,
                  says: { json: 'as JSON', csv: 'as CSV', md: 'as Markdown' }[format],
                  fetches: `/api/v1/notes/exports/${format}${query.size > 0 ? `?${query}` : ''}`,
                }))}
              >
                Export
              </MenuButton>
            )}
            {picked.length > 0 && (
              <Button disabled={picked.length !== 2} onPress={() => router.push(`/notebook/compare?left=${picked[0]}&right=${picked[1]}`)}>
                {picked.length === 2 ? 'Compare the two' : 'Choose another to compare'}
              </Button>
            )}
          </div>
        </div>
        <Begin />
        {looks.length > 0 && <Planned looks={looks} />}
        {(first.count > 0 || Object.keys(filters).length > 0) && (
          <Filters page={page} hint="smells, words, wines, grapes" set={Object.keys(filters).filter((key) => key !== 'q').length}>
            <SelectField label="Colour" value={asked.colour ?? ''} onChange={(colour) => ask({ colour })} empty="any" options={colourWord} />
            <SelectField
              label="Mark"
              value={String(asked.least ?? '')}
              onChange={(least) => ask({ least })}
              empty="any"
              options={{ 70: '70 or more', 80: '80 or more', 85: '85 or more', 90: '90 or more', 95: '95 or more' }}
            />
            <SelectField label="Buy it?" value={asked.buy ?? ''} onChange={(buy) => ask({ buy })} empty="any" options={{ yes: 'yes', perhaps: 'perhaps' }} />
            <SelectField label="Whose" value={asked.mine ?? ''} onChange={(mine) => ask({ mine })} empty="everybody’s" options={{ yes: 'mine' }} />
            <SelectField
              label="Tasters"
              value={asked.clear ?? ''}
              onChange={(clear) => ask({ clear })}
              empty="in any state"
              options={{ yes: 'without cold, coffee, toothpaste, perfume' }}
            />
            <DayField label="From" value={asked.from ?? ''} onChange={(from) => ask({ from })} />
            <DayField label="To" value={asked.to ?? ''} onChange={(to) => ask({ to })} />
          </Filters>
        )}
        {notes.length === 0 ? (
          <p className="soft">
            {Object.keys(filters).length > 0
              ? 'No note fits this. Take a filter or a word away.'
              : 'No notes yet. Write a name above and assess the glass; the rest can come later.'}
          </p>
        ) : (
          <List>
            {notes.map((note) => {
              const title = glassTitle(note);
              return (
                <li key={note.id}>
                  <CheckBox
                    label={`Compare ${title} by ${note.taster}`}
                    checked={picked.includes(note.id)}
                    onChange={() => setPicked(picked.includes(note.id) ? picked.filter((id) => id !== note.id) : [...picked.slice(-1), note.id])}
                  />
                  <span className="wide">
                    <Glass stops={glassColour(note.document.observed)?.stops} size={40} label="" />
                  </span>
                  <span className="wide">
                    <Rose size={56} title={title} petals={petalsOfNote(note.document)} />
                  </span>
                  <span>
                    <Link className="name" href={`/notes/${note.id}`} prefetch={false}>
                      {title}
                      {note.wine?.vintage == null ? '' : ` ${note.wine.vintage}`}
                    </Link>
                    <small>
                      {note.taster} · {dayInWords(note.day)}
                      {note.moment === 'first' ? '' : ` · ${momentInWords(note.moment, note.document.food)}`}
                      {note.wine === null ? ' · label hidden' : ` · ${note.wine.producer}`}
                    </small>
                    <p className="text">
                      {note.hiddenFor !== null ? (
                        <>
                          Hidden until you are done with <Link href={`/notes/${note.hiddenFor.id}`}>{moments[note.hiddenFor.moment]}</Link>.
                        </>
                      ) : note.text === '' ? (
                        'Nothing recorded yet.'
                      ) : note.text.length > 320 ? (
                        `${note.text.slice(0, 320)}…`
                      ) : (
                        note.text
                      )}
                    </p>
                  </span>
                  <span className="mark">
                    {note.quality ?? '–'}
                    <small>of 100</small>
                  </span>
                </li>
              );
            })}
          </List>
        )}
        <ListEnd page={page} says={`${notes.length} shown`} />
        <p>
          <Link href="/notebook/claims" style={{ display: 'inline-block', padding: '10px 0' }}>
            Said of wine, and not so
          </Link>{' '}
          <Link href="/notebook/calls" style={{ display: 'inline-block', padding: '10px 14px' }}>
            Your calls on pairs
          </Link>{' '}
          {leads && (
            <Link href="/notebook/courses" style={{ display: 'inline-block', padding: '10px 0' }}>
              Courses
            </Link>
          )}
        </p>
      </Page>
    </Frame>
  );
}
