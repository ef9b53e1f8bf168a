'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { moments } from '@rose/core/wine/note';
import { counted } from '@rose/core/wine/plural';
import { dayInWords } from '@rose/core/wine/day';
import type { LoadedFlight } from '@/features/shared-flight/use-flight';
import type { AnswerOf } from '@/contract/answers';
import { ButtonLink } from '@/ui/button-link';
import { Frame, Page } from '@/ui/frame';
import { useHere, useMay } from '@/ui/here';
import { Doors, WinesToPlayWith } from './doors';
import { NextEvening } from './next-evening';

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 10px 54px;
  align-items: start;
  @media (max-width: 53.75em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Waiting = styled.section`
  margin-bottom: 26px;
  h2 {
    font-size: 1.25rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 6px;
    margin: 0;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  a {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 14px;
    align-items: baseline;
    padding: 9px 0;
    min-height: 44px;
    border-bottom: 1px solid var(--line);
    text-decoration: none;
  }
  a:hover .name {
    text-decoration: underline;
  }
  .name {
    font: 500 1.125rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;
type View = AnswerOf<'today', 'get'>;
const Part = ({ name, children }: { name: string; children: readonly ReactNode[] }) =>
  children.length === 0 ? null : (
    <Waiting aria-label={name}>
      <h2>{name}</h2>
      <ul>{children}</ul>
    </Waiting>
  );
const Row = ({ to, name, says }: { to: string; name: string; says: string }) => (
  <li>
    <Link href={to} prefetch={false}>
      <span className="name">{name}</span>
      <small>{says}</small>
    </Link>
  </li>
);

/** Today: the next evening with what to do now and what is missing, and what else waits; in an empty house, the ways in. */
export function Today({ view, next }: { view: View; next: { loaded: LoadedFlight; firstPour: string | null } | null }) {
  const { venue } = useHere();
  const { has } = view;
  const mayPlan = useMay('flight.edit');
  const mayFindOut = useMay('cellar.edit');
  const empty = has.flights === 0 && has.notes === 0;
  const waits = view.unfinished.length + view.again.length + view.toFindOut.length > 0;
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>{empty ? `Welcome to ${venue}` : 'Today'}</h1>
          {!empty && (
            <span className="soft">
              {counted(has.wines, 'wine')} · {counted(has.flights, 'flight')} · {has.notes >= 1000 ? 'a thousand notes or more' : counted(has.notes, 'note')}
            </span>
          )}
          {!empty && (
            <div className="actions">
              <ButtonLink href="/notebook">Assess a glass</ButtonLink>
              {mayPlan && (
                <ButtonLink href="/flights/new" tone={next === null ? 'strong' : 'plain'}>
                  Plan a flight
                </ButtonLink>
              )}
            </div>
          )}
        </div>
        {empty && (
          <>
            <p className="soft">Begin where you stand. Everything you type is saved as you go.</p>
            <Doors />
          </>
        )}
        <Lay>
          <div>
            {next !== null && <NextEvening {...next} />}
            {next === null && !empty && <p className="soft">No evening is planned. A flight with a date shows here what to do next.</p>}
          </div>
          <div>
            <Part name="Notes to finish">
              {view.unfinished.map((note) => (
                <Row
                  key={note.id}
                  to={`/notes/${note.id}`}
                  name={note.title}
                  says={[note.moment === 'first' ? '' : moments[note.moment], dayInWords(note.day)].filter((part) => part !== '').join(' · ')}
                />
              ))}
            </Part>
            <Part name="Glasses to come back to">
              {view.again.map((note) => (
                <Row key={note.id} to={`/notes/${note.id}`} name={note.title} says={`to look at again from ${note.year}`} />
              ))}
            </Part>
            <Part name="Bottles to find out about">
              {view.toFindOut.map((wine) => (
                <Row
                  key={wine.wine}
                  to={mayFindOut ? `/wines/${wine.wine}/edit?fact=${wine.fact}` : `/wines/${wine.wine}`}
                  name={wine.name}
                  says={`${wine.label}${wine.more > 0 ? `, and ${wine.more} more` : ''}${wine.inFlight ? ' · in a flight' : ''}`}
                />
              ))}
            </Part>
            {!waits && !empty && <p className="soft">No note is unfinished, and nothing is missing.</p>}
          </div>
        </Lay>
        {(empty || view.toPlayWith > 0) && <WinesToPlayWith present={view.toPlayWith} />}
      </Page>
    </Frame>
  );
}
