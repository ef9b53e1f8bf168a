'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { uncoverable, type Uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import { counted } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button, Key } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { Frame } from '@/ui/frame';
import { useKey } from '@/ui/keys';
import { Switch } from '@/ui/switch';
import { FlightTabs } from '../shared-flight/flight-tabs';
import { useLed, type HostState } from '../shared-flight/use-led';
import { wineTitle } from '../shared-flight/wine-title';
import { Calls } from './calls';

const Lay = styled.div`
  display: grid;
  grid-template-columns: 470px minmax(0, 1fr);
  min-height: calc(100vh - 56px);
  > section {
    padding: 18px 34px 40px;
    min-width: 0;
  }
  > section:first-child {
    border-right: 1px solid var(--line);
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 14px;
    align-items: center;
    color: var(--soft);
  }
  h1 {
    font-size: 3.25rem;
    margin: 10px 0 14px;
  }
  h1 small {
    font: 400 1.125rem var(--sans);
    color: var(--soft);
    margin-left: 12px;
  }
  dl {
    margin: 0;
    border-top: 1px solid var(--line);
  }
  dl div {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 14px;
    align-items: center;
    min-height: 56px;
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 10px;
    font: 500 1.4375rem/1.2 var(--serif);
  }
  dd[data-covered] {
    color: var(--soft);
    font-style: italic;
    font-weight: 400;
    font-size: 1.1875rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin: 20px 0;
  }
  .glasses {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 10px;
  }
  .soft {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  @media (max-width: 62em) {
    grid-template-columns: minmax(0, 1fr);
    > section:first-child {
      border-right: 0;
      border-bottom: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    > section {
      padding: 12px 16px 24px;
    }
    h1 {
      font-size: 2.375rem;
    }
  }
`;
const facts = keysOf(uncoverable);
export type CallsFound = AnswerOf<'tasting', 'calls'>;

/** Lifts the labels: fact by fact, with what the table called beside each. */
export function Unmask({ first, userId, flightId }: { first: HostState; userId: string; flightId: string }) {
  const led = useLed(first, userId);
  const { state, act } = led;
  const stop = state.program[state.at]!;
  const glasses = state.glasses.filter((glass) => !glass.rejected);
  const due = stop.kind === 'reveal' ? glasses.find((glass) => stop.places.includes(glass.place) && !glass.revealed) : undefined;
  const [chosen, setChosen] = useState<string>();
  const glass = glasses.find((entry) => entry.id === chosen) ?? due ?? glasses.findLast((entry) => entry.facts.length > 0) ?? glasses[0];
  const [calls, setCalls] = useState<CallsFound>();
  const [rehearsal, setRehearsal] = useState(false);
  const [marked, setMarked] = useState(false);
  const simulated = led.people.people.some((person) => person.simulated);
  useEffect(() => {
    if (glass === undefined) return;
    let there = true;
    call(contract.tasting.calls, {
      id: state.id,
      glassId: glass.id,
      ...(rehearsal ? { simulated: 'yes' as const } : {}),
      ...(marked ? { marked: 'yes' as const } : {}),
    }).then(
      (found) => there && setCalls(found),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [glass?.id, state.id, state.tick, glass, rehearsal, marked]);
  const next = glass === undefined ? undefined : facts.find((fact) => !glass.facts.some((entry) => entry.fact === fact));
  const last = glass === undefined ? undefined : facts.findLast((fact) => fact !== 'name' && glass.facts.some((entry) => entry.fact === fact));
  const uncover = (fact: Uncoverable) => {
    if (glass !== undefined) void act('uncover', { glassId: glass.id, fact });
  };
  const mayAct = led.leads && !state.over;
  useKey((key, event) => {
    if (key !== ' ' || next === undefined || led.busy || !mayAct || (event.target as HTMLElement).closest('button, a')) return;
    event.preventDefault();
    uncover(next);
  });
  return (
    <Frame keys={{ space: 'uncover the next fact' }}>
      <Lay>
        <section aria-label="The label">
          <div className="line">
            <span>
              {state.name}
              {glass === undefined || state.panel ? '' : ` · wine ${glass.place + 1} of ${state.wines}`}
            </span>
          </div>
          {glass === undefined ? (
            <>
              <h1>Nothing poured yet</h1>
              <p>What is poured can be uncovered here, one fact after the other.</p>
            </>
          ) : (
            <>
              <h1>
                {wineTitle(state, glass)}
                <small>{glass.code}</small>
              </h1>
              <dl>
                {facts.map((fact) => {
                  const shown = glass.facts.find((entry) => entry.fact === fact);
                  return (
                    <div key={fact}>
                      <dt>{uncoverable[fact]}</dt>
                      <dd data-covered={shown === undefined || undefined}>
                        <span>{shown?.says ?? 'still covered'}</span>
                        {shown === undefined && fact !== next && mayAct && (
                          <Button size="small" tone="quiet" label={`Uncover the ${uncoverable[fact]}`} onPress={() => uncover(fact)}>
                            Uncover
                          </Button>
                        )}
                      </dd>
                    </div>
                  );
                })}
              </dl>
              {mayAct && (
                <div className="acts">
                  {next !== undefined && (
                    <Button tone="strong" keys="space" disabled={led.busy} onPress={() => uncover(next)}>
                      Uncover the {uncoverable[next]} <Key>space</Key>
                    </Button>
                  )}
                  {last !== undefined && !glass.revealed && (
                    <Button disabled={led.busy} onPress={() => void act('cover', { glassId: glass.id, fact: last })}>
                      Cover the {uncoverable[last]} again
                    </Button>
                  )}
                </div>
              )}
              {!glass.closed && calls !== undefined && (
                <p className="soft">
                  {calls.people > 0 && `${String(calls.locked)} of ${counted(calls.people, 'note')} locked. `}From the first fact on, what is written on this
                  glass counts as seen.
                </p>
              )}
              {state.blind === 'double' && !glass.revealed && <p className="soft">You do not know it either: this flight is blind to the host too.</p>}
            </>
          )}
          {glasses.length > 1 && (
            <div className="glasses" role="group" aria-label="Glasses">
              {glasses.map((entry) => (
                <Button
                  key={entry.id}
                  size="small"
                  pressed={entry.id === glass?.id}
                  label={state.panel ? `${wineTitle(state, entry)}${entry.revealed ? ' ◆' : ''}` : `Wine ${placeLetter(entry.place)}`}
                  onPress={() => setChosen(entry.id)}
                >
                  {state.panel ? wineTitle(state, entry) : placeLetter(entry.place)}
                  {entry.revealed ? ' ◆' : ''}
                </Button>
              ))}
            </div>
          )}
          {led.trouble !== '' && <Trouble role="alert">{led.trouble}</Trouble>}
          {!led.leads && (
            <p>
              {state.wheel?.name} leads just now. <Button onPress={() => void led.takeWheel()}>Take over</Button>
            </p>
          )}
        </section>
        <section aria-label="The calls">
          <div className="line">
            <span>
              {glass === undefined || calls === undefined
                ? ''
                : calls.people === 0
                  ? 'Nobody has a note on this glass'
                  : `What ${counted(calls.people, 'taster')} called`}
            </span>
            <FlightTabs id={flightId} />
          </div>
          {simulated && (
            <p style={{ marginTop: 10 }}>
              <Switch on={rehearsal} onChange={setRehearsal}>
                Show the simulated guests’ calls instead
              </Switch>
            </p>
          )}
          {calls !== undefined && calls.helped > 0 && (
            <p style={{ marginTop: 10 }}>
              <Switch on={marked} onChange={setMarked}>
                Count the {counted(calls.helped, 'call')} that were helped or saw something, too
              </Switch>
            </p>
          )}
          <Calls calls={calls} />
        </section>
      </Lay>
    </Frame>
  );
}
