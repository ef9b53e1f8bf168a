'use client';
import { useState } from 'react';
import type { FlightWineEntry, Told } from '@rose/core/flight/flight';
import { CheckBox } from '@/ui/check-box';
import { TextArea, TextField } from '@/ui/field';

/** What the host has for guests, with what was emptied left out. */
function withField(told: Told | undefined, field: keyof Told, value: string): Told | undefined {
  const { [field]: _old, ...rest } = told ?? {};
  const next: Told = value.trim() === '' ? rest : { ...rest, [field]: value };
  return Object.keys(next).length === 0 ? undefined : next;
}
const isLink = (text: string) => /^https?:\/\/[^\s]+\.[^\s]+$/.test(text) && URL.canParse(text);

/** What guests are told of a wine once its name is known, and the hint they may ask for before. */
export function ToldFields({ told, onChange }: { told: Told | undefined; onChange: (told: Told | undefined) => void }) {
  // A link is kept when it is whole; half a link would keep the flight from being saved.
  const [link, setLink] = useState(told?.link ?? '');
  return (
    <>
      <TextArea
        label="For guests, of this wine"
        hint="with its name, not before"
        rows={2}
        value={told?.text ?? ''}
        onChange={(text) => onChange(withField(told, 'text', text))}
      />
      <TextField
        label="A clip of your own"
        hint="a link; opens with the name"
        value={link}
        onChange={(next) => {
          setLink(next);
          if (next.trim() === '' || isLink(next.trim())) onChange(withField(told, 'link', next.trim()));
        }}
        error={link.trim() === '' || isLink(link.trim()) ? undefined : 'a link begins with https://'}
      />
      <TextField
        label="A hint"
        hint="for who has named one thing and asks"
        value={told?.hint ?? ''}
        onChange={(hint) => onChange(withField(told, 'hint', hint))}
      />
    </>
  );
}

/** A bite with a wine, after which it is tasted once more. */
export function BiteField({ bite, onChange }: { bite: FlightWineEntry['bite']; onChange: (bite: FlightWineEntry['bite']) => void }) {
  return (
    <>
      <TextField
        label="A bite with it"
        hint="and the wine once more"
        value={bite?.food ?? ''}
        onChange={(food) => onChange(food.trim() === '' ? undefined : { food: food.slice(0, 80), crossed: bite?.crossed === true })}
      />
      {bite !== undefined && (
        <CheckBox checked={bite.crossed} onChange={(crossed) => onChange({ ...bite, crossed })}>
          Half of the room takes the bite first
        </CheckBox>
      )}
    </>
  );
}
