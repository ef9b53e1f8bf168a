import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** Counts the checks against the outside world that passed in this run: at most thirty of one source. */
const report = path.join(mkdtempSync(path.join(tmpdir(), 'rose-checks-')), 'report.json');
try {
  execFileSync(
    process.execPath,
    ['node_modules/vitest/vitest.mjs', 'run', '--project', 'core', '--project', 'server', '-t', '⟦', '--reporter=json', `--outputFile.json=${report}`],
    { stdio: 'ignore' },
  );
} catch {
  // A failing check is simply not counted.
}
const { testResults } = JSON.parse(readFileSync(report, 'utf8')) as { testResults: { assertionResults: { title: string; status: string }[] }[] };
const counts = new Map<string, number>();
for (const test of testResults.flatMap((suite) => suite.assertionResults)) {
  const source = /⟦(.+)⟧/.exec(test.title)?.[1];
  if (source !== undefined && test.status === 'passed') counts.set(source, (counts.get(source) ?? 0) + 1);
}
if (process.argv.includes('--list'))
  for (const [source, n] of [...counts].sort((a, b) => b[1] - a[1])) console.log(`${String(Math.min(n, 30)).padStart(4)}  ${source}`);
// What was read beside the check and what was written from memory are different things.
const of = (is: (source: string) => boolean) => [...counts].reduce((sum, [source, n]) => sum + (is(source) ? Math.min(n, 30) : 0), 0);
const fromMemory = (source: string) => /from memory/.test(source);
const trade = (source: string) => source.startsWith('common practice');
const read = (source: string) => /, read\b/.test(source);
console.log(
  `read for the check: ${of(read)}; from memory: ${of(fromMemory)}; common practice: ${of(trade)}; other: ${of((source) => !read(source) && !fromMemory(source) && !trade(source))}`,
);
console.log(`${[...counts.values()].reduce((sum, n) => sum + Math.min(n, 30), 0)} checks from ${counts.size} sources`);
