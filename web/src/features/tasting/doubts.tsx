'use client';
import { useState } from 'react';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { listed } from '@rose/core/wine/plural';
import { Button } from '@/ui/button';
import { useSeconds } from '@/ui/live/use-live';
import { wineTitle } from '../shared-flight/wine-title';
import type { Led } from '../shared-flight/use-led';

/** Seconds to wait before a doubtful glass is smelt again: much of what is not cork goes in that time. Common practice. */
const waits = 120;

/** Glasses somebody does not trust: where it points, what to do next, and the bottle put aside at the end of that. */
export function Doubts({ led }: { led: Led }) {
  const [since, setSince] = useState<Readonly<Record<string, number>>>({});
  const [sure, setSure] = useState<string>();
  const { doubts } = led.people;
  const now = useSeconds(doubts.length > 0);
  if (doubts.length === 0) return null;
  return (
    <div>
      <h2>Doubts</h2>
      {doubts.map((doubt) => {
        const started = since[doubt.glassId];
        const left = started === undefined ? undefined : Math.max(0, waits - Math.floor((now - started) / 1000));
        return (
          <div key={doubt.glassId} style={{ display: 'grid', gap: 6, padding: '8px 0' }}>
            <p>
              <strong>{wineTitle(led.state, { id: doubt.glassId, place: doubt.place })}</strong>: {listed(doubt.smells)}. {doubt.says}
            </p>
            <p className="soft">{doubt.next}</p>
            {led.state.panel && sure === doubt.glassId && (
              <p>Every seat that has it before it gets a new glass with a new number; who has this wine twice will see that the two are one.</p>
            )}
            <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
              {left === undefined ? (
                <Button size="small" onPress={() => setSince({ ...since, [doubt.glassId]: now })}>
                  Wait two minutes
                </Button>
              ) : (
                <span role="timer">{left > 0 ? `smell again in ${left} s` : 'Smell it again now.'}</span>
              )}
              {sure === doubt.glassId ? (
                <Button
                  size="small"
                  tone="danger"
                  disabled={!led.leads || led.busy}
                  onPress={() => void led.act('reject', { glassId: doubt.glassId }).then((done) => done && setSure(undefined))}
                >
                  {led.state.panel ? 'Yes: new glasses from the spare take their places' : 'Yes: a new glass from the spare takes its place'}
                </Button>
              ) : (
                <Button size="small" disabled={!led.leads} onPress={() => setSure(doubt.glassId)}>
                  Put the bottle aside
                </Button>
              )}
            </div>
          </div>
        );
      })}
    </div>
  );
}
/** Bottles that were put aside, each with a sheet for its merchant. */
export function PutAside({ led }: { led: Led }) {
  const aside = led.state.glasses.filter((glass) => glass.rejected);
  if (aside.length === 0) return null;
  return (
    <div>
      <h2>Put aside</h2>
      {aside.map((glass) => (
        <p key={glass.id} style={{ padding: '4px 0' }}>
          {led.state.panel ? wineTitle(led.state, glass) : `Wine ${placeLetter(glass.place)}, glass ${glass.code}`} ·{' '}
          <a href={`/api/v1/tastings/${led.state.id}/glasses/${glass.id}/fault-sheet`}>a sheet for its merchant</a>
        </p>
      ))}
    </div>
  );
}
/** What a shared card says that a wine of the flight holds: said before the first pour, and again when that wine is poured. */
export function Warnings({ led }: { led: Led }) {
  const { warnings } = led.people;
  const { state } = led;
  const stop = state.program[state.at]!;
  const due = warnings.filter(
    (entry) =>
      stop.kind === 'gather' || entry.place === null || (stop.kind === 'pour' && entry.place === stop.place) || ('place' in stop && entry.place === stop.place),
  );
  if (due.length === 0) return null;
  const bySeat = [...new Set(due.map((entry) => entry.seat))].map((seat) => due.filter((entry) => entry.seat === seat));
  return (
    <div role="alert" style={{ borderLeft: '3px solid var(--madder)', padding: '4px 14px' }}>
      {bySeat.map((of) => (
        <p key={of[0]!.seat}>
          <strong>
            Seat {of[0]!.seat}, {of[0]!.name}
          </strong>
          : {of.every((entry) => entry.place === null) ? 'a wine of this flight' : `wine ${listed(of.map((entry) => placeLetter(entry.place!)))}`} holds{' '}
          {listed([...new Set(of.flatMap((entry) => entry.holds))])}, and their card names it. Ask them before they drink.
        </p>
      ))}
    </div>
  );
}
