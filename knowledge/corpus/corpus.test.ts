import { describe, expect, it } from 'vitest';
import { readCases } from './cases';
import { judge } from './judge';
import { agreed, disputed, failureInWords, here } from './run';
import { groups, lines, type Group } from './score';

/** Points below the goal, or below the last agreed share where the goal is short, that a group may fall. */
const slack = 2;

describe('everyday cases', () => {
  const { expectations, fixed } = judge(readCases(`${here}cases`));
  const shown = lines(expectations, disputed(), fixed);
  const last = agreed();
  const changed = expectations.filter((one) => (last.wrong[`${one.group}: ${one.key}`] ?? 1) !== one.right);
  if (changed.length > 0)
    console.log(
      [
        'Changed since it was last agreed (npm run corpus -- --agree):',
        ...changed.map(
          (one) => `${one.right > (last.wrong[`${one.group}: ${one.key}`] ?? 1) ? 'now right' : 'now wrong'} ${one.group}\n${failureInWords(one)}`,
        ),
      ].join('\n'),
    );
  it.each(shown.map((line) => [line.group, line] as const))('%s does not fall', (group: Group, line) => {
    const asked = groups[group];
    const before = last.shares[group];
    expect(before, 'never agreed').toBeDefined();
    const least = 'goal' in asked && before! >= asked.goal ? asked.goal - slack : before! - slack;
    expect(line.share, `${line.right} of ${line.expectations}`).toBeGreaterThanOrEqual(least);
  });
  it('judges every case, and knows what it cannot place', () => {
    const cases = readCases(`${here}cases`);
    const judged = new Set(expectations.map((one) => one.key.split(' ')[0]));
    for (const { id } of [...cases.wines, ...cases.notes, ...cases.pairs, ...cases.faults, ...cases.orders, ...cases.dishes])
      expect(judged.has(id), id).toBe(true);
    for (const one of expectations) expect(one.right, one.key).toBeGreaterThanOrEqual(0);
    for (const one of expectations) if (one.notPlaced !== undefined) expect(one.right, `${one.key}: what is not placed is not right`).toBeLessThan(1);
  });
  it('lists disputes by the id of a case that is there', () => {
    const ids = new Set(expectations.map((one) => one.key.split(' ')[0]));
    for (const id of disputed()) expect(ids.has(id), id).toBe(true);
  });
});
