'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { v4 } from 'uuid';
import { stopFor } from '@rose/core/finish/finish';
import type { Routine } from '@rose/core/routine/routine';
import { stageOf } from '@rose/core/tasting/progress';
import { emptyNote, withObservation, type Moment, type NoteDocument } from '@rose/core/wine/note';
import { routineAgain } from '@rose/knowledge/routines/again';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { ApiProblem, call } from '@/ui/api';
import { Button } from '@/ui/button';
import { begunHere } from '@/ui/document/begun-here';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import { useWatch } from '@/ui/stopwatch';
import { clashLabel, clashShown } from '../judge/clash-words';
import { Ideas } from '../opened-when-needed';
import type { ChangeNote, SetObservation } from '../observation';
import type { TableGlass } from './seat';

const Guided = dynamic(() => import('../guided').then((module) => module.Guided), { ssr: false, loading: () => <Wait /> });
const EyeRow = dynamic(() => import('../look/eye-row').then((module) => module.EyeRow), { loading: () => <Wait /> });
const Smells = dynamic(() => import('../loaded-after-the-look').then((module) => module.Smells), { loading: () => <Wait /> });
const Flavours = dynamic(() => import('../loaded-after-the-look').then((module) => module.Flavours), { loading: () => <Wait /> });
const Finish = dynamic(() => import('../loaded-after-the-look').then((module) => module.Finish), { loading: () => <Wait /> });
const Locked = dynamic(() => import('./locked').then((module) => module.Locked), { ssr: false, loading: () => <Wait /> });
// Below the question: it comes after it.
const DoubtIt = dynamic(() => import('./doubt').then((module) => module.DoubtIt), { ssr: false });
const Hint = dynamic(() => import('./told').then((module) => module.Hint), { ssr: false });
const OwnBottle = dynamic(() => import('./told').then((module) => module.OwnBottle), { ssr: false });
const Wait = () => <p className="soft">One moment.</p>;

type OwnNote = AnswerOf<'guest', 'note'>;
/** The id of a note that is begun, the same after a reload: a lost answer begins nothing twice. */
function newNote(glass: string, moment: Moment): string {
  const key = `begin/${glass}/${moment}`;
  const id = keptOnDevice(key) ?? v4();
  keepOnDevice(key, id);
  return id;
}
/** What a note begins with at this table. */
const emptyAt = (routine: Routine): NoteDocument => ({
  ...emptyNote,
  routine: routine.id,
  ...(routine.ruler === undefined ? {} : { ruler: routine.ruler }),
});
/** What stands around a note at the table. */
interface Around {
  readonly routine: Routine;
  /** The step of the routine the table is at, for who follows it. */
  readonly step: number | undefined;
  readonly refresh: () => void;
  /** The host has left hints to ask for. */
  readonly hints: boolean;
  /** Tonight's wines by name, where the list is known and the order is not. */
  readonly list: readonly string[];
  /** What the guest said of their own bottle, where it is another. */
  readonly bottle: string | undefined;
}
/** A glass of the evening with the guest's own note on it, which is begun when the glass is first looked at. */
export function SeatGlass({ glass, moment, beside, ...rest }: Around & { glass: TableGlass; moment: Moment; beside: 'bite' | undefined }) {
  const [empty] = useState(() => emptyAt(rest.routine));
  const [note, setNote] = useState<OwnNote>();
  const [trouble, setTrouble] = useState('');
  const [again, setAgain] = useState(0);
  const glassId = glass.id;
  useEffect(() => {
    let there = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const open = async () => {
      // Begun before, it is found again.
      const { id } = await call(contract.guest.begin, { noteId: newNote(glassId, moment), glassId, moment });
      const found = await call(contract.guest.note, { id });
      if (there) setNote(found);
    };
    open().then(
      () => there && setTrouble(''),
      (error: unknown) => {
        if (!there) return;
        if (error instanceof ApiProblem) {
          setTrouble(error.message);
          timer = setTimeout(() => setAgain((n) => n + 1), 3000);
          return;
        }
        // Without a network the note is begun here, and there by the first save that gets through.
        const id = newNote(glassId, moment);
        begunHere(id, { glassId, moment });
        setNote({ id, glassId, moment, revision: 1, document: empty, locked: false });
      },
    );
    return () => {
      there = false;
      clearTimeout(timer);
    };
  }, [glassId, moment, again, empty]);
  if (glass.rejected) return <p>This bottle was put aside: what you wrote of it is kept apart. Your new glass stands beside it under its own code.</p>;
  if (note === undefined) return trouble === '' ? <Wait /> : <p role="alert">{trouble}</p>;
  return <OpenGlass key={note.id} note={note} glass={glass} {...rest} routine={routineAgain(rest.routine, moment, beside)} />;
}

function OpenGlass({
  note,
  glass,
  routine,
  step,
  refresh,
  hints,
  list,
  bottle,
}: Around & {
  note: OwnNote;
  glass: TableGlass;
}) {
  const open = useDocument('guestNote', { id: note.id, document: note.document, revision: note.revision });
  const [locked, setLocked] = useState(note.locked);
  const [editing, setEditing] = useState(!note.locked);
  const doc = open.document;
  // A call is made of the first look; what comes after is what changed.
  const first = note.moment === 'first';
  const set: SetObservation = (id, value) => open.change((d) => withObservation(d, id, value), id);
  const change: ChangeNote = (next) => open.change(next);
  const watch = useWatch(note.id, (which, seconds) => {
    const id = stopFor(doc.observed, which);
    if (id !== undefined) set(id, { seconds: Math.round(seconds) });
  });
  const lock = async (to: boolean) => {
    await open.flush();
    const answer = await call(contract.guest.lock, { glassId: glass.id, locked: to });
    setLocked(answer.locked);
    setEditing(!answer.locked);
    refresh();
  };
  const state = (
    <div style={{ margin: '0 0 8px' }}>
      <SaveState open={open} />
    </div>
  );
  if (!editing)
    return (
      <>
        {state}
        <Locked doc={doc} glass={glass} locked={locked} lock={lock} edit={() => setEditing(true)} />
      </>
    );
  return (
    <>
      {state}
      <Clashes open={open} label={clashLabel} show={clashShown} />
      {locked && <p className="soft">What you write now is a second version: your locked note is what counts.</p>}
      <Guided
        id={note.id}
        doc={doc}
        set={set}
        change={change}
        routine={routine}
        choices={[]}
        known={{}}
        canUndo={open.canUndo}
        undo={open.undo}
        step={step}
        done="That is all"
        onDone={() => void open.flush().then(() => setEditing(false))}
        parts={{
          eye: () => <EyeRow observed={doc.observed} set={set} known={{}} />,
          smells: ({ time }) => <Smells doc={doc} change={change} sniff={time?.n} />,
          flavours: () => <Flavours doc={doc} change={change} />,
          watch: () => <Finish watch={watch} doc={doc} set={set} change={change} />,
          idea: ({ step: asked }) => <Ideas doc={doc} at={asked.quarter} change={change} list={list} open />,
        }}
      />
      <p style={{ marginTop: 18 }}>
        <Button tone="quiet" size="small" onPress={() => setEditing(false)}>
          Read what you wrote
        </Button>
      </p>
      {first && !glass.closed && <Ideas doc={doc} at={stageOf(doc)} change={change} list={list} />}
      {first && hints && !glass.revealed && <Hint glassId={glass.id} hasNamed={doc.chips.length > 0} />}
      <DoubtIt glassId={glass.id} />
      <OwnBottle glassId={glass.id} says={bottle} changed={refresh} />
    </>
  );
}
