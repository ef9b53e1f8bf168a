'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { rulers, usualRuler, type OwnRuler } from '@rose/core/finish/finish';
import { pourCheck } from '@rose/core/quantity/pour-check';
import { guidedPath, questionsOf } from '@rose/core/routine/guided';
import { asRoutine, minutesOf, sipTask, sipTasks, sipsOf, type GuidedStep, type OwnRoutine, type RoutineStep } from '@rose/core/routine/routine';
import { routineToKeep } from '@rose/core/routine/routine-schema';
import { observables, quarters, type ObservableId, type Quarter } from '@rose/core/wine/observables';
import { routines } from '@rose/knowledge/routines/index';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { TextArea, TextField, Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';
import { Design, OwnList, OwnPage, firstWrong, type Version } from './own-design';
import { useMay } from '@/ui/here';

const Questions = styled.aside`
  ol {
    padding-left: 20px;
    margin: 4px 0 12px;
    color: var(--soft);
    font-size: 0.875rem;
  }
`;
const quarterWord: Record<Quarter, string> = { appearance: 'appearance', aroma: 'aroma', palate: 'palate', finish: 'finish', verdict: 'judgement' };
const partWord = {
  eye: 'One row for the eye: clear, brown, bubbles',
  smells: 'The smells',
  flavours: 'Flavours in the mouth',
  watch: 'The watch',
  idea: 'An idea',
  clear: 'A sip to rinse',
} as const;
const askWord = (ask: GuidedStep | 'clear'): string => (ask in partWord ? partWord[ask as keyof typeof partWord] : observables[ask as ObservableId].label);
const every = quarters.flatMap((quarter) => questionsOf(quarter));
/** A step in the designer has a name of its own for React, which is not stored. */
type Drawn = RoutineStep & { readonly key: string };
const draw = (step: RoutineStep): Drawn => ({ ...step, key: v7() });
const emptyStep = (): Drawn => draw({ name: '', quarter: 'palate', sniffs: 0, sips: 0, minutes: 1 });
/** A routine in the designer: as it is stored, with its place and with names for its steps. */
interface Open extends Omit<OwnRoutine, 'steps' | 'schema'> {
  readonly id: string;
  readonly base: number;
  readonly steps: readonly Drawn[];
}
const stored = ({ id: _id, base: _base, steps, ...rest }: Open): OwnRoutine => ({ ...rest, schema: 1, steps: steps.map(({ key: _key, ...step }) => step) });

/** The designer of a host's own way through a glass: steps, sniffs, sips, minutes, what each step asks, and the questions that come of it. */
export function Routines({ first }: { first: readonly Version<OwnRoutine>[] }) {
  const mayEdit = useMay('design.edit');
  const [all, setAll] = useState(first);
  const [open, setOpen] = useState<Open>();
  const [says, setSays] = useState('');
  const [trouble, setTrouble] = useState('');
  const edit = (id: string, base: number, { name, says, steps, rinse, cards, ruler }: Omit<OwnRoutine, 'schema'>) => {
    setOpen({
      id,
      base,
      name,
      says,
      steps: steps.map(draw),
      ...(rinse === undefined ? {} : { rinse }),
      ...(cards === undefined ? {} : { cards }),
      ...(ruler === undefined ? {} : { ruler }),
    });
    setSays('');
    setTrouble('');
  };
  const setSteps = (steps: readonly Drawn[]) => setOpen({ ...open!, steps });
  const setStep = (key: string, next: Partial<Drawn>) => setSteps(open!.steps.map((step) => (step.key === key ? { ...step, ...next } : step)));
  const move = (at: number, by: number) => {
    const steps = [...open!.steps];
    const [step] = steps.splice(at, 1);
    steps.splice(at + by, 0, step!);
    setSteps(steps);
  };
  const keep = async () => {
    setTrouble('');
    const read = routineToKeep.safeParse(stored(open!));
    if (!read.success) return setTrouble(firstWrong(read.error, 'steps', 'Step'));
    try {
      const made = await call(contract.routine.save, { id: open!.id, baseVersion: open!.base, document: read.data });
      setAll((await call(contract.routine.list, {})).versions);
      setOpen(undefined);
      setSays(`Kept as version ${made.version}.`);
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <OwnPage title="Routines">
      {open === undefined ? (
        <>
          <p className="soft" style={{ maxWidth: '64ch' }}>
            A routine is the named steps of an assessment: it orders the questions of the guided way, gives each sip its task, and tells the plan of an evening
            how much wine and time a glass takes. An edit is a new version; notes and plans keep the one they had.
          </p>
          <ul style={{ listStyle: 'none', padding: 0 }}>
            {routines.map((entry) => (
              <li
                key={entry.id}
                style={{ borderBottom: '1px solid var(--line)', padding: '10px 0', display: 'flex', flexWrap: 'wrap', gap: '4px 14px', alignItems: 'center' }}
              >
                <strong>{entry.name}</strong>
                <span className="soft">{entry.says}</span>
                {mayEdit && (
                  <Button size="small" label={`Begin from ${entry.name}`} onPress={() => edit(v7(), 0, { ...entry, name: `${entry.name}, ours` })}>
                    Begin from
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <h2>Your own</h2>
          <OwnList
            own={all.map((entry) => ({
              ...entry,
              name: entry.document.name,
              what: `${entry.document.steps.length} ${entry.document.steps.length === 1 ? 'step' : 'steps'}`,
            }))}
            mayEdit={mayEdit}
            onChange={(entry) => edit(entry.id, entry.version, entry.document)}
            onNew={() => edit(v7(), 0, { name: '', says: '', steps: [emptyStep()] })}
          />
          {says !== '' && <p role="status">{says}</p>}
        </>
      ) : (
        <Design>
          <div>
            <div className="names">
              <TextField label="Name of the routine" value={open.name} onChange={(name) => setOpen({ ...open, name })} />
              <TextField label="What it is for" value={open.says} onChange={(text) => setOpen({ ...open, says: text })} />
            </div>
            {open.steps.map((step, at) => (
              <Step
                key={step.key}
                step={step}
                at={at}
                of={open.steps.length}
                taken={open.steps
                  .filter((other) => other.key !== step.key)
                  .flatMap((other) => other.asks ?? [])
                  .filter((ask) => ask !== 'smells')}
                set={(next) => setStep(step.key, next)}
                move={(by) => move(at, by)}
                remove={() => setSteps(open.steps.filter((other) => other.key !== step.key))}
              />
            ))}
            <p>
              <Button disabled={open.steps.length >= 12} onPress={() => setSteps([...open.steps, emptyStep()])}>
                One more step
              </Button>
            </p>
            <Besides open={open} set={setOpen} />
            <p className="keep">
              <Button tone="strong" onPress={() => void keep()}>
                Keep it
              </Button>
              <Button tone="quiet" onPress={() => setOpen(undefined)}>
                Leave it
              </Button>
            </p>
            {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
          </div>
          <Asked routine={stored(open)} />
        </Design>
      )}
    </OwnPage>
  );
}

function Step({
  step,
  at,
  of,
  taken,
  set,
  move,
  remove,
}: {
  step: Drawn;
  at: number;
  of: number;
  taken: readonly GuidedStep[];
  set: (next: Partial<Drawn>) => void;
  move: (by: number) => void;
  remove: () => void;
}) {
  const n = at + 1;
  const left = every.filter((ask) => !taken.includes(ask) && !step.asks?.includes(ask));
  const number = (field: 'sniffs' | 'sips' | 'minutes', label: string, unit: string, high: number) => (
    <NumberField
      label={label}
      low={0}
      high={high}
      unit={unit}
      value={step[field]}
      onChange={(value) => set({ [field]: field === 'minutes' ? (value ?? 0) : Math.round(value ?? 0) })}
    />
  );
  return (
    <div className="part">
      <TextField label={`Step ${n}`} value={step.name} onChange={(name) => set({ name })} />
      <SelectField label="Quarter" hint={`step ${n}`} value={step.quarter} onChange={(quarter) => set({ quarter: quarter as Quarter })} options={quarterWord} />
      {number('sniffs', 'Sniffs', `step ${n}`, 20)}
      {number('sips', 'Sips', `step ${n}`, 10)}
      {number('minutes', 'Minutes', `step ${n}`, 60)}
      <div className="wide">
        <SelectField
          label={`Step ${n} asks`}
          value={step.asks === undefined ? 'open' : 'named'}
          onChange={(way) => set({ asks: way === 'open' ? undefined : [] })}
          options={{ open: 'what no other step asks of its quarter', named: 'these questions alone' }}
        />
        {step.asks !== undefined && (
          <>
            {step.asks.map((ask) => (
              <Button
                key={ask}
                size="small"
                label={`${askWord(ask)} out of step ${n}`}
                onPress={() => set({ asks: step.asks!.filter((other) => other !== ask) })}
              >
                {askWord(ask)} ×
              </Button>
            ))}
            <SelectField
              label="and"
              value=""
              empty="add a question"
              onChange={(ask) => ask !== '' && set({ asks: [...step.asks!, ask as GuidedStep] })}
              options={Object.fromEntries(left.map((ask) => [ask, askWord(ask)]))}
            />
          </>
        )}
        <span style={{ marginLeft: 'auto', display: 'flex', gap: 6 }}>
          <Button size="small" label={`Step ${n} earlier`} disabled={at === 0} onPress={() => move(-1)}>
            ↑
          </Button>
          <Button size="small" label={`Step ${n} later`} disabled={at === of - 1} onPress={() => move(1)}>
            ↓
          </Button>
          <Button size="small" label={`Take step ${n} out`} disabled={of === 1} onPress={remove}>
            Take it out
          </Button>
        </span>
      </div>
    </div>
  );
}

const rulerChoices: Readonly<Record<string, string>> = Object.fromEntries([
  ...rulers.map(({ id, label, source }) => [id, `${label}: ${source}`]),
  ['own', 'one of your own'],
]);
/** What a routine brings besides its steps: whether the first sip rinses, its ruler of the finish, and cards in the host's own words. */
function Besides({ open, set }: { open: Open; set: (next: Open) => void }) {
  const [ask, setAsk] = useState<GuidedStep>();
  const without = <K extends 'ruler' | 'cards' | 'rinse'>(key: K): Open => {
    const { [key]: _gone, ...rest } = open;
    return rest as unknown as Open;
  };
  const { ruler, cards = {} } = open;
  const setWords = (words: OwnRuler['words']) => set({ ...open, ruler: { label: ruler!.label, words: [...words] } });
  const shipped = rulers.find(({ label }) => label === ruler?.label);
  const asked = [
    ...new Set(guidedPath(asRoutine('drawn', 0, stored(open)), { colour: 'red', tannin: 50 }).flatMap((entry) => (entry.ask === 'clear' ? [] : [entry.ask]))),
  ];
  const setCard = (of: GuidedStep, text: string) => {
    const { [of]: _old, ...rest } = cards;
    const next = text === '' ? rest : { ...rest, [of]: text };
    set(Object.keys(next).length === 0 ? without('cards') : { ...open, cards: next });
  };
  return (
    <section aria-label="What it brings besides" style={{ display: 'grid', gap: 12, margin: '18px 0', maxWidth: 560 }}>
      <CheckBox checked={open.rinse === true} onChange={(rinse) => set(rinse ? { ...open, rinse } : without('rinse'))}>
        The first sip only rinses
      </CheckBox>
      <SelectField
        label="Ruler of the finish"
        value={ruler === undefined ? usualRuler.id : (shipped?.id ?? 'own')}
        onChange={(id) => {
          if (id === usualRuler.id) return set(without('ruler'));
          const { label, words } = rulers.find((entry) => entry.id === id) ?? { label: 'our ruler', words: ruler?.words ?? usualRuler.words };
          set({ ...open, ruler: { label, words: words.map((entry) => ({ ...entry })) } });
        }}
        options={rulerChoices}
      />
      {ruler !== undefined && shipped === undefined && (
        <div style={{ display: 'grid', gap: 8 }}>
          <TextField label="Name of the ruler" value={ruler.label} onChange={(label) => set({ ...open, ruler: { ...ruler, label } })} />
          {ruler.words.map((entry, at) => (
            <div key={at} style={{ display: 'flex', gap: 10, alignItems: 'end', flexWrap: 'wrap' }}>
              <TextField
                label={`Length ${at + 1}`}
                value={entry.word}
                onChange={(word) => setWords(ruler.words.map((other, i) => (i === at ? { ...other, word } : other)))}
              />
              <NumberField
                label={`Length ${at + 1}, from`}
                unit="s"
                low={0}
                high={600}
                value={entry.from}
                onChange={(from) => setWords(ruler.words.map((other, i) => (i === at ? { ...other, from: Math.round(from ?? 0) } : other)))}
              />
              <Button
                size="small"
                tone="quiet"
                label={`Take length ${at + 1} out`}
                disabled={ruler.words.length <= 2}
                onPress={() => setWords(ruler.words.filter((_, i) => i !== at))}
              >
                Take it out
              </Button>
            </div>
          ))}
          <p style={{ margin: 0 }}>
            <Button
              size="small"
              disabled={ruler.words.length >= 6}
              onPress={() => setWords([...ruler.words, { from: ruler.words.at(-1)!.from + 10, word: '' }])}
            >
              One more length
            </Button>
          </p>
        </div>
      )}
      <SelectField
        label="A card in your own words for"
        value={ask ?? ''}
        empty="no question"
        onChange={(chosen) => setAsk(asked.find((entry) => entry === chosen))}
        options={Object.fromEntries(asked.map((entry) => [entry, `${askWord(entry)}${cards[entry] === undefined ? '' : ', yours'}`]))}
      />
      {ask !== undefined && (
        <TextArea
          label={`What is read at “${askWord(ask)}”, in place of our card`}
          value={cards[ask] ?? ''}
          onChange={(text) => setCard(ask, text.slice(0, 600))}
        />
      )}
    </section>
  );
}

/** What the guided way would ask, step by step, of a red wine with tannin; and what a glass takes. */
function Asked({ routine: own }: { routine: OwnRoutine }) {
  const routine = asRoutine('drawn', 0, own);
  const path = guidedPath(routine, { colour: 'red', tannin: 50 });
  const { neededMl, sips } = pourCheck(routine, 0, 0);
  const minutes = Math.round(minutesOf(routine) * 4) / 4;
  return (
    <Questions aria-label="What it asks">
      <p style={{ marginTop: 0 }}>
        {path.length} {path.length === 1 ? 'question' : 'questions'}, {sips} {sips === 1 ? 'sip' : 'sips'}, {minutes} min a glass. It needs {neededMl} mL: 10 mL
        a sip, and 10 mL to smell.
      </p>
      {sipsOf(routine) === 0 && (
        <p className="soft">
          {path.some(({ step }) => step.quarter === 'palate' || step.quarter === 'finish')
            ? 'It asks about taste and has no sip: give the step its sips.'
            : 'No sip: the wine is only looked at and smelt.'}
        </p>
      )}
      {own.steps.map((step, at) => {
        const asked = path.filter((entry) => entry.step === step);
        const bare = step.asks !== undefined && step.asks.length === 0;
        return (
          <div key={at}>
            <strong>{step.name.trim() === '' ? `Step ${at + 1}` : step.name}</strong>
            <ol>
              {asked.map((entry, i) => (
                <li key={entry.key}>
                  {askWord(entry.ask)}
                  {entry.time === undefined ? '' : `, sniff ${entry.time.n} of ${entry.time.of}`}
                  {entry.sip === undefined || entry.sip.n === asked[i - 1]?.sip?.n ? '' : ` · with sip ${entry.sip.n}`}
                </li>
              ))}
              {asked.length === 0 && (
                <li style={{ listStyle: 'none' }}>{bare ? 'asks nothing yet: name a question, or let it take what is left' : 'asks nothing'}</li>
              )}
            </ol>
          </div>
        );
      })}
      {sipsOf(routine) > 1 && (
        <p className="soft">
          Sip 1: {sipTasks[sipTask(1, routine)]}. Sip {sipsOf(routine)}: {sipTasks[sipTask(sipsOf(routine), routine)]}.
        </p>
      )}
    </Questions>
  );
}
