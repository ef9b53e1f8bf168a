'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { ButtonLink } from '@/ui/button';
import { localTimeInWords } from '@rose/core/wine/day';
import { Frame, Page } from '@/ui/frame';
import { counted } from '@rose/core/wine/plural';
import { useMay } from '@/ui/here';

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  a {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 260px 110px 110px;
    gap: 16px;
    padding: 15px 6px;
    border-bottom: 1px solid var(--line);
    text-decoration: none;
    align-items: baseline;
  }
  a:hover {
    background: var(--raised);
  }
  .name {
    font: 500 1.375rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  @media (max-width: 47.5em) {
    a {
      grid-template-columns: 1fr auto;
    }
    .wide {
      display: none;
    }
  }
`;
export function Flights({ flights }: { flights: readonly { id: string; name: string; starts: string; guests: number; wines: number }[] }) {
  const mayEdit = useMay('flight.edit');
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>Flights</h1>
          {flights.length > 0 && <span className="soft">{flights.length} planned or poured</span>}
          {mayEdit && (
            <div className="actions">
              <ButtonLink tone="strong" href="/flights/new">
                Plan a flight
              </ButtonLink>
            </div>
          )}
        </div>
        {flights.length === 0 ? (
          <p className="soft">
            No flights yet. Plan one: say what it is for, take the wines that are proposed or choose your own, and the best order comes with its reasons.
          </p>
        ) : (
          <List>
            {flights.map((flight) => (
              <li key={flight.id}>
                <Link href={`/flights/${flight.id}`} prefetch={false}>
                  <span className="name">{flight.name}</span>
                  <span className="soft wide">{localTimeInWords(flight.starts, 'no date yet')}</span>
                  <span>{counted(flight.wines, 'wine')}</span>
                  <span className="wide">{counted(flight.guests, 'guest')}</span>
                </Link>
              </li>
            ))}
          </List>
        )}
      </Page>
    </Frame>
  );
}
