import { bytes } from './bytes';
import type { Figure } from './measure';
import { find } from './find';
import { keys } from './keys';
import { notebook } from './notebook';
import { order } from './order';
import { line } from './line';
import { live } from './live';
import { load } from './load';
import { prints } from './prints';
import { menu } from './menu';
import { pairing } from './pairing';
import { seat } from './seat';
import { start } from './start';
import { timetables } from './timetable';

const benches = { order, timetable: timetables, prints, load, pairing, menu, line, notebook, bytes, keys, find, start, seat, live };
const wanted = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const asJson = process.argv.includes('--json');
const unknown = wanted.filter((name) => !(name in benches));
if (unknown.length > 0) {
  console.error(`There is no bench called ${unknown.join(', ')}. There are ${Object.keys(benches).join(', ')}.`);
  process.exit(2);
}
const figures: Figure[] = [];
const broken: { name: string; why: string }[] = [];
for (const [name, bench] of Object.entries(benches)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  let taken: readonly Figure[] = [];
  try {
    taken = await bench();
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    broken.push({ name, why });
    console.error(`${name.padEnd(13)} could not be measured: ${why}`);
  }
  for (const figure of taken) {
    figures.push(figure);
    if (asJson) continue;
    console.log(
      `${figure.name.padEnd(13)} ${figure.figure.toFixed(1)} ${figure.unit}, reference ${figure.reference.toFixed(1)} ${figure.unit}, ratio ${figure.atLeast === true ? 'at least ' : ''}${figure.ratio.toFixed(2)}, goal ${figure.goal}: ${figure.met ? 'met' : 'short'}  (${figure.says})`,
    );
    for (const part of figure.parts ?? []) console.log(`${''.padEnd(13)}   ${part.figure} ${figure.unit}  ${part.name}`);
  }
}
if (asJson) console.log(JSON.stringify(figures, null, 2));
// What could not be measured is a failure; a goal that was missed is a figure.
process.exit(broken.length > 0 ? 1 : 0);
