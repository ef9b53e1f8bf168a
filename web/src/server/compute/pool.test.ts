import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { styleWines } from '@rose/knowledge/pairing';
import { smallestSwap, advise } from '@rose/knowledge/pairing';
import { drawn, endPool, solved, solvedOnce } from './pool';

beforeAll(() => void delete process.env['ROSE_COMPUTE']);
afterAll(async () => {
  process.env['ROSE_COMPUTE'] = 'here';
  await endPool();
});

const parts = [{ part: 'octopus', grams: 180 }, { part: 'charred' }];
const facts = {
  title: 'Fire and salt',
  subtitle: 'Lantern Quay',
  when: 'Thursday',
  seats: Array.from({ length: 40 }, (_, seat) => ({
    seat: String(seat + 1),
    glasses: Array.from({ length: 6 }, (_glass, i) => ({ label: String(101 + seat * 7 + i), name: '' })),
  })),
  scales: [{ id: 'acidity', label: 'Acidity', notches: ['flat', 'soft', 'fresh', 'lively', 'racy'] }],
  asked: [],
  smells: [{ family: 'citrus', words: ['lemon'] }],
  routine: ['look'],
  allergens: '',
};
const foot = { plan: 1, on: new Date(0), day: '2026-11-26', id: 'x' };

describe('the pool', () => {
  it('gives what the function itself gives, and the event loop goes on meanwhile', async () => {
    let ticks = 0;
    const timer = setInterval(() => ticks++, 5);
    const print = await drawn({ kind: 'sheet', facts, paper: 'a4', foot });
    clearInterval(timer);
    expect(Buffer.from(print.subarray(0, 5)).toString()).toBe('%PDF-');
    expect(ticks).toBeGreaterThan(20);
    const { advice, swap } = await solved('advice', { parts, wines: styleWines });
    expect(advice.ranked.map((fit) => [fit.wine, fit.fit])).toEqual(advise(parts, styleWines).ranked.map((fit) => [fit.wine, fit.fit]));
    expect(swap?.best.wine).toBe(smallestSwap(parts, styleWines)?.best.wine);
  });
  it('lets eight wait and refuses the rest with when to come back; those that wait are all answered', async () => {
    const asked = await Promise.allSettled(Array.from({ length: 24 }, () => solved('swap', { parts, wines: styleWines })));
    const refused = asked.filter((entry) => entry.status === 'rejected').map((entry) => entry.reason as unknown);
    expect(refused.length).toBeGreaterThan(0);
    expect(asked.length - refused.length).toBeGreaterThanOrEqual(9);
    for (const reason of refused) expect(reason).toMatchObject({ status: 503, headers: { 'retry-after': '5' } });
  });
  it('does not solve the same twice in a row, solves anew what changed, and asks again what failed', async () => {
    const asked = () => solvedOnce('swap', { parts, wines: styleWines });
    const [one, two] = await Promise.all([asked(), asked()]);
    expect(one).toBeDefined();
    expect(two).toBe(one);
    expect(await asked()).toBe(one);
    const other = await solvedOnce('swap', { parts: [{ part: 'octopus', grams: 90 }, { part: 'charred' }], wines: styleWines });
    expect(other).not.toBe(one);
    await expect(solvedOnce('order', undefined as never)).rejects.toThrow();
    await expect(solvedOnce('order', undefined as never)).rejects.toThrow();
  });
  it('takes an error for an answer, and goes on with the next', async () => {
    await expect(solved('order', undefined as never)).rejects.toThrow();
    expect((await solved('swap', { parts, wines: styleWines }))?.out).toBeDefined();
  });
  it('a thread that dies takes its own task with it and nothing else', async () => {
    const first = solved('swap', { parts, wines: styleWines });
    const second = solved('swap', { parts, wines: styleWines });
    const outcomes = Promise.allSettled([first, second]);
    await endPool();
    const [died, waited] = await outcomes;
    expect(died!.status).toBe('rejected');
    // With more than one thread both were at work, and both died.
    if (waited!.status === 'rejected') expect((await solved('swap', { parts, wines: styleWines }))?.out).toBeDefined();
  });
});
