'use client';
import { CheckBox } from '@/ui/check-box';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import { blindnessChecks, packingList, roomChecks, shoppingList, type Line } from '@rose/knowledge/evening/lists';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { moneyInWords } from '@rose/core/wine/money';

const Lay = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 10px 40px;
  ul {
    list-style: none;
    margin: 0 0 18px;
    padding: 0;
  }
  label {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr);
    gap: 8px;
    padding: 7px 0;
    border-top: 1px solid var(--line);
    font-size: 0.9375rem;
    line-height: 1.35;
  }
  input {
    width: 20px;
    height: 20px;
    margin: 1px 0 0;
  }
  small {
    display: block;
    color: var(--soft);
  }
  h3 {
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  h3 small {
    font: 400 0.8125rem var(--sans);
  }
`;

/** The room, what could give a wine away, what goes along, and what is to buy: each line with the facts it comes from. */
export function Lists({
  whole,
  flight,
  venue,
  mayEdit,
  onTick,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  venue: VenueFacts;
  mayEdit: boolean;
  onTick: (id: string, ticked: boolean) => void;
}) {
  const shopping = shoppingList(whole.prepared, whole.amounts, venue);
  const cost = shopping.reduce((sum, line) => sum + (line.costMinor ?? 0), 0);
  const unpriced = shopping.filter((line) => line.costMinor === undefined).length;
  const lists: [string, string, readonly Line[]][] = [
    ['room', 'The room', roomChecks(flight, whole.amounts, venue)],
    ['blind', 'Keeping it blind', blindnessChecks(flight, whole.prepared)],
    ['pack', 'To take along', packingList(flight, whole.prepared, whole.amounts)],
    [
      'shop',
      'To buy',
      shopping.map((line) => ({
        ...line,
        text: `${line.amount} ${line.unit === 'bottles' && line.amount === 1 ? 'bottle' : line.unit} · ${line.text}${line.costMinor === undefined ? '' : ` · ${moneyInWords(line.costMinor, venue.currency)}`}`,
      })),
    ],
  ];
  return (
    <Lay>
      {lists
        .filter(([, , lines]) => lines.length > 0)
        .map(([list, title, lines]) => (
          <section key={list}>
            <h3>
              {title}
              <small>
                {lines.filter((line) => flight.checks[`${list}-${line.id}`] === true).length} of {lines.length}
                {list === 'shop' ? ` · ${moneyInWords(cost, venue.currency)}${unpriced > 0 ? `, ${unpriced} without a price` : ''}` : ''}
              </small>
            </h3>
            <ul>
              {lines.map((line) => (
                <li key={line.id}>
                  <CheckBox
                    disabled={!mayEdit}
                    checked={flight.checks[`${list}-${line.id}`] === true}
                    onChange={(ticked) => onTick(`${list}-${line.id}`, ticked)}
                  >
                    <span>
                      {line.text}
                      <small>{line.because}</small>
                    </span>
                  </CheckBox>
                </li>
              ))}
            </ul>
          </section>
        ))}
    </Lay>
  );
}
