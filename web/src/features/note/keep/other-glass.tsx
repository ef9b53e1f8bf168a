'use client';
import { SelectField } from '@/ui/select-field';

/** Which other note this one is laid beside. */
export const OtherGlass = ({ id, others }: { id: string; others: readonly { readonly id: string; readonly name: string }[] }) => (
  <SelectField
    label="Beside another glass"
    value=""
    empty={others.length === 0 ? 'no other note of yours' : 'which?'}
    onChange={(other) => other !== '' && window.location.assign(`/notes/pair?left=${other}&right=${id}`)}
    options={Object.fromEntries(others.map((other) => [other.id, other.name]))}
  />
);
