'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { NumberField } from '@/ui/number-field';
import type { HostState } from '../shared-flight/use-led';

type Bottles = AnswerOf<'tasting', 'bottles'>['wines'];
/** Bottles that were opened, as they are proposed and as the host sets them. */
export function useOpened(state: HostState) {
  const [wines, setWines] = useState<Bottles>([]);
  const [set, setSet] = useState<Readonly<Record<string, number>>>({});
  const ends = state.program[state.at]?.kind === 'end' && !state.over;
  useEffect(() => {
    if (!ends) return;
    call(contract.tasting.bottles, { id: state.id }).then(
      (found) => setWines(found.wines),
      () => undefined,
    );
  }, [ends, state.id, state.tick]);
  const of = (wine: Bottles[number]) => set[wine.wineId] ?? Math.min(wine.bottles, wine.held);
  return {
    wines,
    of,
    change: (wineId: string, bottles: number) => setSet({ ...set, [wineId]: bottles }),
    counts: () => wines.map((wine) => ({ wineId: wine.wineId, bottles: of(wine) })),
  };
}
export type Opened = ReturnType<typeof useOpened>;

const Rows = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 12px 22px;
  margin: 8px 0 14px;
`;
/** What leaves the cellar with the close: proposed by who came, and for the host to set right. */
export function OpenedBottles({ opened }: { opened: Opened }) {
  if (opened.wines.length === 0) return null;
  return (
    <section aria-label="Bottles opened">
      <h3>Bottles opened</h3>
      <p className="soft">With the close they leave the cellar. Set right what was otherwise.</p>
      <Rows>
        {opened.wines.map((wine) => (
          <div key={wine.wineId}>
            <NumberField
              label={wine.name}
              unit={`bottles of ${wine.held}`}
              low={0}
              high={wine.held}
              value={opened.of(wine)}
              onChange={(n) => opened.change(wine.wineId, Math.round(n ?? 0))}
            />
            <p className="soft">
              {wine.because}
              {wine.bottles > wine.held ? `: ${wine.bottles}, and the cellar holds ${wine.held}` : ''}
            </p>
          </div>
        ))}
      </Rows>
    </section>
  );
}
