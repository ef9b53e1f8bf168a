'use client';
import { counted } from '@rose/core/wine/plural';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { v7 } from 'uuid';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { useAct } from '@/ui/act';
import { Button } from '@/ui/button';
import { MomentField } from '@/ui/date-field';
import { Trouble } from '@/ui/field';
import { localTimeInWords } from '@rose/core/wine/day';
import { Disclosure } from '@/ui/disclosure';

type SharedWine = AnswerOf<'flight', 'shared'>['wines'][number];
type MoveView = AnswerOf<'flight', 'moveView'>;

/** What this flight shares with others: bottles two evenings want, a copy for another date, and what moves when the date does. */
export function FlightElsewhere({
  id,
  flight,
  revision,
  mayEdit,
  onMove,
}: {
  id: string;
  flight: FlightDocument;
  revision: number;
  mayEdit: boolean;
  onMove: (starts: string) => void;
}) {
  const router = useRouter();
  const [shared, setShared] = useState<readonly SharedWine[]>([]);
  const [to, setTo] = useState('');
  const [view, setView] = useState<MoveView | null>(null);
  const act = useAct();
  useEffect(() => {
    if (revision === 0) return;
    void call(contract.flight.shared, { id }).then(
      ({ wines }) => setShared(wines),
      () => undefined,
    );
  }, [id, revision]);
  return (
    <section aria-label="Elsewhere" style={{ marginTop: 26, borderTop: '1px solid var(--line)', paddingTop: 16 }}>
      {shared.map((wine) => (
        <p key={wine.wine} style={{ margin: '0 0 8px', fontSize: '0.875rem', color: wine.needed > wine.held ? 'var(--amber)' : undefined }}>
          <strong>{wine.name}</strong> is wanted by{' '}
          {wine.flights.map((other, i) => (
            <span key={other.id}>
              {i > 0 ? ' and ' : ''}
              <Link href={`/flights/${other.id}`} prefetch={false}>
                {other.name}
              </Link>{' '}
              ({localTimeInWords(other.starts, 'no date yet')}, {other.needed})
            </span>
          ))}{' '}
          too: {counted(wine.needed, 'bottle')} with spares for all, {wine.held} held.
        </p>
      ))}
      {mayEdit && revision > 0 && (
        <Disclosure says={<span className="soft">Copy this flight, or move it to another date</span>}>
          <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'end' }}>
            <MomentField
              label="Another first pour"
              value={to}
              onChange={(value) => {
                setTo(value);
                setView(null);
                if (value !== '')
                  void act.run(async () => {
                    setView(await call(contract.flight.moveView, { id, starts: value }));
                  });
              }}
            />
            <Button
              disabled={act.busy}
              onPress={() =>
                void act.run(async () => {
                  const newId = v7();
                  await call(contract.flight.copy, { id, newId, ...(to === '' ? {} : { starts: to }) });
                  router.push(`/flights/${newId}`);
                })
              }
            >
              Copy it{to === '' ? '' : ' to that date'}
            </Button>
            <Button disabled={to === '' || to === flight.starts} onPress={() => onMove(to)}>
              Move it
            </Button>
          </div>
          {view !== null && to !== '' && (
            <p role="status" className="soft" style={{ fontSize: '0.875rem' }}>
              Every time of the plan moves with it, and ages are counted on the new day.
              {view.local !== to ? ` That hour does not exist on the day the clocks change: it becomes ${view.local.slice(11)}.` : ''}
              {view.sameDay.length > 0 ? ` Within a day of it: ${view.sameDay.map((other) => other.name).join(', ')}.` : ''}
              {view.done > 0 ? ` ${view.done} tasks are marked as done; take those marks off yourself.` : ''}
              {view.printed ? ' What was printed or sent will be out of date.' : ''}
            </p>
          )}
          {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
        </Disclosure>
      )}
    </section>
  );
}
