'use client';
import { ArrowRight } from 'lucide-react';
import Link from 'next/link';
import styled from 'styled-components';
import { contract } from '@/contract/client';
import { useActAndRead } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { useMay } from '@/ui/here';
import { TakeOut } from './take-out';

const Three = styled.ul`
  list-style: none;
  margin: 8px 0 22px;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  border-top: 1px solid var(--line);
  border-bottom: 1px solid var(--line);
  li + li {
    border-left: 1px solid var(--line);
  }
  a {
    display: grid;
    gap: 8px;
    height: 100%;
    padding: 24px 26px 22px;
    text-decoration: none;
    align-content: start;
  }
  a:hover {
    background: var(--raised);
  }
  strong {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    font: 500 1.5625rem/1.15 var(--serif);
  }
  span {
    color: var(--soft);
    line-height: 1.45;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 1fr;
    li + li {
      border-left: 0;
      border-top: 1px solid var(--line);
    }
    a {
      padding: 16px 4px;
    }
  }
`;
const Play = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  color: var(--soft);
  margin-bottom: 20px;
`;

/** Where somebody begins who has nothing here yet. */
export function Doors() {
  const mayPlan = useMay('flight.edit');
  const mayAdd = useMay('cellar.edit');
  const doors = [
    {
      to: '/flights/new',
      name: 'Plan a flight',
      says: 'Say what the evening is for and choose the wines; the best order, the bottles, the glasses and the afternoon’s timetable come with their reasons.',
      shown: mayPlan,
    },
    { to: '/notebook', name: 'Assess a glass', says: 'A name is enough. Look, smell, taste and time the finish; the note is written as you go.', shown: true },
    {
      to: '/wines/import',
      name: 'Bring in a list',
      says: 'A table of your wines as CSV, whatever its columns are called: you see what was understood before anything is kept.',
      shown: mayAdd,
    },
  ].filter((door) => door.shown);
  return (
    <Three>
      {doors.map((door) => (
        <li key={door.name}>
          <Link href={door.to} prefetch={false}>
            <strong>
              {door.name} <ArrowRight size={20} aria-hidden />
            </strong>
            <span>{door.says}</span>
          </Link>
        </li>
      ))}
    </Three>
  );
}

/** Invented wines to try everything with, which go again as one act. */
export function WinesToPlayWith({ present }: { present: number }) {
  const act = useActAndRead();
  const mayAdd = useMay('cellar.edit');
  if (!mayAdd) return null;
  const load = () => act.run(() => call(contract.sample.load, {}));
  return (
    <>
      <Play>
        {present === 0 ? (
          <>
            <span>Nothing at hand? Put invented wines in the cellar to play with; they go again as one act.</span>
            <Button disabled={act.busy} onPress={() => void load()}>
              Put them in the cellar
            </Button>
          </>
        ) : (
          <TakeOut present={present} bringBack={load} />
        )}
      </Play>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </>
  );
}
