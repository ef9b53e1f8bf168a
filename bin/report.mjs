// Reads Vitest's report: the ten slowest tests, then the closing line.
import { readFileSync } from 'node:fs';

const [file, checksFailed] = process.argv.slice(2);
const report = JSON.parse(readFileSync(file, 'utf8'));
const tests = report.testResults.flatMap((suite) =>
  suite.assertionResults.map((test) => ({ name: test.fullName, seconds: (test.duration ?? 0) / 1000, status: test.status })),
);
// A file that could not even be loaded has no tests of its own, and still failed.
const broken = report.testResults.filter((suite) => suite.status === 'failed' && suite.assertionResults.length === 0).length;
console.log('\nThe ten slowest:');
for (const test of [...tests].sort((a, b) => b.seconds - a.seconds).slice(0, 10)) console.log(`${test.seconds.toFixed(1).padStart(7)} s  ${test.name}`);
const passed = tests.filter((test) => test.status === 'passed').length;
const failed = tests.filter((test) => test.status === 'failed').length + broken + Number(checksFailed);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
