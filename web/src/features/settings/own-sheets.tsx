'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { v4, v7 } from 'uuid';
import { cueLabel, scorable, type Cue } from '@rose/core/score/scheme';
import type { OwnScheme } from '@rose/core/score/own-scheme';
import { ownScheme } from '@rose/core/score/scheme-schema';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextArea, TextField, Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';
import { Design, OwnList, OwnPage, firstWrong, type Version as VersionOf } from './own-design';
import { useMay } from '@/ui/here';

type Version = VersionOf<OwnScheme>;
type Preview = AnswerOf<'scheme', 'preview'>;
type Criterion = OwnScheme['criteria'][number];

const Weight = styled.input`
  width: 4rem;
  min-height: 36px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--raised);
`;
const Given = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 0.875rem;
  th,
  td {
    text-align: left;
    padding: 5px 8px 5px 0;
    border-bottom: 1px solid var(--line);
  }
  td:nth-child(n + 2) {
    text-align: right;
    white-space: nowrap;
  }
`;
const emptyCriterion = (): Criterion => ({ id: v4(), label: '', section: 'overall', marks: [10, 8, 6, 4, 2, 0], looks: [{ cue: 'balance', weight: 1 }] });
const emptySheet = (): OwnScheme => ({ schema: 1, label: '', source: 'our own', criteria: [emptyCriterion()], classes: [] });
/** "10 8 6" as marks; what is no number is left out and then missed by the check. */
const numbers = (text: string) =>
  text
    .split(/[\s,;]+/)
    .filter((part) => part !== '')
    .map(Number);
/** "90 outstanding" a line each. */
const classesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => /^\s*(\d+(?:\.\d+)?)\s+(.+?)\s*$/.exec(line))
    .flatMap((found) => (found === null ? [] : [{ from: Number(found[1]), word: found[2]! }]));

/** The designer of a host's own way of giving marks: criteria, what each looks at, allowed marks, rounding, thresholds, and what it would give past notes. */
export function Schemes({ first }: { first: readonly Version[] }) {
  const mayEdit = useMay('design.edit');
  const [all, setAll] = useState(first);
  const [open, setOpen] = useState<{ id: string; base: number; document: OwnScheme; classes: string; marks: Readonly<Record<string, string>> }>();
  const [preview, setPreview] = useState<Preview>();
  const [says, setSays] = useState('');
  const [trouble, setTrouble] = useState('');
  const edit = (id: string, base: number, document: OwnScheme) => {
    setOpen({
      id,
      base,
      document,
      classes: document.classes.map((entry) => `${entry.from} ${entry.word}`).join('\n'),
      marks: Object.fromEntries(document.criteria.map((entry) => [entry.id, entry.marks.join(' ')])),
    });
    setPreview(undefined);
    setSays('');
    setTrouble('');
  };
  const set = (next: Partial<OwnScheme>) => open !== undefined && setOpen({ ...open, document: { ...open.document, ...next } });
  const setCriterion = (id: string, next: Partial<Criterion>) =>
    set({ criteria: open!.document.criteria.map((entry) => (entry.id === id ? { ...entry, ...next } : entry)) });
  /** The sheet as it stands, or undefined with what is wrong said. */
  const checked = (): OwnScheme | undefined => {
    setTrouble('');
    setSays('');
    const read = ownScheme.safeParse(open!.document);
    if (read.success) return read.data;
    setTrouble(firstWrong(read.error, 'criteria', 'Criterion'));
    return undefined;
  };
  const act = (run: (sheet: OwnScheme) => Promise<void>) => () => {
    const sheet = checked();
    if (sheet !== undefined) void run(sheet).catch((error: Error) => setTrouble(error.message));
  };
  const best = open?.document.criteria.reduce((sum, entry) => sum + (entry.marks[0] ?? 0), 0) ?? 0;
  return (
    <OwnPage title="Ways of giving marks">
      {open === undefined ? (
        <>
          <p className="soft" style={{ maxWidth: '64ch' }}>
            The competition sheets and the university card ship with Rose Compass. Your own stand beside them on every note. An edit is a new version; notes
            keep the one they were marked by.
          </p>
          <OwnList
            own={all.map((entry) => ({
              ...entry,
              name: entry.document.label,
              what: `${entry.document.criteria.length} ${entry.document.criteria.length === 1 ? 'criterion' : 'criteria'}`,
            }))}
            mayEdit={mayEdit}
            onChange={(entry) => edit(entry.id, entry.version, entry.document)}
            onNew={() => edit(v7(), 0, emptySheet())}
          />
          {says !== '' && <p role="status">{says}</p>}
        </>
      ) : (
        <Design>
          <div>
            <div className="names">
              <TextField label="Name of the sheet" value={open.document.label} onChange={(label) => set({ label })} />
              <NumberField
                label="Round the total to"
                unit="marks"
                low={0.1}
                high={100}
                value={open.document.rounding}
                onChange={(rounding) => {
                  const { rounding: _old, ...rest } = open.document;
                  setOpen({ ...open, document: rounding === undefined ? rest : { ...rest, rounding } });
                }}
              />
            </div>
            {open.document.criteria.map((entry, i) => (
              <div className="part" key={entry.id}>
                <TextField label={`Criterion ${i + 1}`} value={entry.label} onChange={(label) => setCriterion(entry.id, { label })} />
                <TextField label="Section" value={entry.section} onChange={(section) => setCriterion(entry.id, { section })} />
                <TextField
                  label="Allowed marks, best first"
                  value={open.marks[entry.id] ?? ''}
                  onChange={(text) =>
                    setOpen({
                      ...open,
                      marks: { ...open.marks, [entry.id]: text },
                      document: {
                        ...open.document,
                        criteria: open.document.criteria.map((one) => (one.id === entry.id ? { ...one, marks: numbers(text) } : one)),
                      },
                    })
                  }
                />
                <div className="wide">
                  <span className="soft">looks at</span>
                  {entry.looks.map((look, at) => (
                    <span key={look.cue} style={{ display: 'inline-flex', gap: 4, alignItems: 'center' }}>
                      {cueLabel(look.cue)} ×
                      <Weight
                        type="number"
                        aria-label={`Weight of ${cueLabel(look.cue)} in criterion ${i + 1}`}
                        min={0.1}
                        max={100}
                        step={0.5}
                        value={look.weight}
                        onChange={(event) =>
                          setCriterion(entry.id, { looks: entry.looks.map((one, k) => (k === at ? { ...one, weight: Number(event.target.value) } : one)) })
                        }
                      />
                      <Button
                        size="small"
                        tone="quiet"
                        label={`${cueLabel(look.cue)} out of criterion ${i + 1}`}
                        disabled={entry.looks.length === 1}
                        onPress={() => setCriterion(entry.id, { looks: entry.looks.filter((_, k) => k !== at) })}
                      >
                        ×
                      </Button>
                    </span>
                  ))}
                  <SelectField
                    label="and at"
                    value=""
                    empty="add"
                    onChange={(cue) => cue !== '' && setCriterion(entry.id, { looks: [...entry.looks, { cue: cue as Cue, weight: 1 }] })}
                    options={Object.fromEntries(
                      scorable.filter((cue) => cue !== 'descriptors' && !entry.looks.some((look) => look.cue === cue)).map((cue) => [cue, cueLabel(cue)]),
                    )}
                  />
                  <Button
                    size="small"
                    label={`Take criterion ${i + 1} out`}
                    disabled={open.document.criteria.length === 1}
                    onPress={() => set({ criteria: open.document.criteria.filter((one) => one.id !== entry.id) })}
                  >
                    Take it out
                  </Button>
                </div>
              </div>
            ))}
            <p>
              <Button
                onPress={() => {
                  const made = emptyCriterion();
                  setOpen({
                    ...open,
                    marks: { ...open.marks, [made.id]: made.marks.join(' ') },
                    document: { ...open.document, criteria: [...open.document.criteria, made] },
                  });
                }}
              >
                One more criterion
              </Button>{' '}
              <span className="soft">best total {best} marks</span>
            </p>
            <div style={{ maxWidth: 460 }}>
              <TextArea
                label="Thresholds, a line each: from how many marks, and the word"
                hint="90 outstanding"
                value={open.classes}
                onChange={(text) => setOpen({ ...open, classes: text, document: { ...open.document, classes: classesOf(text) } })}
              />
            </div>
            <p className="keep">
              <Button
                tone="strong"
                onPress={act(async (sheet) => {
                  const made = await call(contract.scheme.save, { id: open.id, baseVersion: open.base, document: sheet });
                  const { versions } = await call(contract.scheme.list, {});
                  setAll(versions);
                  setOpen(undefined);
                  setSays(`Kept as version ${made.version}.`);
                })}
              >
                Keep it
              </Button>
              <Button onPress={act(async (sheet) => setPreview(await call(contract.scheme.preview, { document: sheet })))}>Try it on past notes</Button>
              <Button tone="quiet" onPress={() => setOpen(undefined)}>
                Leave it
              </Button>
            </p>
            {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
          </div>
          <aside aria-label="Past notes by this sheet">
            {preview === undefined ? (
              <p className="soft">Try it on past notes, and what it would give the latest twenty stands here beside their own marks.</p>
            ) : preview.notes.length === 0 ? (
              <p className="soft">No past notes to try it on.</p>
            ) : (
              <Given>
                <thead>
                  <tr>
                    <th scope="col">note</th>
                    <th scope="col">own mark, of 100</th>
                    <th scope="col">this sheet, of {preview.notes[0]!.best}</th>
                  </tr>
                </thead>
                <tbody>
                  {preview.notes.map((note) => (
                    <tr key={note.id}>
                      <td>{note.name}</td>
                      <td>{note.own ?? '–'}</td>
                      <td>
                        {note.low === note.high ? note.low : `${note.low}–${note.high}`}
                        {note.word === null ? '' : `, ${note.word}`}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Given>
            )}
          </aside>
        </Design>
      )}
    </OwnPage>
  );
}
