'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { facts, factIds, factInWords, origins, type FactId, type FactValue } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { dayInWords } from '@rose/core/wine/day';
import { moneyInWords } from '@rose/core/wine/money';
import { formatName } from '@rose/core/quantity/quantity';
import { emptyFlight } from '@rose/core/flight/flight';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button, ButtonLink } from '@/ui/button';
import { Deleted } from '@/ui/deleted';
import { Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { Frame } from '@/ui/frame';
import { Glass } from '@/ui/glass';
import { InLaw } from './in-law';
import { InTheGlass } from './in-the-glass';
import type { WineView } from '@/contract/answers';
import type { AnswerOf, NotebookItem } from '@/contract/answers';
import { useMay } from '@/ui/here';

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(300px, 392px) minmax(320px, 440px) minmax(0, 1fr);
  max-width: 1360px;
  min-height: calc(100vh - 56px);
  > * {
    padding: 26px 30px 40px;
    border-right: 1px solid var(--line);
  }
  > :last-child {
    border-right: 0;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  h1 {
    font-size: 2.5rem;
  }
  .style {
    font: italic 500 20px/1.35 var(--serif);
    font-variant-numeric: lining-nums;
    margin: 4px 0 14px;
  }
  .head {
    display: flex;
    gap: 16px;
    align-items: center;
  }
  @media (max-width: 68.75em) {
    grid-template-columns: 1fr 1fr;
    > :last-child {
      grid-column: 1 / -1;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 1fr;
    min-height: 0;
    > * {
      border-right: 0;
      border-bottom: 1px solid var(--line);
      padding: 20px 18px;
    }
  }
`;
const Facts = styled.div`
  margin: 0;
  border-top: 1px solid var(--line);
  div {
    display: grid;
    grid-template-columns: 108px minmax(0, 1fr) fit-content(112px);
    gap: 12px;
    padding: 7px 0;
    border-bottom: 1px solid var(--line);
    align-items: baseline;
  }
  .what {
    color: var(--soft);
  }
  .is {
    font-weight: 500;
    overflow-wrap: anywhere;
  }
  small {
    color: var(--soft);
    font-size: 0.78125rem;
    text-align: right;
  }
  .ask {
    color: var(--amber);
  }
`;
const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0;
`;
export function WinePage({ wine, notes, flights }: { wine: WineView; notes: readonly NotebookItem[]; flights: readonly { id: string; name: string }[] }) {
  const router = useRouter();
  const mayEdit = useMay('cellar.edit');
  const { document } = wine;
  const [problem, setProblem] = useState('');
  const [hanging, setHanging] = useState<AnswerOf<'wine', 'hangsOn'> | null>(null);
  const [deleted, setDeleted] = useState(false);
  const act = async (run: () => Promise<void>) => {
    setProblem('');
    await run().catch((error: Error) => setProblem(error.message));
  };
  const assess = () =>
    act(async () => {
      const id = v7();
      await call(contract.note.open, { id, wineId: wine.id });
      router.push(`/notes/${id}`);
    });
  const addTo = (flightId: string) =>
    act(async () => {
      if (flightId === '') return;
      if (flightId === 'new') {
        const id = v7();
        await call(contract.flight.save, {
          id,
          baseRevision: 0,
          writeId: v7(),
          document: { ...emptyFlight, name: `With ${document.name}`, wines: [{ id: wine.id }] },
        });
        router.push(`/flights/${id}`);
        return;
      }
      const flight = await call(contract.flight.get, { id: flightId });
      if (!flight.document.wines.some((entry) => entry.id === wine.id))
        await call(contract.flight.save, {
          id: flightId,
          baseRevision: flight.revision,
          writeId: v7(),
          document: { ...flight.document, wines: [...flight.document.wines, { id: wine.id }] },
        });
      router.push(`/flights/${flightId}`);
    });
  const shown = factIds.filter((id) => factOf(document.facts, id) !== undefined);
  if (deleted) {
    const back = () => {
      setDeleted(false);
      setHanging(null);
    };
    return (
      <Deleted
        name={document.name}
        bringBack={() => call(contract.wine.restore, { id: wine.id })}
        list={{ href: '/cellar', label: 'To the cellar' }}
        stays="Its notes stay in the notebook."
        onBack={back}
      />
    );
  }
  return (
    <Frame>
      <Grid>
        <section aria-label="The bottle">
          <Link className="soft" href="/cellar">
            Cellar
          </Link>
          <div className="head">
            <Glass stops={wine.stops} size={58} label={`Expected colour: ${wine.style.name}`} />
            <h1>{document.name}</h1>
          </div>
          <div>{document.producer}</div>
          <p className="style">{wine.styleName}</p>
          {problem !== '' && <Trouble role="alert">{problem}</Trouble>}
          <Actions>
            <Button tone="strong" onPress={() => void assess()}>
              Assess a glass
            </Button>
            {mayEdit && <ButtonLink href={`/wines/${wine.id}/edit`}>Change facts</ButtonLink>}
          </Actions>
          {mayEdit && (
            <div style={{ margin: '0 0 18px' }}>
              <SelectField
                label="Add to a flight"
                value=""
                onChange={(id) => void addTo(id)}
                empty="choose"
                options={{ ...Object.fromEntries(flights.map((flight) => [flight.id, flight.name])), new: 'a new flight' }}
              />
            </div>
          )}
          <Facts>
            {shown.map((id) => (
              <div key={id}>
                <span className="what">{facts[id].label}</span>
                <span className="is">{factInWords(id, factOf(document.facts, id) as FactValue<FactId>)}</span>
                <small>{origins[document.facts[id]!.origin]}</small>
              </div>
            ))}
            {document.lots.map((lot) => (
              <div key={lot.id}>
                <span className="what">held</span>
                <span className="is">
                  {lot.held} × {formatName(lot.formatMl)}
                  {lot.priceMinor === undefined ? '' : ` at ${moneyInWords(lot.priceMinor, lot.currency!)}`}
                </span>
                <small>{[lot.merchant, lot.bought === undefined ? undefined : dayInWords(lot.bought)].filter((part) => part !== undefined).join(', ')}</small>
              </div>
            ))}
            {wine.missing.length > 0 && (
              <div>
                <span className="what">missing</span>
                <span className="is ask">{wine.missing.map((fact) => fact.label).join(', ')}</span>
                <small>find out</small>
              </div>
            )}
          </Facts>
          {document.remark !== '' && (
            <p className="soft" style={{ marginTop: 10 }}>
              {document.remark}
            </p>
          )}
          {mayEdit && (
            <Actions>
              {hanging === null ? (
                <Button tone="quiet" size="small" onPress={() => void act(async () => setHanging(await call(contract.wine.hangsOn, { id: wine.id })))}>
                  Delete
                </Button>
              ) : (
                <div role="alert">
                  <p>
                    On this wine hang {hanging.notes} {hanging.notes === 1 ? 'note' : 'notes'}, {hanging.bottles} {hanging.bottles === 1 ? 'bottle' : 'bottles'}
                    {hanging.flights.length > 0 ? ` and the flights ${hanging.flights.join(', ')}` : ''}. The notes stay; you can bring the wine back.
                  </p>
                  <Actions>
                    <Button
                      tone="danger"
                      size="small"
                      onPress={() =>
                        void act(async () => {
                          await call(contract.wine.delete, { id: wine.id });
                          setDeleted(true);
                        })
                      }
                    >
                      Delete it
                    </Button>
                    <Button size="small" onPress={() => setHanging(null)}>
                      Keep it
                    </Button>
                  </Actions>
                </div>
              )}
            </Actions>
          )}
        </section>
        <InLaw claims={wine.law} />
        <InTheGlass wine={wine} notes={notes} />
      </Grid>
    </Frame>
  );
}
