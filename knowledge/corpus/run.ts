import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { readCases } from './cases';
import { cuesMeant, faultsMeant } from './faults';
import { airFor, chipFor, closures, colours, familiesOf, oaks, rungFor } from './in-our-words';
import { stylesMeant } from './dishes';
import { judge } from './judge';
import { kindsMeant, means } from './kinds-meant';
import { lines, type Expectation, type Line } from './score';
import { partNamed } from '../src/pairing/find';
import { archetypes } from '../src/archetypes/index';

export const here = fileURLToPath(new URL('.', import.meta.url));
export const agreedFile = `${here}agreed.json`;
/** The answers last agreed to: each group's share, and what was not wholly right. */
export interface Agreed {
  readonly shares: Readonly<Record<string, number>>;
  readonly wrong: Readonly<Record<string, number>>;
}
export const agreed = (): Agreed => JSON.parse(readFileSync(agreedFile, 'utf8')) as Agreed;
/** The id of each disputed case, from the list with the reasons. */
export const disputed = (): ReadonlySet<string> =>
  new Set([...readFileSync(`${here}../../docs/corpus-disputes.md`, 'utf8').matchAll(/^\| ([a-z]+-\d+)\b/gm)].map(([, id]) => id!));

export const lineInWords = (line: Line): string =>
  [
    line.group.padEnd(26),
    String(line.expectations).padStart(5),
    String(line.right).padStart(6),
    `${line.share} %`.padStart(8),
    `${line.weighed} %`.padStart(8),
    `${line.undisputed} %`.padStart(8),
    String(line.notPlaced).padStart(6),
    (line.fixed === undefined ? '' : `${line.fixed} %`).padStart(8),
    line.goal.padStart(8),
    line.met ? '  met' : '  short',
  ].join(' ');
export const heading = ['group'.padEnd(26), 'of', 'right', 'share', 'weighed', 'undisp.', 'n.pl.', 'fixed', 'goal']
  .map((word, i) => (i === 0 ? word : word.padStart([26, 5, 6, 8, 8, 8, 6, 8, 8][i]!)))
  .join(' ');
export const failureInWords = (one: Expectation): string =>
  [
    `  ${one.key}: wanted ${one.wanted}; said ${one.said}${one.notPlaced === undefined ? '' : ` [not placed: ${one.notPlaced}]`}`,
    ...(one.because ?? []).map((reason) => `      ${reason}`),
  ].join('\n');

function main(args: readonly string[]): void {
  const option = (name: string) => {
    const at = args.indexOf(name);
    return at < 0 ? undefined : args[at + 1];
  };
  const cases = readCases(option('--from') ?? `${here}cases`);
  if (args.includes('--names')) {
    const table = (title: string, rows: Readonly<Record<string, unknown>>) => {
      console.log(`\n${title}`);
      for (const [from, to] of Object.entries(rows)) console.log(`  ${from} → ${Array.isArray(to) ? to.join(', ') || '–' : String(to)}`);
    };
    table('colours', colours);
    table('closures', closures);
    table('oak', oaks);
    table('rungs', rungFor);
    table('air', airFor);
    table('families of smell', familiesOf);
    const smells = new Set(cases.notes.flatMap((note) => note.observed.smells ?? []).map(({ smell }) => smell));
    table('smells of the notes', Object.fromEntries([...smells].sort().map((smell) => [smell, chipFor(smell, cases.synonyms)?.term ?? 'not placed'])));
    table('cues of faults', cuesMeant);
    table('verdicts on faults', faultsMeant);
    const names = new Set([...Object.keys(kindsMeant), ...cases.notes.flatMap((note) => note.accept.kinds)]);
    table(
      'foods',
      Object.fromEntries(
        [...new Set(cases.dishes.flatMap((dish) => dish.parts.map(({ food }) => food)))].sort().map((food) => [food, partNamed(food)?.name ?? 'not placed']),
      ),
    );
    table(
      'wines of dishes',
      Object.fromEntries(Object.entries(cases['wine-words']).map(([phrase, words]) => [phrase, stylesMeant(words).map((style) => style.id)])),
    );
    table('kinds', Object.fromEntries([...names].sort().map((name) => [name, archetypes.filter((kind) => means(name, kind) === true).map((kind) => kind.id)])));
    return;
  }
  const { expectations, fixed } = judge(cases);
  const shown = lines(expectations, disputed(), fixed);
  const wrong = expectations.filter((one) => one.right < 1);
  if (args.includes('--agree')) {
    const kept: Agreed = {
      shares: Object.fromEntries(shown.map((line) => [line.group, line.share])),
      wrong: Object.fromEntries(wrong.map((one) => [`${one.group}: ${one.key}`, one.right])),
    };
    writeFileSync(agreedFile, `${JSON.stringify(kept, null, 1)}\n`);
  }
  if (args.includes('--json')) {
    console.log(JSON.stringify({ lines: shown, expectations }));
    return;
  }
  console.log(heading);
  for (const line of shown) console.log(lineInWords(line));
  if (args.includes('--quiet') || args.includes('--agree')) return;
  const group = option('--group');
  for (const line of shown) {
    const failures = wrong.filter((one) => one.group === line.group);
    if (failures.length === 0 || (group !== undefined && group !== line.group)) continue;
    console.log(`\n${line.group}`);
    for (const one of failures) console.log(failureInWords(one));
  }
}
if (process.argv[1] === fileURLToPath(import.meta.url)) main(process.argv.slice(2));
