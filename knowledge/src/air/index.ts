import { airFor, type AirAdvice } from '@rose/core/air/air';
import type { WineFacts } from '@rose/core/wine/facts';
import { isSparkling, type Loads } from '@rose/core/wine/profile';
import { factOf } from '@rose/core/wine/stated';

/** Whether a wine wants air, from its facts, its profile and its age; `reduced` when a smell of reduction was found in it. */
export const airOf = (facts: WineFacts, loads: Loads, age: number | undefined, reduced: boolean): AirAdvice =>
  airFor({
    loads,
    age,
    colour: factOf(facts, 'colour') ?? 'white',
    sparkling: isSparkling(loads),
    filtered: factOf(facts, 'filtered'),
    closure: factOf(facts, 'closure'),
    reduced,
  });
