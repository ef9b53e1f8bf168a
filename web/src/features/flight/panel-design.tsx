'use client';
import { useMemo } from 'react';
import styled from 'styled-components';
import { panelPours } from '@rose/core/serving-design/serving-design';
import type { FlightDocument } from '@rose/core/flight/flight';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';

const Scroll = styled.div`
  overflow-x: auto;
  max-height: 420px;
  table {
    border-collapse: collapse;
    font-size: 0.875rem;
  }
  th,
  td {
    padding: 5px 14px 5px 0;
    text-align: left;
    border-bottom: 1px solid var(--line);
    white-space: nowrap;
  }
  th {
    color: var(--soft);
    font-weight: 400;
  }
  b {
    font-variant-numeric: tabular-nums;
  }
`;

/** A panel's design: each seat's own order and codes, hidden duplicates, and how balanced it is. */
export function PanelDesign({
  flight,
  order,
  nameOf,
  mayEdit,
  change,
}: {
  flight: FlightDocument;
  order: readonly string[];
  nameOf: (wine: string) => string;
  mayEdit: boolean;
  change: (next: Partial<FlightDocument>) => void;
}) {
  const { panel, guests } = flight;
  const made = useMemo(() => {
    const twice = panel.twice.map((wine) => order.indexOf(wine)).filter((at) => at >= 0);
    return panelPours(order.length, Math.min(guests, 60), panel.seed, twice, panel.aSeat > 0 ? panel.aSeat : undefined);
  }, [panel, order, guests]);
  const glasses = order.length + panel.twice.length;
  const square = glasses % 2 === 0 ? glasses : 2 * glasses;
  if (order.length < 2) return <p className="soft">A panel needs two wines or more.</p>;
  return (
    <section aria-label="Panel design" style={{ marginTop: 26 }}>
      <h2>Panel</h2>
      <p className="soft" style={{ fontSize: '0.875rem' }}>
        {made.blocks === undefined
          ? guests % square === 0 && guests > 0
            ? `Balanced: with ${guests} seats each wine stands in each place, and after each other wine, equally often (a Williams square).`
            : `Nearly balanced: ${square} seats, or a multiple, would make every place and every neighbour equal; ${guests} use as many rows of the square.`
          : made.blocks.balanced
            ? `Each seat has ${panel.aSeat} of ${glasses} glasses; every pair of glasses is tasted by ${made.blocks.pairs.least} seats: balanced.`
            : `Each seat has ${panel.aSeat} of ${glasses} glasses. No balanced plan was found: pairs are tasted by ${made.blocks.pairs.least} to ${made.blocks.pairs.most} seats.`}{' '}
        Seed {panel.seed}.
      </p>
      {mayEdit && (
        <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))', gap: 10, alignItems: 'end', maxWidth: 760 }}>
          <NumberField
            label="Glasses a seat"
            unit="0 for all"
            low={0}
            high={40}
            value={panel.aSeat}
            onChange={(value) => value !== undefined && change({ panel: { ...panel, aSeat: Math.round(value) } })}
          />
          <SelectField
            label="Pour one twice"
            hint="a hidden duplicate"
            value=""
            empty="choose a wine"
            onChange={(wine) => wine !== '' && change({ panel: { ...panel, twice: [...panel.twice, wine] } })}
            options={Object.fromEntries(order.filter((wine) => !panel.twice.includes(wine)).map((wine) => [wine, nameOf(wine)]))}
          />
          <Button onPress={() => change({ panel: { ...panel, seed: panel.seed + 1 } })}>Draw again</Button>
        </div>
      )}
      {panel.twice.length > 0 && (
        <p style={{ fontSize: '0.875rem' }}>
          Twice, under two codes: {panel.twice.map((wine) => nameOf(wine)).join(', ')}{' '}
          {mayEdit && (
            <Button size="small" tone="quiet" onPress={() => change({ panel: { ...panel, twice: [] } })}>
              none
            </Button>
          )}
        </p>
      )}
      <Scroll tabIndex={0} role="region" aria-label="Pour list by seat">
        <table>
          <thead>
            <tr>
              <th>seat</th>
              {made.seats[0]?.glasses.map((_, i) => (
                <th key={i}>{i + 1}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {made.seats.map((seat) => (
              <tr key={seat.seat}>
                <td>{seat.seat + 1}</td>
                {seat.glasses.map((glass) => (
                  <td key={glass.code}>
                    <b>{glass.code}</b> {nameOf(order[glass.wine]!)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Scroll>
      {guests > 60 && <p className="soft">The first sixty seats are shown; the print holds all.</p>}
    </section>
  );
}
