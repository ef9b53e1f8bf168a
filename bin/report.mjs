// Reads what the parts of a test run left behind: the ten slowest tests, the seconds of each part, then the closing line.
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';

const [folder, total] = process.argv.slice(2);
/** Seconds a whole run should take at most; more is said, never failed. */
const budget = 360;
const parts = readFileSync(path.join(folder, 'parts.tsv'), 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split('\t'));
const suites = readdirSync(folder)
  .filter((file) => file.endsWith('.json'))
  .flatMap((file) => JSON.parse(readFileSync(path.join(folder, file), 'utf8')).testResults);
const tests = suites.flatMap((suite) =>
  suite.assertionResults.map((test) => ({ name: test.fullName, seconds: (test.duration ?? 0) / 1000, status: test.status })),
);
// A file that could not even be loaded has no tests of its own, and still failed; so did a part that left no report.
const broken = suites.filter((suite) => suite.status === 'failed' && suite.assertionResults.length === 0).length;
const missing = ['core', 'server', 'scripts', 'journeys'].filter((name) => !existsSync(path.join(folder, `${name}.json`))).length;
console.log('\nThe ten slowest:');
for (const test of [...tests].sort((a, b) => b.seconds - a.seconds).slice(0, 10)) console.log(`${test.seconds.toFixed(1).padStart(7)} s  ${test.name}`);
console.log('\nSeconds by part, in two lanes:');
for (const [name, seconds] of parts) console.log(`${seconds.padStart(7)} s  ${name}`);
console.log(`${total.padStart(7)} s  in all${Number(total) > budget ? `: over budget, which is ${budget} s` : ''}`);
const passed = tests.filter((test) => test.status === 'passed').length;
const failed = tests.filter((test) => test.status === 'failed').length + broken + missing + parts.filter(([, , how]) => how === 'failed').length;
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
