'use client';
import { useState } from 'react';
import Link from 'next/link';
import styled from 'styled-components';
import { glassColour } from '@rose/core/appearance/colour';
import { stopFor } from '@rose/core/finish/finish';
import { compareReadings, contrast, sharedSmells } from '@rose/core/prose/contrast';
import { withObservation, type NoteDocument, type PairCall } from '@rose/core/wine/note';
import {
  huesToChoose,
  labelInWords,
  midpoint,
  observableIds,
  observables,
  quarters,
  type Observable,
  type ObservableId,
  type Quarter,
  type Reading,
} from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/smells/index';
import type { NoteView } from '@/contract/answers';
import { Button, Key } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Disclosure } from '@/ui/disclosure';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument, type OpenDocument } from '@/ui/document/use-document';
import { Frame } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';
import { useKey } from '@/ui/keys';
import { Glass } from '@/ui/glass';
import { Scale } from '@/ui/scale';
import { Watch, useWatch } from '@/ui/stopwatch';
import { ChipList, NameSmell } from '../smell/aroma';
import { clashLabel, clashShown } from '../judge/clash-words';
import { quarterName } from '../quarters';
import { NextPair } from './next-pair';
import { Bar } from '../note-layout';
import { OneCall } from './pair-answer';
import { Unwrap } from './unwrap';

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 356px;
  min-height: calc(100vh - 56px);
  > section {
    padding: 22px 34px 60px;
    min-width: 0;
  }
  > aside {
    padding: 24px 28px;
    border-left: 1px solid var(--line);
    background: var(--raised);
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .head {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    flex-wrap: wrap;
    align-items: flex-end;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 20px;
    margin: 14px 0 6px;
  }
  .one {
    display: flex;
    gap: 14px;
    align-items: center;
  }
  .one[data-on='true'] strong {
    color: var(--madder);
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 150px;
    gap: 12px;
    align-items: center;
    border-bottom: 1px solid var(--line);
  }
  .row > :first-child {
    border: 0;
  }
  .row b {
    color: var(--madder);
    font-weight: 650;
  }
  .prose {
    font: 400 1.25rem/1.42 var(--serif);
    font-variant-numeric: lining-nums;
  }
  @media (max-width: 53.75em) {
    grid-template-columns: 1fr;
    > section {
      padding: 14px 16px;
    }
    > aside {
      border: 0;
      border-top: 1px solid var(--line);
      padding: 18px 16px 96px;
    }
    .row {
      grid-template-columns: 1fr;
      gap: 0;
    }
    .row > :last-child {
      padding-bottom: 8px;
    }
    .row > .none {
      display: none;
    }
  }
`;
/** What is set against each other at once, in the order of the quarters; all else that can be recorded is folded beneath its quarter. */
const first: readonly ObservableId[] = ['depth', 'noseSwirled', 'sweetness', 'acidity', 'tannin', 'alcohol', 'body', 'bubbles', 'intensity', 'balance'];
const asked = observableIds.filter((id) => observables[id].kind === 'scale' || observables[id].kind === 'choice');
const foldedOf = (quarter: Quarter) => asked.filter((id) => observables[id].quarter === quarter && !first.includes(id));
const sides = ['left', 'right'] as const;
type Side = (typeof sides)[number];

const useNote = (note: NoteView) => useDocument('note', { id: note.id, document: note.document, revision: note.revision });

/** Two glasses side by side: one key goes between them, every scale has both marks, and the pair gets one call. */
export function Pair({ left, right, series }: { left: NoteView; right: NoteView; series?: string | undefined }) {
  const open: Record<Side, OpenDocument<NoteDocument>> = { left: useNote(left), right: useNote(right) };
  const notes = { left, right };
  const [side, setSide] = useState<Side>('left');
  const other: Side = side === 'left' ? 'right' : 'left';
  const cross = () => {
    setSide(other);
    void open[side].flush();
  };
  const mayEdit = notes[side].mayEdit;
  const change = (next: (d: NoteDocument) => NoteDocument, field?: string) => mayEdit && open[side].change(next, field);
  const watch = useWatch(notes[side].id, (which, seconds) =>
    change((d) => {
      const id = stopFor(d.observed, which);
      return id === undefined ? d : withObservation(d, id, { seconds: Math.round(seconds) });
    }, which),
  );
  useKey((key, event) => {
    if (key === 'x') cross();
    if (key === ' ' && !(event.target as HTMLElement).closest('button, a')) {
      event.preventDefault();
      watch.press();
    }
  });
  const docs = { left: open.left.document, right: open.right.document };
  const smells = sharedSmells(docs.left.chips, docs.right.chips, chipName);
  const call: PairCall = docs.left.pairs?.[right.id] ?? {};
  const setCall = (next: Partial<PairCall>) =>
    left.mayEdit && open.left.change((d) => ({ ...d, pairs: { ...d.pairs, [right.id]: { ...d.pairs?.[right.id], ...next } } }), 'pair');
  const title = (at: Side) => notes[at].wine?.name ?? `Glass ${notes[at].code}`;
  return (
    <Frame keys={{ x: 'the other glass', space: 'the watch', '← →': 'move a mark by 5', 'shift ← →': 'by 1', '/': 'name a smell', del: 'clear a mark' }}>
      <Lay>
        <section aria-label="Two glasses">
          <div className="head">
            <div>
              <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
              <span className="soft">{left.tasting.id === right.tasting.id ? left.tasting.name : 'Two notes of yours'}</span>
              <h1>Left and right</h1>
              <SaveState open={open[side]} />
            </div>
            <Button tone="strong" onPress={cross} keys="x">
              Go to the {other} <Key>x</Key>
            </Button>
          </div>
          {sides.map((at) => (
            <Clashes key={at} open={open[at]} label={(path) => `${clashLabel(path)}, ${at}`} show={clashShown} />
          ))}
          <div className="two">
            {sides.map((at) => {
              const colour = glassColour(docs[at].observed);
              return (
                <div className="one" key={at} data-on={at === side} aria-current={at === side}>
                  <Glass stops={colour?.stops} size={72} tilt label={colour === undefined ? `${at}: no colour recorded` : `${at}: ${colour.inWords}`} />
                  <span>
                    <strong>{at}</strong>
                    {at === side ? ', in your hand' : ''}
                    <br />
                    <Link href={`/notes/${notes[at].id}`}>{title(at)}</Link>
                    <br />
                    <span className="soft">{colour?.inWords ?? 'no colour yet'}</span>
                  </span>
                </div>
              );
            })}
          </div>
          {quarters.map((quarter) => {
            const folded = foldedOf(quarter);
            const row = (id: ObservableId) => <Row key={id} id={id} side={side} docs={docs} change={change} />;
            return (
              <div key={quarter}>
                {first.filter((id) => observables[id].quarter === quarter).map(row)}
                {folded.length > 0 && (
                  <Disclosure says={<span className="soft">{`${quarterName[quarter]}: ${folded.map((id) => labelInWords(id)).join(', ')}`}</span>}>
                    {folded.map(row)}
                  </Disclosure>
                )}
              </div>
            );
          })}
          <div className="row" style={{ marginTop: 12 }}>
            <Watch watch={watch} />
            <OnTheRight id="finish" left={docs.left} right={docs.right} />
          </div>
          <h3 style={{ margin: '18px 0 8px' }}>Smells of the {side}</h3>
          {mayEdit && <NameSmell key={side} label={`Name a smell of the ${side}`} layer="first" change={change} />}
          <ChipList key={`${side}-chips`} chips={docs[side].chips} change={change} withFate={false} />
          {(
            [
              ['Only left', smells.left],
              ['Both', smells.both],
              ['Only right', smells.right],
            ] as const
          ).map(([label, names]) => (
            <p key={label} style={{ margin: '4px 0' }}>
              <strong>{label}</strong> {names.length === 0 ? <span className="soft">nothing yet</span> : names.join(' · ')}
            </p>
          ))}
          <Bar>
            <Button onPress={() => document.getElementById('call')?.scrollIntoView({ block: 'start' })}>To the call</Button>
            <Button onPress={cross}>{`On to the ${other}`}</Button>
          </Bar>
        </section>
        <aside id="call" aria-label="The two, so far">
          <span className="soft">The two, so far</span>
          <p className="prose">
            {contrast(docs.left, docs.right, chipName).join(' ') || 'Record the same thing of both, and they are set against each other.'}
          </p>
          <OneCall left={left} right={right} call={call} setCall={setCall} flush={open.left.flush} />
          <Unwrap notes={[left, right]} locked={call.locked === true} flush={() => Promise.all([open.left.flush(), open.right.flush()])} />
          {series !== undefined && <NextPair series={series} left={left.id} />}
        </aside>
      </Lay>
    </Frame>
  );
}

/** One observation of the glass in hand, with the other's mark beside it and how the right differs. */
function Row({
  id,
  side,
  docs,
  change,
}: {
  id: ObservableId;
  side: Side;
  docs: Readonly<Record<Side, NoteDocument>>;
  change: (next: (d: NoteDocument) => NoteDocument, field?: string) => unknown;
}) {
  const spec: Observable = observables[id];
  const other: Side = side === 'left' ? 'right' : 'left';
  const [here, there] = [docs[side].observed[id], docs[other].observed[id]];
  const set = (next: unknown) => change((d) => withObservation(d, id, next as never), id);
  return (
    <div className="row">
      {spec.kind === 'scale' ? (
        <Scale
          id={`${side}-${id}`}
          spec={{ ...spec, hint: undefined } as never}
          value={here as Reading | undefined}
          onChange={set}
          {...(there === undefined ? {} : { other: midpoint(there as Reading), otherLabel: `the ${other}` })}
        />
      ) : spec.kind === 'choice' ? (
        <Choice
          name={`${side}-${id}`}
          label={spec.label}
          hint={there === undefined ? undefined : `the ${other}: ${spec.options[there as string] ?? ''}`}
          options={id === 'hue' || id === 'rimHue' ? huesToChoose(id, docs[side].observed) : spec.options}
          value={here as string | undefined}
          onChange={set}
        />
      ) : null}
      <OnTheRight id={id} left={docs.left} right={docs.right} />
    </div>
  );
}
function OnTheRight({ id, left, right }: { id: ObservableId; left: NoteDocument; right: NoteDocument }) {
  const compared = compareReadings(id, left.observed, right.observed);
  if (compared === undefined) return <span className="soft none">–</span>;
  if (compared.word === 'another') return <span className="soft">not the same</span>;
  if (compared.word === 'the same') return <b>the same</b>;
  return (
    <span>
      <b>
        {compared.word}
        {(compared.word === 'more' || compared.word === 'less') && compared.unit === 's' ? `, by ${Math.abs(compared.by)} s` : ''}
      </b>{' '}
      <span className="soft">on the right</span>
    </span>
  );
}
