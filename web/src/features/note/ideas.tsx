'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { certainties, conditions, priceIdeas, vessels, type Circumstances, type Idea, type NoteDocument } from '@rose/core/wine/note';
import type { Quarter } from '@rose/core/wine/observables';
import { grapeNames } from '@rose/knowledge/grapes/index';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { TemperatureField } from '@/ui/measure-field';
import { NumberField } from '@/ui/number-field';
import type { ChangeNote } from './observation';

const Box = styled.details`
  margin: 14px 0 0;
  border-top: 1px solid var(--line);
  > summary {
    cursor: pointer;
    min-height: 44px;
    padding: 10px 0;
    color: var(--soft);
    font-size: 14px;
  }
  > summary strong {
    color: var(--ink);
    font-weight: 600;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px;
  }
  .sure {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin: 10px 0;
  }
  label.tick {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
    font-size: 15px;
  }
  label.tick input {
    width: 20px;
    height: 20px;
  }
`;
const where: Record<Idea['at'], string> = {
  before: 'before the first look',
  appearance: 'after the look',
  aroma: 'after the nose',
  palate: 'after the palate',
  finish: 'after the finish',
  verdict: 'at the end',
};
const inWords = (idea: Idea) =>
  [
    idea.grape,
    idea.place,
    idea.age === undefined ? undefined : `${idea.age} years old`,
    idea.vessel === undefined ? undefined : vessels[idea.vessel],
    idea.price === undefined ? undefined : priceIdeas[idea.price],
  ]
    .filter((part) => part !== undefined && part !== '')
    .join(', ') || 'no idea';

/** An idea of what is in the glass, left with one tap of certainty, before the first look and after each quarter; each stays as it was given. */
export function Ideas({ doc, at, change }: { doc: NoteDocument; at: Idea['at'] | Quarter; change: ChangeNote }) {
  const ideas = doc.ideas ?? [];
  const [draft, setDraft] = useState<Omit<Idea, 'id' | 'at' | 'certainty'>>({});
  const set = (next: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...next }));
  const leave = (certainty: number) => {
    const given = Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined && value !== ''));
    change((d) => ({ ...d, ideas: [...(d.ideas ?? []), { ...given, id: v4(), at, certainty }].slice(-20) }));
    setDraft({});
  };
  const last = ideas.at(-1);
  return (
    <Box>
      <summary>
        <strong>An idea?</strong>{' '}
        {last === undefined ? `Leave one ${where[at]}; nothing is wrong yet.` : `${inWords(last)}, ${last.certainty} % sure ${where[last.at]}`}
      </summary>
      <div className="fields">
        <TextField label="Grape" value={draft.grape ?? ''} onChange={(grape) => set({ grape: grape.slice(0, 100) })} list="grapes-known" />
        <TextField label="Place" value={draft.place ?? ''} onChange={(place) => set({ place: place.slice(0, 100) })} />
        <NumberField
          label="Age"
          unit="years"
          low={0}
          high={300}
          value={draft.age}
          onChange={(age) => set({ age: age === undefined ? undefined : Math.round(age) })}
        />
        <SelectField
          label="Made in"
          value={draft.vessel ?? ''}
          empty="no idea"
          onChange={(vessel) => set({ vessel: vessel === '' ? undefined : (vessel as keyof typeof vessels) })}
          options={vessels}
        />
        <SelectField
          label="Price"
          value={draft.price ?? ''}
          empty="no idea"
          onChange={(price) => set({ price: price === '' ? undefined : (price as keyof typeof priceIdeas) })}
          options={priceIdeas}
        />
        <datalist id="grapes-known">
          {grapeNames.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      </div>
      <div className="sure">
        <span>How sure?</span>
        {certainties.map((certainty) => (
          <Button key={certainty} size="small" label={`Leave it, ${certainty} % sure`} onPress={() => leave(certainty)}>
            {certainty} %
          </Button>
        ))}
      </div>
      {ideas.map((idea) => (
        <p key={idea.id} style={{ margin: '0 0 6px', fontSize: 15 }}>
          {inWords(idea)}, {idea.certainty} % sure, {where[idea.at]}{' '}
          <Button
            size="small"
            tone="quiet"
            label={`Take back: ${inWords(idea)}`}
            onPress={() => change((d) => ({ ...d, ideas: (d.ideas ?? []).filter((other) => other.id !== idea.id) }))}
          >
            ×
          </Button>
        </p>
      ))}
    </Box>
  );
}

/** What could bend the reading: how warm the glass is, how long the bottle has been open, and the taster's own state. */
export function CircumstancesForm({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const now = doc.circumstances ?? {};
  const set = (next: Partial<Circumstances>) =>
    change((d) => ({
      ...d,
      circumstances: Object.fromEntries(Object.entries({ ...d.circumstances, ...next }).filter(([, value]) => value !== undefined && value !== false)),
    }));
  const noted = [
    now.glassC === undefined ? '' : `${now.glassC} °C in the glass`,
    now.openMinutes === undefined ? '' : `open for ${now.openMinutes} min`,
    ...(Object.keys(conditions) as (keyof typeof conditions)[]).map((key) => (now[key] === true ? conditions[key] : '')),
  ].filter((part) => part !== '');
  return (
    <Box>
      <summary>
        <strong>Circumstances</strong> {noted.length === 0 ? 'warmth of the glass, time since opening, coffee, a cold …' : noted.join(', ')}
      </summary>
      <div className="fields">
        <TemperatureField
          serving
          label="In the glass"
          unit="C"
          low={-10}
          high={60}
          value={now.glassC}
          onChange={(glassC) => set({ glassC: glassC === undefined ? undefined : Math.round(glassC * 10) / 10 })}
        />
        <NumberField
          label="Open for"
          unit="min"
          low={0}
          high={100_000}
          value={now.openMinutes}
          onChange={(openMinutes) => set({ openMinutes: openMinutes === undefined ? undefined : Math.round(openMinutes) })}
        />
      </div>
      {(Object.keys(conditions) as (keyof typeof conditions)[]).map((key) => (
        <label className="tick" key={key}>
          <input type="checkbox" checked={now[key] === true} onChange={(event) => set({ [key]: event.target.checked })} />
          {conditions[key]}
        </label>
      ))}
    </Box>
  );
}
