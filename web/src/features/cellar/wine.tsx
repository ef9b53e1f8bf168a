'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
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
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { Deleted } from '@/ui/deleted';
import { Trouble } from '@/ui/field';
import { Frame } from '@/ui/frame';
import { Glass } from '@/ui/glass';
import { InLaw } from './in-law';
import { InTheGlass } from './in-the-glass';
import { WithFood } from './with-food';
import type { WineView } from '@/contract/answers';
import type { AnswerOf, NotebookItem } from '@/contract/answers';
import { DeleteAct } from '@/ui/delete-act';
import { useMay } from '@/ui/here';
import { Disclosure } from '@/ui/disclosure';
import { MenuButton } from '@/ui/menu';
import { WayBack } from '@/ui/way-back';
import { counted, listed } from '@rose/core/wine/plural';

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
  > div,
  section > .disclosure > div > div {
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
/** What a bottle is known by. */
const first: ReadonlySet<FactId> = new Set(['colour', 'bubbles', 'grapes', 'vintage', 'country', 'region', 'appellation', 'abv']);
const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0;
`;
export function WinePage({
  wine,
  notes,
  flights,
  food,
}: {
  wine: WineView;
  notes: readonly NotebookItem[];
  flights: readonly { id: string; name: string }[];
  food: AnswerOf<'pairing', 'food'>;
}) {
  const router = useRouter();
  const mayEdit = useMay('cellar.edit');
  const { document } = wine;
  const [problem, setProblem] = useState('');
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
  // A phone is read without hunting: what a bottle is known by stands there, the rest a press away.
  const [wide, setWide] = useState(false);
  useEffect(() => setWide(window.matchMedia('(min-width: 47.5625em)').matches), []);
  const line = (id: FactId) => (
    <div key={id}>
      <span className="what">{facts[id].label}</span>
      <span className="is">{factInWords(id, factOf(document.facts, id) as FactValue<FactId>)}</span>
      <small>{origins[document.facts[id]!.origin]}</small>
    </div>
  );
  const shown = factIds.filter((id) => factOf(document.facts, id) !== undefined);
  if (deleted) {
    return (
      <Deleted
        name={document.name}
        bringBack={() => call(contract.wine.restore, { id: wine.id })}
        list={{ href: '/cellar', label: 'To the cellar' }}
        stays="Its notes stay in the notebook."
        onBack={() => setDeleted(false)}
      />
    );
  }
  return (
    <Frame>
      <Grid>
        <section aria-label="The bottle">
          <WayBack steps={[{ href: '/cellar', name: 'Cellar' }]} />
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
            {mayEdit && (
              <MenuButton
                label="Add to a flight"
                entries={[
                  { id: 'new', says: 'a new flight', does: () => void addTo('new') },
                  ...flights.map((flight) => ({ id: flight.id, says: flight.name, does: () => void addTo(flight.id) })),
                ]}
              >
                Add to a flight
              </MenuButton>
            )}
          </Actions>
          <Facts>
            {shown.filter((id) => first.has(id)).map(line)}
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
                <span className="is ask">
                  {wine.missing.map((fact, i) => (
                    <span key={fact.id}>
                      {i === 0 ? '' : ', '}
                      {mayEdit ? <Link href={`/wines/${wine.id}/edit?fact=${fact.id}`}>{fact.label}</Link> : fact.label}
                    </span>
                  ))}
                </span>
                <small>find out</small>
              </div>
            )}
            {shown.some((id) => !first.has(id)) && (
              <section>
                <Disclosure open={wide} onOpen={setWide} says={`${counted(shown.filter((id) => !first.has(id)).length, 'more fact')}`}>
                  {shown.filter((id) => !first.has(id)).map(line)}
                </Disclosure>
              </section>
            )}
          </Facts>
          {document.remark !== '' && (
            <p className="soft" style={{ marginTop: 10 }}>
              {document.remark}
            </p>
          )}
          {mayEdit && (
            <DeleteAct
              hangsOn={async () => hangingInWords(await call(contract.wine.hangsOn, { id: wine.id }))}
              remove={() => call(contract.wine.delete, { id: wine.id })}
              onDeleted={() => setDeleted(true)}
            />
          )}
        </section>
        <InLaw claims={wine.law} />
        <div>
          <InTheGlass wine={wine} notes={notes} />
          <WithFood wineId={wine.id} food={food} />
        </div>
      </Grid>
    </Frame>
  );
}

function hangingInWords({ notes, bottles, flights }: AnswerOf<'wine', 'hangsOn'>): string {
  const hang = [
    notes === 0 ? '' : counted(notes, 'note'),
    bottles === 0 ? '' : counted(bottles, 'bottle'),
    flights.length === 0 ? '' : `the ${flights.length === 1 ? 'flight' : 'flights'} ${listed(flights)}`,
  ].filter((part) => part !== '');
  return hang.length === 0
    ? 'Nothing hangs on this wine, and it can be brought back.'
    : `On this wine hang ${listed(hang)}. The notes stay; you can bring the wine back.`;
}
