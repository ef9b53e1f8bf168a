import { describe, expect, it } from 'vitest';
import { atOnce } from './at-once';

describe('so many at once', () => {
  it('never runs more, keeps the order, and goes on after one that fails', async () => {
    const two = atOnce(2);
    const ends: ((how: 'well' | 'badly') => void)[] = [];
    const begun: number[] = [];
    const all = Array.from({ length: 5 }, (_, i) =>
      two(
        () =>
          new Promise<number>((resolve, reject) => {
            begun.push(i);
            ends.push((how) => (how === 'well' ? resolve(i) : reject(new Error(`${i}`))));
          }),
      ).catch((error: Error) => error.message),
    );
    const settled = () => new Promise((resolve) => setTimeout(resolve, 0));
    await settled();
    expect(begun).toEqual([0, 1]);
    ends[0]!('badly');
    await settled();
    expect(begun).toEqual([0, 1, 2]);
    for (const i of [1, 2, 3, 4]) {
      ends[i]!('well');
      await settled();
    }
    expect(await Promise.all(all)).toEqual(['0', 1, 2, 3, 4]);
    // Nothing is left behind: it runs two again.
    begun.length = 0;
    void two(() => new Promise(() => begun.push(8)));
    void two(() => new Promise(() => begun.push(9)));
    await settled();
    expect(begun).toEqual([8, 9]);
  });
});
