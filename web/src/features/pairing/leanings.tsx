'use client';
import Link from 'next/link';
import { keysOf } from '@rose/core/wine/keys';
import { listed } from '@rose/core/wine/plural';
import { pairingSchools, tastes, type GuestTaste, type Leaning, type PairingSchool } from '@rose/core/pairing/leaning';
import { cuisines } from '@rose/knowledge/dishes/cuisines';
import { CheckBox } from '@/ui/check-box';
import { CheckBoxes } from '@/ui/check-boxes';
import { Disclosure } from '@/ui/disclosure';
import { SelectField } from '@/ui/select-field';

const schoolNames = Object.fromEntries(keysOf(pairingSchools).map((id) => [id, pairingSchools[id].name])) as Record<PairingSchool, string>;
const tasteNames = Object.fromEntries(keysOf(tastes).map((id) => [id, tastes[id].name])) as Record<GuestTaste, string>;

const kitchens = { '': 'of no one place', ...Object.fromEntries(cuisines.map((name) => [name, name])) };
/** How this table leans: a school of pairing, and what the guest likes. Warnings stay as they are. */
export function Leanings({
  leaning,
  own,
  cuisine,
  onChange,
  onCuisine,
}: {
  leaning: Leaning;
  own: Leaning['own'];
  /** The kitchen the dish comes from, for the school that asks; "" where nobody said. */
  cuisine: string;
  onChange: (leaning: Leaning) => void;
  /** Undefined for who may only read. */
  onCuisine: ((cuisine: string) => void) | undefined;
}) {
  const said = [
    ...(leaning.school === 'even' ? [] : [schoolNames[leaning.school]]),
    ...leaning.likes.map((like) => `a guest who ${tasteNames[like]}`),
    ...(leaning.own === undefined ? [] : ['what was found here']),
  ];
  return (
    <Disclosure says={said.length === 0 ? 'Lean the advice: a school, a guest’s taste' : `Leaning: ${listed(said)}`}>
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
    </Disclosure>
  );
}
