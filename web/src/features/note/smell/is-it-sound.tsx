'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { asClock } from '@rose/core/wine/clock';
import { chanceWord, senses, type FaultAct } from '@rose/core/fault/fault';
import type { NoteDocument } from '@rose/core/wine/note';
import type { WineFacts } from '@rose/core/wine/facts';
import { signed } from '@rose/core/wine/search-folding';
import { keysOf } from '@rose/core/wine/keys';
import { faultContext, faultCues, triageGlass } from '@rose/knowledge/faults/index';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import type { ChangeNote, SetObservation } from '../observation';
import { Disclosure } from '@/ui/disclosure';

const Box = styled.section`
  border-left: 3px solid var(--amber);
  padding: 4px 0 4px 16px;
  margin: 18px 0;
  h3 {
    margin: 0 0 4px;
  }
  .ask {
    font: 500 1.3125rem/1.3 var(--serif);
    margin: 10px 0 8px;
  }
  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
  }
  li {
    padding: 6px 0;
    border-top: 1px solid var(--line);
    font-size: 0.9375rem;
  }
  .disclosure-line {
    min-height: 32px;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

/** What may be wrong with a doubtful glass: one question at a time, what it looks like and what it may really be, what to do now with its timer. */
export function Triage({
  doc,
  facts,
  day,
  change,
  set,
}: {
  doc: NoteDocument;
  facts: WineFacts | undefined;
  day: string;
  change: ChangeNote;
  set: SetObservation;
}) {
  const answers = doc.triage ?? {};
  const found = triageGlass(doc, answers, facts === undefined ? {} : faultContext(facts, day));
  const answer = (cue: string, there: boolean | undefined) =>
    change((d) => {
      const { [cue]: _old, ...rest } = d.triage ?? {};
      return { ...d, triage: there === undefined ? rest : { ...rest, [cue]: there } };
    });
  const likely = found.faults.filter((entry) => entry.chance >= 0.05).slice(0, 4);
  const open = faultCues.filter((cue) => answers[cue.id] === undefined);
  const bySense = keysOf(senses).flatMap((sense) => open.filter((entry) => entry.sense === sense));
  const [cue, setCue] = useState('');
  const untold = Object.keys(answers).length === 0 && found.next === undefined && likely.length === 0;
  return (
    <Box aria-label="What may be wrong">
      <h3>{untold ? 'What do you notice?' : headings[found.verdict]}</h3>
      {found.remark !== '' && <p>{found.remark}</p>}
      {untold && <p className="soft">Name the smell as you would any other, or pick what comes nearest here. It asks on from there.</p>}
      {found.next !== undefined && (
        <>
          <p className="ask">{found.next.ask}</p>
          <div className="do">
            <Button onPress={() => answer(found.next!.id, true)}>Yes</Button>
            <Button onPress={() => answer(found.next!.id, false)}>No</Button>
          </div>
        </>
      )}
      {likely.length > 0 && (
        <ul aria-label="Likely faults">
          {likely.map((entry) => (
            <li key={entry.fault.id}>
              <Disclosure
                says={
                  <>
                    <strong>{entry.fault.name}</strong>: {chanceWord(entry.chance)}, about {Math.max(1, Math.round(entry.chance * 100))} in a hundred
                  </>
                }
              >
                <ul>
                  {entry.reasons.map((reason, i) => (
                    <li key={i} className="soft">
                      {reason.text} {signed(reason.push, 1)} {reason.unit}
                    </li>
                  ))}
                  {entry.fault.facts.map((fact) => (
                    <li key={fact.says} className="soft">
                      {fact.says} ({fact.source})
                    </li>
                  ))}
                </ul>
              </Disclosure>
              {entry.chance >= 0.15 && (
                <div className="do">
                  {entry.fault.now
                    .filter((act) => act.last !== true || entry.chance >= 0.8)
                    .map((act) => (
                      <Act key={act.says} act={act} />
                    ))}
                </div>
              )}
            </li>
          ))}
        </ul>
      )}
      {found.alarms.length > 0 && (
        <ul aria-label="What it may really be">
          {found.alarms.map(({ alarm, sure }) => (
            <li key={alarm.id}>
              {sure ? 'Not a fault' : 'Perhaps no fault'}: {alarm.looks}. {alarm.really[0]!.toUpperCase() + alarm.really.slice(1)}.
            </li>
          ))}
        </ul>
      )}
      <div className="do">
        <div style={{ minWidth: 240, flex: 1 }}>
          <SelectField
            hideLabel
            label="Something else you notice"
            value={cue}
            empty="something else you notice …"
            onChange={setCue}
            options={Object.fromEntries(bySense.map((entry) => [entry.id, `${senses[entry.sense]}: ${entry.says}`]))}
          />
        </div>
        <Button
          disabled={cue === ''}
          onPress={() => {
            answer(cue, true);
            setCue('');
          }}
        >
          It is there
        </Button>
      </div>
      {Object.keys(answers).length > 0 && (
        <p className="soft">
          You said:{' '}
          {Object.entries(answers)
            .map(([id, there]) => `${there ? '' : 'not: '}${faultCues.find((entry) => entry.id === id)?.says ?? id}`)
            .join('; ')}
          .{' '}
          <Button size="small" tone="quiet" onPress={() => change((d) => ({ ...d, triage: {} }))}>
            Begin again
          </Button>
        </p>
      )}
      <p className="do">
        <Button tone="danger" pressed={doc.observed.health === 'faulty'} onPress={() => set('health', doc.observed.health === 'faulty' ? undefined : 'faulty')}>
          I would not taste this
        </Button>
        <span className="soft" role="status">
          {doc.observed.health === 'faulty'
            ? 'Noted as faulty: that is a complete note. Keep the bottle for a second opinion, and take it out of your stock on its wine’s page. Press again to take it back.'
            : 'That is a complete note.'}
        </span>
      </p>
    </Box>
  );
}

const headings = { 'nothing wrong so far': 'Nothing wrong so far', doubtful: 'Doubtful', 'probably faulty': 'Probably faulty' } as const;

/** Something to do now; with a timer where waiting is the point. */
function Act({ act }: { act: FaultAct }) {
  const [until, setUntil] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (until === null) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [until]);
  const left = until === null ? null : Math.max(0, Math.ceil((until - now) / 1000));
  return (
    <span style={{ fontSize: '0.9375rem' }}>
      {act.says}{' '}
      {act.wait !== undefined &&
        (left === null ? (
          <Button
            size="small"
            onPress={() => {
              setNow(Date.now());
              setUntil(Date.now() + act.wait! * 1000);
            }}
          >
            Wait {act.wait >= 120 ? `${act.wait / 60} min` : `${act.wait} s`}
          </Button>
        ) : (
          <strong role="timer">{left > 0 ? asClock(left) : 'now'}</strong>
        ))}
    </span>
  );
}
