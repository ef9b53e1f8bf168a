'use client';
import Link from 'next/link';

/** Pairs dealt together stand in the address as "left.right" after "left.right", so that a reload keeps the way. */
export const seriesOf = (pairs: readonly (readonly [left: string, right: string])[]): string => pairs.map((pair) => pair.join('.')).join(',');
export const pairLink = ([left, right]: readonly [string, string], series: string): string => `/notes/pair?left=${left}&right=${right}&series=${series}`;
const read = (series: string): readonly (readonly [string, string])[] =>
  series.split(',').flatMap((pair) => {
    const [left, right] = pair.split('.');
    return left === undefined || right === undefined || right === '' ? [] : [[left, right] as const];
  });

/** Where in its row of pairs this one stands, and the way to the next. */
export function NextPair({ series, left }: { series: string; left: string }) {
  const pairs = read(series);
  const at = pairs.findIndex((pair) => pair[0] === left);
  if (at < 0 || pairs.length < 2) return null;
  const next = pairs[at + 1];
  return (
    <p>
      Pair {at + 1} of {pairs.length}. {next === undefined ? 'That was the last.' : <Link href={pairLink(next, series)}>On to pair {at + 2}</Link>}
    </p>
  );
}
