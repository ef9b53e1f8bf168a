import type { MenuQuestion } from '../menu/allocate';

/** The same problem as a mixed-integer program, without pins and with a wine for every course: segments s, and the change a before a course from one wine to another. */
export function menuProgram({ worth, step, money, pointsPerMoney, budget, most }: MenuQuestion): string {
  const courses = worth.length;
  const n = worth[0]!.length;
  const all = (count: number) => Array.from({ length: count }, (_, i) => i);
  const segments = all(courses).flatMap((from) =>
    all(courses).flatMap((to) => (to < from ? [] : all(n).map((w) => ({ from, to, w, name: `s${from}_${to}_${w}`, cost: money(w, from, to) })))),
  );
  const changes = all(courses).flatMap((course) =>
    course === 0 ? [] : all(n).flatMap((w) => all(n).flatMap((v) => (v === w ? [] : [{ course, w, v, name: `a${course}_${w}_${v}` }]))),
  );
  const sum = (rows: readonly { readonly name: string }[]) => rows.map(({ name }) => name).join(' + ');
  const objective = [
    ...segments.map(({ from, to, w, name, cost }) => {
      const points = all(to - from + 1).reduce((total, i) => total + worth[from + i]![w]!, 0) - pointsPerMoney * cost;
      return `${points < 0 ? '-' : '+'} ${Math.abs(points).toFixed(9)} ${name}`;
    }),
    ...changes.map(({ w, v, name }) => `- ${step[w]![v]!.toFixed(9)} ${name}`),
  ];
  const rows = [`${sum(segments.filter(({ from }) => from === 0))} = 1`, `${sum(segments)} <= ${most}`];
  for (const w of all(n)) rows.push(`${sum(segments.filter((one) => one.w === w))} <= 1`);
  for (let course = 1; course < courses; course++)
    for (const w of all(n)) {
      const out = sum(changes.filter((one) => one.course === course && one.w === w)).replaceAll(' + ', ' - ');
      const into = sum(changes.filter((one) => one.course === course && one.v === w)).replaceAll(' + ', ' - ');
      rows.push(
        `${sum(segments.filter((one) => one.to === course - 1 && one.w === w))} - ${out} = 0`,
        `${sum(segments.filter((one) => one.from === course && one.w === w))} - ${into} = 0`,
      );
    }
  if (budget !== undefined) rows.push(`${segments.map(({ cost, name }) => `${cost.toFixed(9)} ${name}`).join(' + ')} <= ${budget.toFixed(9)}`);
  return `Maximize\n obj: ${objective.join('\n ')}\nSubject To\n${rows.map((row, i) => ` c${i}: ${row.replaceAll(' + ', '\n + ')}`).join('\n')}\nBinary\n ${segments.map(({ name }) => name).join('\n ')}\nEnd`;
}
