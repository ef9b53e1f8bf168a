'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 } from 'uuid';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { ApiProblem, call } from '../../ui/api';
import { memberStream } from '../../ui/live/streams';
import { useEvening, useHeard } from '../../ui/live/use-live';

export type HostState = AnswerOf<'tasting', 'get'>;
export type People = AnswerOf<'tasting', 'people'>;
/** What a host does, each based on the tick that was seen. */
type Acts = 'move' | 'pause' | 'grant' | 'letGoOn' | 'room' | 'clue' | 'uncover' | 'cover' | 'reject' | 'ask' | 'count' | 'park' | 'remove' | 'close';
type More<A extends Acts> = Omit<NonNullable<(typeof contract.tasting)[A]['takes']>, 'id' | 'basedOn' | 'actId'>;

const happened: Readonly<Record<string, string>> = {
  moved: 'the table went on',
  paused: 'the room was paused',
  'went-on': 'the room went on',
  led: 'another host took over',
  let: 'guests were let go on, or held',
  'uncovered-fact': 'a fact was uncovered',
  'covered-fact': 'a fact was covered again',
  rejected: 'a bottle was put aside',
  asked: 'a question was put to the table',
  counted: 'a question was counted',
  closed: 'the evening was closed',
};
/** Milliseconds a state may take to come by the stream after an act. */
const slow = 700;
/** An evening that is led from this page: its state as it goes, who sits there, and the acts. */
export function useLed(first: HostState, userId: string) {
  const topic = `host.${first.id}`;
  const live = useEvening(memberStream, topic, first);
  // A stream that is slow or cut does not hold up who leads: what an act made of the evening is asked for.
  const [asked, setAsked] = useState(first);
  const state = asked.tick > live.tick ? asked : live;
  const reached = useRef(state.tick);
  useEffect(() => {
    reached.current = state.tick;
  }, [state.tick]);
  // What this page did is known to it before the stream says so: the next act is based on it.
  const own = useRef(0);
  const lookAfter = (tick: number) => {
    own.current = Math.max(own.current, tick);
    setTimeout(() => {
      if (reached.current < tick) call(contract.tasting.get, { id: first.id }).then(setAsked, () => undefined);
    }, slow);
  };
  const [people, setPeople] = useState<People>({ people: [], doubts: [], warnings: [], answers: null });
  useHeard(
    memberStream,
    topic,
    'people',
    useCallback((data: string) => setPeople(JSON.parse(data) as People), []),
  );
  const [trouble, setTrouble] = useState('');
  const [busy, setBusy] = useState(false);
  const run = async (what: () => Promise<unknown>) => {
    setBusy(true);
    try {
      await what();
      setTrouble('');
      return true;
    } catch (error) {
      const since = error instanceof ApiProblem && Array.isArray(error.more['since']) ? (error.more['since'] as string[]) : [];
      const told = [...new Set(since)].flatMap((act) => happened[act] ?? []);
      setTrouble(`${error instanceof Error ? error.message : ''}${told.length === 0 ? '' : ` Meanwhile ${told.join(', ')}.`}`);
      return false;
    } finally {
      setBusy(false);
    }
  };
  const act = <A extends Acts>(name: A, more: More<A>) => {
    const address: { readonly method: string; readonly path: string; readonly takes?: object; readonly answers?: { readonly tick: number } } =
      contract.tasting[name];
    return run(async () => {
      const { tick } = await call(address, { id: state.id, basedOn: Math.max(state.tick, own.current), actId: v4(), ...more });
      lookAfter(tick);
    });
  };
  const takeWheel = () =>
    run(async () => {
      lookAfter((await call(contract.tasting.takeWheel, { id: state.id, actId: v4() })).tick);
    });
  return { state, people, act, takeWheel, run, busy, trouble, leads: state.wheel === null || state.wheel.userId === userId };
}
export type Led = ReturnType<typeof useLed>;
