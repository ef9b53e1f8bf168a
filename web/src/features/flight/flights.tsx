'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { ButtonLink } from '@/ui/button-link';
import { localTimeInWords } from '@rose/core/wine/day';
import { Frame, Page } from '@/ui/frame';
import { counted } from '@rose/core/wine/plural';
import { useMay } from '@/ui/here';
import { Filters, searchedFrom, useWholeList } from '@/ui/list-page';
import { SelectField } from '@/ui/select-field';
import type { AnswerOf, FlightFilters } from '@/contract/answers';

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
export function Flights({ flights, filters }: AnswerOf<'flight', 'list'> & { filters: FlightFilters }) {
  const page = useWholeList('/flights', flights, filters);
  const { asked } = page;
  const narrowed = Object.keys(filters).length > 0;
  const mayEdit = useMay('flight.edit');
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>Flights</h1>
          {flights.length > 0 && <span className="soft">{narrowed ? `${flights.length} of what you asked for` : `${flights.length} planned or poured`}</span>}
          {mayEdit && (
            <div className="actions">
              <ButtonLink tone="strong" href="/flights/new">
                Plan a flight
              </ButtonLink>
            </div>
          )}
        </div>
        {(narrowed || flights.length >= searchedFrom) && (
          <Filters page={page} hint="name" set={filters.when === undefined ? 0 : 1}>
            <SelectField
              label="Show"
              value={asked.when ?? ''}
              onChange={(when) => page.ask({ when })}
              empty="all"
              options={{ coming: 'still to come', poured: 'poured' }}
            />
          </Filters>
        )}
        {flights.length === 0 && narrowed ? (
          <p className="soft">No flight fits this. Take a word or the filter away.</p>
        ) : flights.length === 0 ? (
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
