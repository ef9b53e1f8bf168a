'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { flightShape } from '@rose/core/document/merge';
import type { FlightDocument } from '@rose/core/flight/flight';
import {
  brokenPins,
  judgeOrder,
  mostWines,
  schoolOf,
  schools,
  strainWord,
  type OrderJudgement,
  type OrderSolution,
  type OrderWine,
  type Pin,
} from '@rose/core/order/order';
import { orderWording } from '@rose/core/order/wording';
import { flightQuantities } from '@rose/core/quantity/flight';
import { sentence } from '@rose/core/wine/reason';
import { signed } from '@rose/core/wine/text';
import { api } from '@/ui/api';
import { Button, Key } from '@/ui/button';
import { CourseLine } from '@/ui/course-line';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { SelectField, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { solve } from '@/workers/solve';
import type { FlightWine } from './flight-wine';
import { whenInWords } from './flights';

const WineLine = dynamic(() => import('./wine-line').then((module) => module.WineLine), {
  ssr: false,
  loading: () => <p className="soft">Setting out the glasses.</p>,
});
const WinePicker = dynamic(() => import('./wine-picker').then((module) => module.WinePicker), { ssr: false });

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 30px;
  align-items: start;
  @media (max-width: 980px) {
    grid-template-columns: 1fr;
  }
`;
const OrderCard = styled.aside`
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--raised);
  padding: 18px 20px;
  display: grid;
  gap: 12px;
  .head {
    display: flex;
    align-items: end;
    justify-content: space-between;
    gap: 12px;
  }
  .head > :last-child {
    width: 150px;
  }
  .figure {
    font: 600 40px/1 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .of {
    color: var(--soft);
    margin-left: 8px;
  }
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 10px;
    font-size: 14px;
    line-height: 1.4;
    border-top: 1px solid var(--line);
    padding-top: 12px;
  }
  .bad {
    color: var(--madder);
    font-weight: 650;
  }
  .good {
    color: var(--sea);
    font-weight: 650;
  }
  details {
    font-size: 14px;
  }
  summary {
    cursor: pointer;
    padding: 6px 0;
  }
  li li {
    margin-left: 14px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 4px 0 0;
    display: grid;
    gap: 4px;
    color: var(--soft);
  }
`;
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
const Plan = styled.div`
  display: grid;
  grid-template-columns: 2fr 1.4fr 90px 90px 90px 120px;
  gap: 10px;
  margin: 0 0 20px;
  @media (max-width: 980px) {
    grid-template-columns: 1fr 1fr;
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

const round = (n: number) => (n < 10 ? n.toFixed(1) : n.toFixed(0));

export function Chart({
  venue,
  mayEdit,
  id,
  revision,
  document,
  base,
  wines: loaded,
}: {
  venue: string;
  mayEdit: boolean;
  id: string;
  revision: number;
  document: FlightDocument;
  base: FlightDocument;
  wines: readonly FlightWine[];
}) {
  const router = useRouter();
  const open = useDocument({ kind: 'flight', id, path: `/flights/${id}`, document: base, revision, shape: flightShape });
  const [pool, setPool] = useState(() => new Map(loaded.map((wine) => [wine.summary.id, wine])));
  const [solution, setSolution] = useState<OrderSolution | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [solving, setSolving] = useState<AbortController | null>(null);
  const [trouble, setTrouble] = useState('');
  const [deleted, setDeleted] = useState(false);
  const flight = open.document;
  const change = (next: Partial<FlightDocument>, field: string) => open.change((d) => ({ ...d, ...next }), field);
  useEffect(() => {
    // A new flight starts with a name and the venue's school.
    if (revision === 0 && open.document.name === '') open.change(() => document);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, []);
  // Wines somebody else added are fetched when they appear.
  useEffect(() => {
    for (const wineId of flight.wines) {
      if (!pool.has(wineId))
        void api<FlightWine>('GET', `/wines/${wineId}/order-wine`).then(
          (wine) => setPool((now) => new Map(now).set(wineId, wine)),
          () => undefined,
        );
    }
  }, [flight.wines, pool]);

  const wines = useMemo(() => flight.wines.flatMap((wineId) => pool.get(wineId) ?? []), [flight.wines, pool]);
  const school = schoolOf(flight.school);
  const now = useMemo(
    () =>
      judgeOrder(
        wines.map((wine) => wine.order),
        flight.wines,
        school,
      ),
    [wines, flight.wines, school],
  );
  // The best order does not depend on the present one: it is solved again only when wines, pins or the school change.
  const question = JSON.stringify([[...wines.map((wine) => wine.order)].sort((a, b) => (a.id < b.id ? -1 : 1)), flight.pins, flight.school]);
  useEffect(() => {
    const [orderWines, pins] = JSON.parse(question) as [OrderWine[], Pin[]];
    setSolution(null);
    if (orderWines.length < 2) return;
    const controller = new AbortController();
    setSolving(controller);
    solve('order', { wines: orderWines, pins, school: flight.school }, { signal: controller.signal, onProgress: setProgress })
      .then(setSolution, (error: Error) => error.name !== 'AbortError' && setTrouble(error.message))
      .finally(() => {
        setProgress(null);
        setSolving(null);
      });
    return () => controller.abort();
  }, [question, flight.school]);

  const best = solution?.kind === 'best' ? solution.judgement : null;
  const broken = brokenPins(flight.wines, flight.pins);
  const isBest = best !== null && broken.length === 0 && now.strain <= best.strain + 1e-6;
  const names = new Map(wines.map((wine) => [wine.summary.id, wine.summary.name]));
  const amounts = flightQuantities(
    flight,
    wines.map(({ summary }) => ({ id: summary.id, name: summary.name, formatMl: 750, held: summary.held, abv: summary.abv ?? undefined })),
  );
  if (deleted)
    return (
      <Frame venue={venue}>
        <Page>
          <h1>{flight.name} is deleted</h1>
          <p style={{ display: 'flex', gap: 10 }}>
            <Button tone="strong" onPress={() => void api('POST', `/flights/${id}/returns`, { body: {} }).then(() => setDeleted(false))}>
              Bring it back
            </Button>
            <Button onPress={() => router.push('/flights')}>To the flights</Button>
          </p>
        </Page>
      </Frame>
    );
  return (
    <Frame venue={venue} keys={{ 'alt ←': 'move a wine earlier', 'alt →': 'move a wine later' }}>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href="/flights">
              Flights
            </Link>
            <h1>{flight.name === '' ? 'A flight' : flight.name}</h1>
            <div className="soft">
              {whenInWords(flight.starts)} · {flight.guests} guests · {flight.pourMl} mL of each
            </div>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SaveState open={open} />
            <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
              Undo
            </Button>
            {mayEdit && open.revision > 0 && (
              <Button
                size="small"
                tone="quiet"
                onPress={() =>
                  void api('DELETE', `/flights/${id}`).then(
                    () => setDeleted(true),
                    (error: Error) => setTrouble(error.message),
                  )
                }
              >
                Delete
              </Button>
            )}
          </div>
        </div>
        {trouble !== '' && <p role="alert">{trouble}</p>}
        <Clashes
          open={open}
          label={(path) =>
            ({ wines: 'Wines and their order', name: 'Name', guests: 'Guests', pourMl: 'Pour', school: 'School', pins: 'Pins', starts: 'First pour' })[
              path[0]!
            ] ?? path[0]!
          }
          show={(value) =>
            Array.isArray(value)
              ? value.map((entry) => (typeof entry === 'string' ? (names.get(entry) ?? 'a wine') : 'a pin')).join(', ') || 'none'
              : String(value)
          }
        />
        {mayEdit && (
          <Plan>
            <TextField label="Name" value={flight.name} onChange={(name) => change({ name }, 'name')} />
            <TextField
              label="First pour"
              type="datetime-local"
              value={flight.starts.slice(0, 16)}
              onChange={(value) => change({ starts: value === '' ? '' : `${value}:00Z` }, 'starts')}
            />
            <Whole label="Guests" value={flight.guests} low={0} high={500} onChange={(guests) => change({ guests }, 'guests')} />
            <Whole label="Pour, mL" value={flight.pourMl} low={5} high={500} onChange={(pourMl) => change({ pourMl }, 'pourMl')} />
            <Whole label="Loss, %" value={flight.lossPercent} low={0} high={50} onChange={(lossPercent) => change({ lossPercent }, 'lossPercent')} />
            <SelectField
              label="Host’s check pour"
              value={flight.hostPour ? 'yes' : 'no'}
              onChange={(value) => change({ hostPour: value === 'yes' }, 'hostPour')}
              options={{ yes: 'yes', no: 'no' }}
            />
          </Plan>
        )}
        <Lay>
          <div>
            {wines.length > 0 && (
              <CourseLine
                points={now.steps.map((step) => ({
                  id: step.wine,
                  name: names.get(step.wine) ?? '',
                  height: step.height,
                  strain: step.strain,
                  word: strainWord(step.strain),
                  why: topReason(step) ?? '',
                }))}
              />
            )}
            <WineLine
              wines={wines}
              flight={flight}
              judgement={now}
              mayEdit={mayEdit}
              onOrder={(order) => change({ wines: order }, '')}
              onPins={(pins) => change({ pins }, '')}
              onRemove={(wineId) =>
                open.change((d) => ({
                  ...d,
                  wines: d.wines.filter((entry) => entry !== wineId),
                  pins: d.pins.filter((pin) => pin.wine !== wineId && !('other' in pin && pin.other === wineId)),
                }))
              }
            />
            {mayEdit &&
              (wines.length < mostWines ? (
                <WinePicker
                  taken={flight.wines}
                  onPick={(wineId) => open.change((d) => (d.wines.includes(wineId) ? d : { ...d, wines: [...d.wines, wineId] }))}
                />
              ) : (
                <p className="soft">Sixteen wines is the most one flight takes. Split it into two.</p>
              ))}
          </div>
          <OrderCard aria-label="Order">
            <div className="head">
              <h2>Order</h2>
              <SelectField
                label="School"
                value={flight.school}
                onChange={(value) => change({ school: value }, '')}
                options={Object.fromEntries(schools.map((entry) => [entry.id, entry.label]))}
              />
            </div>
            <div className="soft" style={{ fontSize: 14 }}>
              {school.says}
            </div>
            {wines.length < 2 ? (
              <p className="soft">Choose two wines or more, and the best order is found at once.</p>
            ) : (
              <>
                <div>
                  <span className="figure">{round(now.strain)}</span>
                  <span className="of">
                    strain
                    {best !== null && !isBest && (
                      <>
                        ; the best is <strong>{round(best.strain)}</strong>
                      </>
                    )}
                    {isBest && <>, the best there is</>}
                  </span>
                </div>
                {progress !== null && solving !== null && (
                  <div role="status">
                    Trying every order, {Math.round(progress * 100)} %{' '}
                    <Button size="small" onPress={() => solving.abort()}>
                      Stop
                    </Button>
                  </div>
                )}
                {broken.length > 0 && solution?.kind !== 'impossible' && (
                  <p className="bad">
                    {broken.length === 1 ? 'A pin is not kept' : `${broken.length} pins are not kept`} by this order:{' '}
                    {broken
                      .map(
                        (pin) =>
                          `${names.get(pin.wine) ?? 'a wine'} ${pin.kind === 'adjacent' ? `beside ${names.get(pin.other) ?? 'a wine'}` : pin.kind === 'before' ? `before ${names.get(pin.other) ?? 'a wine'}` : pin.kind}`,
                      )
                      .join(', ')}
                    .
                  </p>
                )}
                {solution?.kind === 'impossible' && (
                  <p className="bad" role="alert">
                    These pins contradict each other: no order keeps them all. Take one off.
                  </p>
                )}
                <ol>
                  {now.steps.slice(1).map((step, i) => (
                    <StepLine key={step.wine} at={i + 1} step={step} />
                  ))}
                </ol>
                {best !== null && !isBest && (
                  <Button tone="strong" onPress={() => change({ wines: best.order }, '')}>
                    Take the best order
                  </Button>
                )}
                {best !== null && !isBest && (
                  <span className="soft" style={{ fontSize: 14 }}>
                    {best.order.map((entry) => names.get(entry)).join(' · ')}
                  </span>
                )}
                <span className="soft" style={{ fontSize: 14 }}>
                  You can move any wine by hand: it is judged at once. <Key>alt</Key> <Key>←</Key> <Key>→</Key>
                </span>
              </>
            )}
          </OrderCard>
        </Lay>
        {wines.length > 0 && (
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
        )}
      </Page>
    </Frame>
  );
}

type StepOf = OrderJudgement['steps'][number];
function topReason(step: StepOf): string | undefined {
  const top = [...step.reasons].sort((a, b) => b.push - a.push)[0];
  return top === undefined ? undefined : sentence(orderWording, top);
}
/** A step with its reasons: the strongest in sight, all of them a click away, adding up to the strain. */
function StepLine({ at, step }: { at: number; step: StepOf }) {
  const top = topReason(step);
  const reasons = [...step.reasons].sort((a, b) => b.push - a.push);
  return (
    <li>
      <span className={step.strain >= 6 ? 'bad' : 'good'}>
        {at} then {at + 1}
      </span>{' '}
      {strainWord(step.strain)}
      {top === undefined ? ': nothing is masked.' : `: ${top}.`} <strong>{signed(step.strain, 1)}</strong>
      {reasons.length > 1 && (
        <details>
          <summary className="soft">all {reasons.length} reasons</summary>
          <ul>
            {reasons.map((reason, i) => (
              <li key={i}>
                {sentence(orderWording, reason)} {signed(reason.push, 1)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </li>
  );
}
function Whole({ label, value, low, high, onChange }: { label: string; value: number; low: number; high: number; onChange: (value: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? String(value);
  const wrong = text !== '' && !(Number(text) >= low && Number(text) <= high) ? `${low} to ${high}` : undefined;
  return (
    <div onBlur={() => setTyped(null)}>
      <TextField
        label={label}
        inputMode="numeric"
        value={text}
        error={wrong}
        onChange={(next) => {
          setTyped(next);
          const n = Number(next);
          if (next.trim() !== '' && Number.isFinite(n) && n >= low && n <= high) onChange(label === 'Guests' ? Math.round(n) : n);
        }}
      />
    </div>
  );
}
