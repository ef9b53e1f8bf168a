'use client';
import { usePathname } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { blindKinds, type FlightDocument } from '@rose/core/flight/flight';
import { counted, listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { bothVolumes } from '@rose/core/wine/measure';
import { contract } from '@/contract/client';
import { call } from '../../ui/api';
import { DeleteAct } from '../../ui/delete-act';
import { Deleted } from '../../ui/deleted';
import { Clashes } from '../../ui/document/save-state';
import { SavedAndUndo } from '../../ui/document/saved-and-undo';
import { Frame, Page } from '../../ui/frame';
import { FlightTabs } from './flight-tabs';
import { WayBack } from '../../ui/way-back';
import { localTimeInWords } from '@rose/core/wine/day';
import type { LoadedFlight, OpenFlight } from './use-flight';

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
            <WayBack steps={[{ href: '/flights', name: 'Flights' }]} />
            <h1>{flight.name === '' ? 'A flight' : flight.name}</h1>
            <div className="soft">{subtitle(flight, loaded)}</div>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SavedAndUndo open={open} mayEdit={loaded.mayEdit} />
            {loaded.mayEdit && open.revision > 0 && path === `/flights/${id}` && (
              <DeleteAct
                hangsOn={async () => hangingInWords(await call(contract.flight.hangsOn, { id }))}
                remove={() => call(contract.flight.delete, { id })}
                onDeleted={() => setDeleted(true)}
              />
            )}
            <FlightTabs id={id} />
          </div>
        </div>
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
function hangingInWords({ tastings, notes, prints }: AnswerOf<'flight', 'hangsOn'>): string {
  const parts = [
    tastings === 0 ? '' : counted(tastings, 'tasting'),
    notes === 0 ? '' : counted(notes, 'note'),
    prints === 0 ? '' : counted(prints, 'print'),
  ].filter((part) => part !== '');
  return parts.length === 0
    ? 'Nothing hangs on this flight, and it can be brought back.'
    : `On this flight hang ${listed(parts)}. They stay, and it can be brought back.`;
}
function subtitle(flight: FlightDocument, loaded: LoadedFlight): string {
  return [
    localTimeInWords(flight.starts, 'no date yet'),
    counted(flight.guests, 'guest'),
    `${bothVolumes(flight.pourMl, loaded.venue.volume)} of each`,
    flight.blind === 'open' ? '' : blindKinds[flight.blind],
    loaded.plan === 0 ? '' : `plan ${loaded.plan}`,
  ]
    .filter((part) => part !== '')
    .join(' · ');
}
