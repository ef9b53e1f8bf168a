import { test } from 'vitest';
import { styleSentence } from './src/style-sentence/index';
import { profileOf } from './src/styles/index';
test('x', () => {
  const st = (v: Record<string, unknown>) => Object.fromEntries(Object.entries(v).map(([k, x]) => [k, { value: x, origin: 'stated' }])) as never;
  for (const f of [{ name: 'Only' }, { colour: 'white' }, { colour: 'red' }, { colour: 'red', country: 'Spain' }, { grapes: [{ name: 'Riesling' }], colour: 'white' }]) {
    const p = profileOf(st(f), '2026-11-27') as never as Record<string, { value: number; why: string }>;
    console.log(JSON.stringify(f), styleSentence(st(f), p as never, '2026-11-27').text, JSON.stringify(p.body), JSON.stringify(p.acidity));
  }
});
