'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { AnswerOf } from '@/contract/answers';
import { BareButton } from '@/ui/button';
import { Frame, Page } from '@/ui/frame';
import { SelectField } from '@/ui/select-field';
import { WayBack } from '@/ui/way-back';

const Grid = styled.div`
  overflow-x: auto;
  margin-top: 16px;
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th,
  td {
    border-top: 1px solid var(--line);
    padding: 10px 10px 10px 0;
    text-align: left;
    vertical-align: top;
    min-width: 110px;
  }
  thead th {
    border-top: 0;
    font-weight: 600;
    font-size: 0.9375rem;
    vertical-align: bottom;
  }
  tbody th {
    font-weight: 400;
    min-width: 190px;
  }
  .name {
    font: 500 1.1875rem/1.25 var(--serif);
    display: block;
  }
  small {
    color: var(--soft);
    display: block;
    font-size: 0.8125rem;
  }
  td button {
    all: unset;
    cursor: pointer;
    min-height: 44px;
    display: block;
    font: 600 1.25rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  td button:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  td button[aria-pressed='true'] {
    text-decoration: underline;
    text-decoration-color: var(--madder);
    text-underline-offset: 5px;
  }
  td small {
    font: 400 0.8125rem/1.3 var(--sans);
  }
`;
const counts = { '3': 'three cheeses', '4': 'four cheeses', '5': 'five cheeses', '6': 'six cheeses' } as const;

/** A board for the wines of a flight: cheeses in the order they are eaten, each with each wine; a pair tells why. */
export function CheeseBoard({
  among,
  count,
  flights,
  wines,
  board,
}: AnswerOf<'pairing', 'cheeses'> & { among: string; count: number; flights: readonly { id: string; name: string }[] }) {
  const router = useRouter();
  const [open, setOpen] = useState<{ readonly cheese: string; readonly wine: string } | null>(null);
  const go = (to: { among?: string; count?: string }) =>
    router.push(`/pairing/cheese?${new URLSearchParams({ among, count: String(count === 0 ? 4 : count), ...to }).toString()}`);
  const chosen = board.flatMap((cheese) =>
    cheese.cells
      .filter(({ wine }) => open?.cheese === cheese.id && open.wine === wine)
      .map((cell) => ({ cheese, cell, wineName: wines.find(({ id }) => id === cell.wine)?.name ?? '' })),
  )[0];
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/pairing', name: 'Table' }]} />
        <h1>A cheese board</h1>
        <div style={{ display: 'flex', gap: 14, flexWrap: 'wrap', maxWidth: 560 }}>
          <SelectField<string>
            label="For the wines of"
            value={among}
            options={{ cellar: 'the cellar', ...Object.fromEntries<string>(flights.map(({ id, name }) => [`flight:${id}`, name])) }}
            onChange={(to) => go({ among: to })}
          />
          <SelectField<string> label="How many" value={String(count)} options={counts} onChange={(to) => go({ count: to })} />
        </div>
        {board.length === 0 ? (
          <p className="soft">There are no wines here yet: put some in the flight or the cellar.</p>
        ) : (
          <>
            <p role="status" style={{ minHeight: '3em', marginTop: 14 }}>
              {chosen === undefined ? (
                <span className="soft">Press a figure to hear why. They are of 100; the cheeses stand in the order they are eaten, mild before strong.</span>
              ) : (
                <>
                  <strong>
                    {chosen.cheese.name} with {chosen.wineName}
                  </strong>
                  : {chosen.cell.band}. {chosen.cell.because}.
                </>
              )}
            </p>
            <Grid>
              <table>
                <thead>
                  <tr>
                    <th scope="col">Cheese</th>
                    {wines.map(({ id, name }) => (
                      <th key={id} scope="col">
                        {name}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {board.map((cheese) => (
                    <tr key={cheese.id}>
                      <th scope="row">
                        <span className="name">{cheese.name}</span>
                        <small>{cheese.what}</small>
                        <small>
                          {cheese.grams} g a guest, out of the fridge {cheese.minutesOut} minutes before
                        </small>
                      </th>
                      {cheese.cells.map((cell) => (
                        <td key={cell.wine}>
                          <BareButton
                            pressed={open?.cheese === cheese.id && open.wine === cell.wine}
                            onPress={() => setOpen({ cheese: cheese.id, wine: cell.wine })}
                          >
                            {Math.round(cell.shown)}
                            <small>{cell.band}</small>
                          </BareButton>
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </Grid>
            <p className="soft">Cheese holds milk; old hard cheese may hold egg. Ask each guest before somebody eats.</p>
          </>
        )}
      </Page>
    </Frame>
  );
}
