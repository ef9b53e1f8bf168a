'use client';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import { flightQuantities } from '@rose/core/quantity/flight';
import type { WineSummary } from '@/server/cellar/queries';

const Figures = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 18px 26px;
  margin: 26px 0 0;
  padding-top: 18px;
  border-top: 1px solid var(--line);
  strong {
    display: block;
    font-weight: 650;
  }
  .n {
    font: 500 27px/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    display: block;
    font-size: 13px;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
  margin-top: 12px;
  th,
  td {
    text-align: right;
    padding: 6px 0 6px 14px;
    border-bottom: 1px solid var(--line);
  }
  th:first-child,
  td:first-child {
    text-align: left;
    padding-left: 0;
  }
  th {
    color: var(--soft);
    font-weight: 400;
  }
  .short {
    color: var(--amber);
    font-weight: 650;
  }
`;

/** Bottles, millilitres and pure alcohol of a flight, with the caution where it matters. */
export function FlightAmounts({ flight, wines }: { flight: FlightDocument; wines: readonly WineSummary[] }) {
  const amounts = flightQuantities(
    flight,
    wines.map((wine) => ({ id: wine.id, name: wine.name, formatMl: wine.formatMl, held: wine.held, abv: wine.abv ?? undefined })),
  );
  return (
    <>
      <Figures>
        <div>
          <div className="n">{amounts.bottles}</div>
          <strong>bottles</strong>
          <small>by whole pours, {amounts.wines.reduce((sum, wine) => sum + wine.byVolume, 0)} by volume</small>
        </div>
        <div>
          <div className="n">{amounts.aHeadMl} mL</div>
          <strong>a guest</strong>
          <small>
            {wines.length} pours of {flight.pourMl} mL
          </small>
        </div>
        <div>
          <div className="n">{amounts.alcoholGrams.toFixed(0)} g</div>
          <strong>pure alcohol, if swallowed</strong>
          <small>{amounts.alcoholIsPartial ? 'of the wines whose alcohol is known' : 'offer spittoons, water and food'}</small>
        </div>
        <div>
          <div className="n">{flight.guests + (flight.hostPour ? 1 : 0)}</div>
          <strong>pours of each</strong>
          <small>
            {flight.guests} guests{flight.hostPour ? ' and your check' : ''}, {flight.lossPercent} % lost
          </small>
        </div>
      </Figures>
      <Table>
        <thead>
          <tr>
            <th>wine</th>
            <th>needed</th>
            <th>by volume</th>
            <th>by whole pours</th>
            <th>held</th>
          </tr>
        </thead>
        <tbody>
          {amounts.wines.map((row) => (
            <tr key={row.wine}>
              <td>{row.name}</td>
              <td>{row.neededMl.toFixed(0)} mL</td>
              <td>{row.byVolume}</td>
              <td>
                {row.byPours} × {row.formatMl} mL
              </td>
              <td className={row.held < row.byPours ? 'short' : ''}>
                {row.held}
                {row.held < row.byPours ? `, ${row.byPours - row.held} short` : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <p className="soft" style={{ marginTop: 10, fontSize: 14 }}>
        Nobody needs to swallow to judge. Who drives, is pregnant, takes medicine or is under age does not drink; local law decides.
      </p>
    </>
  );
}
