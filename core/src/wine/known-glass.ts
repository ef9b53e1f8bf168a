import type { WineFacts } from './facts';
import type { KnownGlass } from './observables';
import { factOf } from './stated';

/** What the label of an open glass says of its look; a hidden glass has no facts and tells nothing. */
export function knownGlass(facts: WineFacts | undefined): KnownGlass {
  if (facts === undefined) return {};
  const bubbles = factOf(facts, 'bubbles');
  return { colour: factOf(facts, 'colour'), still: bubbles === undefined ? undefined : bubbles === 'still' };
}
