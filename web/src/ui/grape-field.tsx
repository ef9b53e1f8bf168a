'use client';
import { useMemo } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { grapeNames } from '@rose/knowledge/grapes/index';
import { SuggestField } from './suggest-field';

/** So many completions are shown. */
const most = 8;
/** A grape by any of its names; one that is not known here is kept as it is written. */
export function GrapeField({ label, hint, value, onChange }: { label: string; hint?: string; value: string; onChange: (grape: string) => void }) {
  const found = useMemo(() => grapesFor(value), [value]);
  return <SuggestField label={label} hint={hint} text={value} onText={onChange} onPick={onChange} found={found} />;
}
/** The known grapes that a beginning can become. */
export function grapesFor(text: string): readonly { readonly id: string; readonly name: string }[] {
  const begun = fold(text);
  return begun === ''
    ? []
    : grapeNames
        .filter((name) => fold(name).startsWith(begun) && fold(name) !== begun)
        .slice(0, most)
        .map((name) => ({ id: name, name }));
}
