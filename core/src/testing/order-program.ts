/** The same problem as a mixed-integer program: arc variables y, ordering variables x with triangle inequalities. */
export function asProgram(neighbour: Float64Array, earlier: Float64Array, n: number): string {
  const terms: string[] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const pairs = Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => [i, j] as const))
    .flat()
    .filter(([i, j]) => i !== j);
  for (const [i, j] of pairs) {
    terms.push(`${neighbour[i * n + j]!.toFixed(9)} y${i}_${j}`, `${earlier[i * n + j]!.toFixed(9)} x${i}_${j}`);
    binaries.push(`y${i}_${j}`, `x${i}_${j}`);
    rows.push(`x${i}_${j} - y${i}_${j} >= 0`);
    if (i < j) rows.push(`x${i}_${j} + x${j}_${i} = 1`);
  }
  for (let i = 0; i < n; i++) {
    const others = Array.from({ length: n }, (_, j) => j).filter((j) => j !== i);
    rows.push(`${others.map((j) => `y${i}_${j}`).join(' + ')} + e${i} = 1`, `${others.map((j) => `y${j}_${i}`).join(' + ')} + s${i} = 1`);
    binaries.push(`e${i}`, `s${i}`);
  }
  rows.push(`${Array.from({ length: n }, (_, i) => `s${i}`).join(' + ')} = 1`, `${Array.from({ length: n }, (_, i) => `e${i}`).join(' + ')} = 1`);
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) for (let k = 0; k < n; k++) if (i !== j && j !== k && i !== k) rows.push(`x${i}_${j} + x${j}_${k} + x${k}_${i} <= 2`);
  return `Minimize\n obj: ${terms.join(' + ')}\nSubject To\n${rows.map((row, i) => ` c${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`;
}
