'use client';
import { useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { everydayDishes } from '@rose/knowledge/dishes/index';
import { Trouble } from '@/ui/field';
import { Picker } from '@/ui/picker';
import { useStartFrom } from '@/ui/start-everyday';

/** Finds one of the everyday dishes by a word of it or of its kitchen, to begin from. */
export function StartFrom() {
  const [text, setText] = useState('');
  const { start, trouble } = useStartFrom();
  const wanted = fold(text);
  const found = everydayDishes.filter(({ name, cuisine }) => fold(`${name} ${cuisine}`).includes(wanted));
  const cuisines = [...new Set(found.map(({ cuisine }) => cuisine))].sort();
  return (
    <>
      <Picker
        label={`Begin from one of ${everydayDishes.length} everyday dishes`}
        placeholder="moussaka, curry, Japanese"
        text={text}
        onText={setText}
        opens="focus"
        found={cuisines.map((name) => ({ name, rows: found.filter(({ cuisine }) => cuisine === name) }))}
        empty="No dish is called that. Build it from its parts."
        onPick={(id) => {
          setText('');
          start(id);
        }}
      />
      {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
    </>
  );
}
