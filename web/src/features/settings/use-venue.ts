'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import type { VenueSettings } from '@/contract/venue-settings';
import { ApiProblem, call } from '@/ui/api';

/** What a venue is called and what it has chosen; probe readings have acts of their own. */
export type Choices = Omit<VenueSettings, 'probes'> & { readonly name: string };
export type Who = AnswerOf<'account', 'me'>;
export interface EditedVenue {
  readonly venue: Choices;
  readonly change: (next: Partial<Choices>) => void;
  readonly canUndo: boolean;
  readonly undo: () => void;
  readonly state: 'saved' | 'waiting' | 'refused' | 'device';
  readonly problem: string;
  /** The message beside a field. */
  readonly of: (field: string) => string | undefined;
}
/** Milliseconds of rest after which what was edited is sent. */
const rest = 500;
/** Milliseconds after which what could not be sent is tried again. */
const again = 4_000;

/** A venue's choices, saved as one edits: only what was changed is sent, so that two who edit different things do not undo each other. */
export function useVenue(who: Who, mayEdit: boolean): EditedVenue {
  const router = useRouter();
  const { probes: _own, ...settings } = who.venue!.settings;
  const [venue, setVenue] = useState<Choices>({ ...settings, name: who.venue!.name });
  const [before, setBefore] = useState<readonly Partial<Choices>[]>([]);
  const [state, setState] = useState<EditedVenue['state']>('saved');
  const [problem, setProblem] = useState<Error | null>(null);
  const unsent = useRef<Partial<Choices>>({});
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const send = async (keepalive = false) => {
    clearTimeout(timer.current);
    const { name, ...changed } = unsent.current;
    if (name === undefined && Object.keys(changed).length === 0) return;
    const sent = unsent.current;
    unsent.current = {};
    try {
      await call(contract.venue.save, { ...(name === undefined ? {} : { name }), settings: changed }, { keepalive });
      setProblem(null);
      if (Object.keys(unsent.current).length === 0) setState('saved');
      router.refresh();
    } catch (error) {
      // What was refused stays on the page and is sent again with the next change; without a connection it is tried again by itself.
      unsent.current = { ...sent, ...unsent.current };
      setProblem(error as Error);
      setState(error instanceof ApiProblem ? 'refused' : 'device');
      if (!(error instanceof ApiProblem)) timer.current = setTimeout(() => void send(), again);
    }
  };
  const latest = useRef(send);
  useEffect(() => {
    latest.current = send;
  });
  useEffect(() => {
    const leave = () => void latest.current(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      void latest.current(true);
    };
  }, []);
  const put = (next: Partial<Choices>) => {
    setVenue((now) => ({ ...now, ...next }));
    unsent.current = { ...unsent.current, ...next };
    setState('waiting');
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send(), rest);
  };
  return {
    venue,
    change: (next) => {
      if (!mayEdit) return;
      const stood = Object.fromEntries(Object.keys(next).map((key) => [key, venue[key as keyof Choices]])) as Partial<Choices>;
      setBefore([...before, stood]);
      put(next);
    },
    canUndo: before.length > 0,
    undo: () => {
      const last = before.at(-1);
      if (last === undefined) return;
      setBefore(before.slice(0, -1));
      put(last);
    },
    state,
    problem: problem?.message ?? '',
    of: (field) => (problem instanceof ApiProblem ? problem.of(field) : undefined),
  };
}
