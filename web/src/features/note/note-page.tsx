'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { stopFor } from '@rose/core/finish/finish';
import type { Routine } from '@rose/core/routine/routine';
import { quarters, type Quarter } from '@rose/core/wine/observables';
import { knownGlass } from '@rose/core/wine/known-glass';
import { withObservation } from '@rose/core/wine/note';
import { routineNamed } from '@rose/knowledge/routines/index';
import type { NoteView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { keepInTab, keptInTab } from '@/ui/kept-on-device';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Clashes } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { Frame } from '@/ui/frame';
import { GlassAside } from './glass-aside';
import { useKey } from '@/ui/keys';
import { Watch, useWatch } from '@/ui/stopwatch';
import { clashLabel, clashShown } from './judge/clash-words';
import { DepthSwitch, keepDepth, keptDepth, type Depth } from './how-much-is-asked';
import { Bar, Lay } from './note-layout';
import { CircumstancesNote, Ideas } from './opened-when-needed';
import { Fields } from './fields';
import type { ChangeNote, SetObservation } from './observation';
import { Quarters, quarterName } from './quarters';

const Quick = dynamic(() => import('./quick').then((module) => module.Quick), { loading: () => <Wait /> });
const Guided = dynamic(() => import('./guided').then((module) => module.Guided), { ssr: false, loading: () => <Wait /> });
const Smells = dynamic(() => import('./loaded-after-the-look').then((module) => module.Smells), { loading: () => <Wait /> });
const Aroma = dynamic(() => import('./loaded-after-the-look').then((module) => module.Aroma), { loading: () => <Wait /> });
const Flavours = dynamic(() => import('./loaded-after-the-look').then((module) => module.Flavours), { loading: () => <Wait /> });
const Sips = dynamic(() => import('./loaded-after-the-look').then((module) => module.Sips));
const BeforeVerdict = dynamic(() => import('./loaded-after-the-look').then((module) => module.BeforeVerdict));
const Triage = dynamic(() => import('./smell/is-it-sound').then((module) => module.Triage), { ssr: false, loading: () => <Wait /> });
const Finish = dynamic(() => import('./loaded-after-the-look').then((module) => module.Finish), { loading: () => <Wait /> });
const After = dynamic(() => import('./keep/beside-the-record').then((module) => module.After), { ssr: false, loading: () => <Wait /> });
const EyeRow = dynamic(() => import('./look/eye-row').then((module) => module.EyeRow), { loading: () => <Wait /> });
const BuyUpTo = dynamic(() => import('./judge/buy-up-to').then((module) => module.BuyUpTo));
const Haze = dynamic(() => import('./look/haze').then((module) => module.Haze), { ssr: false });
const LookAgain = dynamic(() => import('./keep/look-again').then((module) => module.LookAgain), { ssr: false });
const Wait = () => <p style={{ color: 'var(--soft)' }}>One moment.</p>;

const twelve = routineNamed('twelve');
const none: readonly Routine[] = [];
const guide: Record<Quarter, string> = {
  appearance: 'Tilt it over something white.',
  aroma: 'Still glass first, then swirl; short sniffs.',
  palate: 'Work it round the mouth, let air over it, wait.',
  finish: 'Swallow or spit, and press.',
  verdict: 'Your mark comes before the draft.',
};

/** The next glass of a flight that is assessed in turn. */
export interface NextGlass {
  readonly flightId: string;
  readonly wineId: string;
  readonly name: string;
}
export function Desk({ note, routines, nextGlass }: { note: NoteView; routines: readonly Routine[]; nextGlass?: NextGlass | undefined }) {
  const open = useDocument('note', { id: note.id, document: note.document, revision: note.revision });
  const doc = open.document;
  const known = knownGlass(note.wine?.facts);
  // One note of the next glass, however often “done” is pressed.
  const [nextId] = useState(() => v7());
  const choices = routines.some((entry) => entry.id === note.routine.id) ? routines : [...routines, note.routine];
  const [quarter, setQuarter] = useState<Quarter>('appearance');
  const [depth, setDepth] = useState<Depth>('full');
  const [wide, setWide] = useState(false);
  // A reload lands where you were; the written note is fetched at once only where there is room for it.
  useEffect(() => {
    const kept = keptInTab(`quarter/${note.id}`);
    if (kept !== undefined && quarters.includes(kept as Quarter)) setQuarter(kept as Quarter);
    setDepth(keptDepth());
    const query = window.matchMedia('(min-width: 47.5625em)');
    const fit = () => setWide(query.matches);
    fit();
    query.addEventListener('change', fit);
    return () => query.removeEventListener('change', fit);
  }, [note.id]);
  const deepen = (to: Depth) => {
    setDepth(to);
    keepDepth(to);
    void open.flush();
  };
  const go = (to: Quarter) => {
    setQuarter(to);
    if (depth !== 'full') deepen('full');
    keepInTab(`quarter/${note.id}`, to);
    void open.flush();
    window.scrollTo({ top: 0 });
  };
  const set: SetObservation = (id, value) => note.mayEdit && open.change((d) => withObservation(d, id, value), id);
  const watch = useWatch(note.id, (which, seconds) => {
    const id = stopFor(doc.observed, which);
    if (id !== undefined) set(id, { seconds: Math.round(seconds) });
  });
  useKey((key, event) => {
    const number = Number(key);
    if (number >= 1 && number <= 5) go(quarters[number - 1]!);
    else if (key === ' ' && !(event.target as HTMLElement).closest('button, a')) {
      event.preventDefault();
      watch.press();
    } else if (key === '/' && quarter !== 'aroma' && quarter !== 'palate') {
      event.preventDefault();
      go('aroma');
    }
  });
  const routine = choices.find((entry) => entry.id === doc.routine) ?? note.routine;
  const change: ChangeNote = (next) => note.mayEdit && open.change(next);
  const finish = async () => {
    change((d) => ({ ...d, done: true }));
    await open.flush();
    if (nextGlass === undefined) return window.location.assign('/notebook');
    const { flightId, wineId } = nextGlass;
    // Where the next glass cannot be opened now, its wine's page is where it can be.
    await call(contract.note.open, { id: nextId, wineId }).then(
      ({ id }) => window.location.assign(`/notes/${id}?flight=${flightId}`),
      () => window.location.assign(`/wines/${wineId}`),
    );
  };
  const doubtful =
    [doc.observed.health, doc.observed.palateHealth].some((health) => health === 'trace' || health === 'doubtful' || health === 'faulty') ||
    Object.keys(doc.triage ?? {}).length > 0;
  const cloudy = doc.observed.clarity === 'hazy' || doc.observed.clarity === 'cloudy' || doc.observed.clarity === 'dull';
  const at = quarters.indexOf(quarter);
  const next = quarters[at + 1];
  const triage = <Triage doc={doc} facts={note.wine?.facts} day={note.day} change={change} set={set} />;
  const after = <After note={note} doc={doc} change={change} go={go} flush={open.flush} />;
  const undo = (
    <Button disabled={!open.canUndo} onPress={open.undo}>
      Undo
    </Button>
  );
  const finished = (
    <Button tone="strong" onPress={() => void finish()}>
      {nextGlass === undefined ? 'Done' : `Done, on to ${nextGlass.name}`}
    </Button>
  );
  return (
    <Frame
      keys={{
        '1–4': 'the quarters',
        '5': 'judgement',
        space: 'the watch',
        '/': 'name a smell',
        '← →': 'move a mark by 5',
        'shift ← →': 'by 1',
        del: 'clear a mark',
      }}
    >
      <Lay>
        <GlassAside note={note} doc={doc} open={open} quarter={quarter} wide={wide} go={go} watch={watch} />
        <section aria-label="The record">
          <DepthSwitch depth={depth} onChange={deepen} />
          <Clashes open={open} label={clashLabel} show={clashShown} />
          {!note.mayEdit && <p className="soft">You read this note; only its taster changes it.</p>}
          {depth === 'quick' && (
            <>
              <Quick doc={doc} set={set} change={change} known={known} />
              {doubtful && triage}
              {!wide && after}
              <Bar>
                {undo}
                {finished}
              </Bar>
            </>
          )}
          {(depth === 'guided' || depth === 'twelve') && (
            <Guided
              id={note.id}
              doc={doc}
              set={set}
              change={change}
              key={depth}
              routine={depth === 'twelve' ? twelve : routine}
              choices={depth === 'twelve' ? none : choices}
              known={known}
              canUndo={open.canUndo}
              undo={open.undo}
              onDone={() => void finish()}
              parts={{
                eye: () => <EyeRow observed={doc.observed} set={set} known={known} />,
                smells: ({ time }) => <Smells doc={doc} change={change} sniff={time?.n} />,
                flavours: () => (
                  <>
                    <Flavours doc={doc} change={change} />
                    {doubtful && triage}
                  </>
                ),
                watch: () => <Finish watch={watch} doc={doc} set={set} change={change} />,
                idea: () => <Ideas doc={doc} at="finish" change={change} open />,
              }}
            />
          )}
          {depth === 'full' && (
            <>
              <Quarters quarter={quarter} doc={doc} go={go}>
                <div style={{ display: 'flex', gap: 14, alignItems: 'baseline', flexWrap: 'wrap', marginBottom: 6 }}>
                  <h2>{quarterName[quarter]}</h2>
                  <span className="soft">{guide[quarter]}</span>
                </div>
                {!wide && watch.stage !== 'ready' && quarter !== 'finish' && (
                  <div style={{ margin: '8px 0' }}>
                    <Watch watch={watch} />
                  </div>
                )}
                {quarter === 'appearance' && cloudy && <Haze doc={doc} facts={note.wine?.facts} day={note.day} />}
                {quarter === 'palate' && <Sips routine={routine} doc={doc} change={change} />}
                {(quarter === 'appearance' || quarter === 'palate') && <Fields quarter={quarter} observed={doc.observed} set={set} known={known} />}
                {quarter === 'verdict' && (
                  <BeforeVerdict routine={routine} doc={doc} change={note.mayEdit ? change : undefined}>
                    <Fields quarter={quarter} observed={doc.observed} set={set} />
                    <BuyUpTo doc={doc} change={change} />
                  </BeforeVerdict>
                )}
                {quarter === 'verdict' && doc.observed.readiness === 'young' && <LookAgain doc={doc} change={change} day={note.day} />}
                {quarter === 'aroma' && <Aroma doc={doc} change={change} set={set} />}
                {(quarter === 'aroma' || quarter === 'palate') && doubtful && triage}
                {quarter === 'palate' && <Flavours doc={doc} change={change} />}
                {quarter === 'finish' && <Finish watch={watch} doc={doc} set={set} change={change} />}
                {note.mayEdit && (
                  <>
                    <Ideas
                      doc={doc}
                      at={quarter === 'appearance' && doc.observed.hue === undefined && (doc.ideas ?? []).length === 0 ? 'before' : quarter}
                      change={open.change}
                    />
                    {quarter === 'appearance' && <CircumstancesNote doc={doc} change={open.change} />}
                  </>
                )}
                {quarter === 'verdict' && !wide && after}
              </Quarters>
              <Bar>
                {undo}
                {next === undefined ? (
                  finished
                ) : (
                  <Button tone="strong" onPress={() => go(next)}>
                    On to {quarterName[next].toLowerCase()}
                  </Button>
                )}
              </Bar>
            </>
          )}
        </section>
        {wide && <aside aria-label="Your note, so far">{after}</aside>}
      </Lay>
    </Frame>
  );
}
