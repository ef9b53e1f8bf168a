'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { blindKinds, type FlightDocument } from '@rose/core/flight/flight';
import { bothVolumes } from '@rose/core/wine/measure';
import { contract } from '@/contract/client';
import { call } from '../../ui/api';
import { Button } from '../../ui/button';
import { Deleted } from '../../ui/deleted';
import { Clashes, SaveState } from '../../ui/document/save-state';
import { Trouble } from '../../ui/field';
import { Frame, Page } from '../../ui/frame';
import { localTimeInWords } from '@rose/core/wine/day';
import type { LoadedFlight, OpenFlight } from './use-flight';

const Tabs = styled.nav`
  display: flex;
  gap: 4px;
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 0 16px;
    border-radius: 10px;
    color: var(--soft);
    text-decoration: none;
    font-weight: 500;
  }
  a[aria-current='page'] {
    background: var(--strong);
    color: var(--on-strong);
    font-weight: 650;
  }
  @media print {
    display: none;
  }
`;
const fieldWords: Readonly<Record<string, string>> = {
  order: 'Order',
  wines: 'A wine',
  name: 'Name',
  guests: 'Guests',
  pourMl: 'Pour',
  school: 'School',
  pins: 'Pins',
  rests: 'Rests',
  starts: 'First pour',
  stock: 'Fridge, bucket and hands',
};

/** The frame of a flight: its name, when and for whom, the tabs, and how it is saved. */
export function FlightPage({
  loaded,
  opened,
  keys = {},
  children,
}: {
  loaded: LoadedFlight;
  opened: OpenFlight;
  keys?: Readonly<Record<string, string>>;
  children: ReactNode;
}) {
  const { open, flight, nameOf } = opened;
  const path = usePathname();
  const [deleted, setDeleted] = useState(false);
  const [trouble, setTrouble] = useState('');
  const { id } = loaded;
  if (deleted)
    return (
      <Deleted
        name={flight.name}
        bringBack={() => call(contract.flight.restore, { id })}
        list={{ href: '/flights', label: 'To the flights' }}
        onBack={() => setDeleted(false)}
      />
    );
  return (
    <Frame keys={keys}>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href="/flights">
              Flights
            </Link>
            <h1>{flight.name === '' ? 'A flight' : flight.name}</h1>
            <div className="soft">{subtitle(flight, loaded)}</div>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SaveState open={open} />
            {loaded.mayEdit && (
              <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
                Undo
              </Button>
            )}
            {loaded.mayEdit && open.revision > 0 && path === `/flights/${id}` && (
              <Button
                size="small"
                tone="quiet"
                onPress={() =>
                  void call(contract.flight.delete, { id }).then(
                    () => setDeleted(true),
                    (error: Error) => setTrouble(error.message),
                  )
                }
              >
                Delete
              </Button>
            )}
            <Tabs aria-label="This flight">
              {(
                [
                  ['', 'Chart'],
                  ['/ready', 'Ready'],
                ] as const
              ).map(([tail, label]) => (
                <Link key={tail} href={`/flights/${id}${tail}`} prefetch={false} aria-current={path === `/flights/${id}${tail}` ? 'page' : undefined}>
                  {label}
                </Link>
              ))}
            </Tabs>
          </div>
        </div>
        {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
        <Clashes
          open={open}
          label={(field) => (field[0] === 'wines' ? nameOf(field[1] ?? '') : (fieldWords[field[0]!] ?? field[0]!))}
          show={(value) =>
            Array.isArray(value)
              ? value
                  .map((entry) =>
                    typeof entry === 'string'
                      ? nameOf(entry)
                      : typeof entry === 'object' && entry !== null && 'after' in entry
                        ? `a rest after ${nameOf(String(entry.after))}`
                        : 'a pin',
                  )
                  .join(', ') || 'none'
              : typeof value === 'object' && value !== null
                ? 'changed'
                : String(value ?? 'nothing')
          }
        />
        {children}
      </Page>
    </Frame>
  );
}
function subtitle(flight: FlightDocument, loaded: LoadedFlight): string {
  return [
    localTimeInWords(flight.starts, 'no date yet'),
    `${flight.guests} guests`,
    `${bothVolumes(flight.pourMl, loaded.venue.volume)} of each`,
    flight.blind === 'open' ? '' : blindKinds[flight.blind],
    loaded.plan === 0 ? '' : `plan ${loaded.plan}`,
  ]
    .filter((part) => part !== '')
    .join(' · ');
}
