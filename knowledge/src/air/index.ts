import { airFor, type AirAdvice } from '@rose/core/air/air';
import type { WineFacts } from '@rose/core/wine/facts';
import { isSparkling, loadsOf, type Profile } from '@rose/core/wine/profile';
import { factOf } from '@rose/core/wine/stated';

/** Whether a wine wants air, from its facts, its profile and its age; `reduced` when a smell of reduction was found in it. */
export function airOf(facts: WineFacts, profile: Profile, age: number | undefined, reduced: boolean): AirAdvice {
  const loads = loadsOf(profile);
  return airFor({
    loads,
    oakKnown: profile.oak.from === 'tasted' || factOf(facts, 'oak') !== undefined || factOf(facts, 'woodMonths') !== undefined,
    age,
    colour: factOf(facts, 'colour') ?? 'white',
    sparkling: isSparkling(loads),
    filtered: factOf(facts, 'filtered'),
    underVeil: factOf(facts, 'underFlor') === true && factOf(facts, 'fortified') !== true,
    closure: factOf(facts, 'closure'),
    reduced,
  });
}
