'use client';
import dynamic from 'next/dynamic';
import { pairingSchools, tastes } from '@rose/core/pairing/leaning';
import { listed } from '@rose/core/wine/plural';
import { Disclosure } from '@/ui/disclosure';
import type { LeaningChoice } from './leaning-form';

const LeaningForm = dynamic(() => import('./leaning-form').then((module) => module.LeaningForm), { ssr: false });

/** How this table leans, in a line that opens. Warnings stay as they are. */
export function Leanings(choice: LeaningChoice) {
  const { leaning } = choice;
  const said = [
    ...(leaning.school === 'even' ? [] : [pairingSchools[leaning.school].name]),
    ...leaning.likes.map((like) => `a guest who ${tastes[like].name}`),
    ...(leaning.own === undefined ? [] : ['what was found here']),
  ];
  return (
    <Disclosure says={said.length === 0 ? 'Lean the advice: a school, a guest’s taste' : `Leaning: ${listed(said)}`}>
      <LeaningForm {...choice} />
    </Disclosure>
  );
}
