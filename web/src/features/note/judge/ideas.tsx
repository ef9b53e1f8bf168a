'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { v4 } from 'uuid';
import { certainties, conditions, priceIdeas, vessels, type Circumstances, type Idea, type NoteDocument } from '@rose/core/wine/note';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { keysOf } from '@rose/core/wine/keys';
import { CheckBoxes } from '@/ui/check-boxes';
import { SelectField } from '@/ui/select-field';
import { TemperatureField } from '@/ui/measure-field';
import { NumberField } from '@/ui/number-field';
import { ideaInWords, where } from './idea-words';
import type { ChangeNote } from '../observation';

const GrapeField = dynamic(() => import('@/ui/grape-field').then((module) => module.GrapeField), { ssr: false });
export interface IdeaIn {
  readonly doc: NoteDocument;
  readonly at: Idea['at'];
  readonly change: ChangeNote;
  /** Wines it must be one of, by name, where the table was given a list. */
  readonly list?: readonly string[];
}
/** Grape, place, age, vessel and price of an idea, and how sure. */
export function IdeaForm({ doc, at, change, list = [] }: IdeaIn) {
  const ideas = doc.ideas ?? [];
  const [draft, setDraft] = useState<Omit<Idea, 'id' | 'at' | 'certainty'>>({});
  const set = (next: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...next }));
  const leave = (certainty: number) => {
    const given = Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined && value !== ''));
    change((d) => ({ ...d, ideas: [...(d.ideas ?? []), { ...given, id: v4(), at, certainty, ...(d.deduced === true ? { helped: true } : {}) }].slice(-20) }));
    setDraft({});
  };
  return (
    <>
      <div className="fields">
        {list.length > 0 && (
          <SelectField
            label="Which of the list"
            value={draft.wine ?? ''}
            empty="no idea"
            onChange={(wine) => set({ wine })}
            options={Object.fromEntries(list.map((name) => [name, name]))}
          />
        )}
        <GrapeField label="Grape" value={draft.grape ?? ''} onChange={(grape) => set({ grape: grape.slice(0, 100) })} />
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
        <p key={idea.id} style={{ margin: '0 0 6px', fontSize: '0.9375rem' }}>
          {ideaInWords(idea)}
          {idea.certainty === 0 ? '' : `, ${idea.certainty} % sure`}, {where[idea.at]}
          {idea.helped === true ? ', helped by the deduction' : ''}{' '}
          <Button
            size="small"
            tone="quiet"
            label={`Take back: ${ideaInWords(idea)}`}
            onPress={() => change((d) => ({ ...d, ideas: (d.ideas ?? []).filter((other) => other.id !== idea.id) }))}
          >
            ×
          </Button>
        </p>
      ))}
    </>
  );
}

/** Warmth of the glass, time since opening, and the taster's own state. */
export function CircumstancesForm({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const now = doc.circumstances ?? {};
  const keys = keysOf(conditions);
  const set = (next: Partial<Circumstances>) =>
    change((d) => ({
      ...d,
      circumstances: Object.fromEntries(Object.entries({ ...d.circumstances, ...next }).filter(([, value]) => value !== undefined && value !== false)),
    }));
  return (
    <>
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
      <CheckBoxes
        label="You, today"
        options={conditions}
        value={keys.filter((key) => now[key] === true)}
        onChange={(ticked) => set(Object.fromEntries(keys.map((key) => [key, ticked.includes(key)])))}
      />
    </>
  );
}
