'use client';
import Link from 'next/link';
import { keysOf } from '@rose/core/wine/keys';
import { pairingSchools, tastes, type GuestTaste, type Leaning, type PairingSchool } from '@rose/core/pairing/leaning';
import { cuisines } from '@rose/knowledge/dishes/cuisines';
import { CheckBox } from '@/ui/check-box';
import { CheckBoxes } from '@/ui/check-boxes';
import { SelectField } from '@/ui/select-field';

export interface LeaningChoice {
  readonly leaning: Leaning;
  readonly own: Leaning['own'];
  /** The kitchen the dish comes from, for the school that asks; "" where nobody said. */
  readonly cuisine: string;
  readonly onChange: (leaning: Leaning) => void;
  /** Undefined for who may only read. */
  readonly onCuisine: ((cuisine: string) => void) | undefined;
}
const schoolNames = Object.fromEntries(keysOf(pairingSchools).map((id) => [id, pairingSchools[id].name])) as Record<PairingSchool, string>;
const tasteNames = Object.fromEntries(keysOf(tastes).map((id) => [id, tastes[id].name])) as Record<GuestTaste, string>;
const kitchens = { '': 'of no one place', ...Object.fromEntries(cuisines.map((name) => [name, name])) };

/** A school of pairing, what the guest likes, and what was found here: how a table may lean. */
export function LeaningForm({ leaning, own, cuisine, onChange, onCuisine }: LeaningChoice) {
  return (
    <div style={{ display: 'grid', gap: 8, maxWidth: 340 }}>
      <SelectField<PairingSchool> label="School" value={leaning.school} options={schoolNames} onChange={(school) => onChange({ ...leaning, school })} />
      {leaning.school === 'place' &&
        (onCuisine === undefined ? (
          <span className="soft">The dish comes from: {cuisine === '' ? 'nobody said' : cuisine}</span>
        ) : (
          <SelectField<string> label="The dish is" value={cuisine} options={kitchens} onChange={onCuisine} />
        ))}
      <CheckBoxes<GuestTaste> label="The guest" options={tasteNames} value={leaning.likes} onChange={(likes) => onChange({ ...leaning, likes })} />
      {own !== undefined && (
        <CheckBox checked={leaning.own !== undefined} onChange={(on) => onChange({ ...leaning, own: on ? own : undefined })}>
          by what this venue found when it tried
        </CheckBox>
      )}
      <Link href="/pairing/tried" prefetch={false}>
        What was tried, and what it comes to
      </Link>
    </div>
  );
}
