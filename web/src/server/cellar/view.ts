import { classOfHue } from '@rose/core/wine/observables';
import { factIds, facts, type FactId } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { glassColour } from '@rose/core/appearance/colour';
import { sentence } from '@rose/core/wine/reason';
import { classifyWording } from '@rose/core/classify/wording';
import { sourceInWords } from '@rose/core/classify/classify';
import { classifyWine } from '@rose/knowledge/jurisdictions/index';
import { styleSentence } from '@rose/knowledge/style-sentence/index';
import type { KnownWine } from './profiles';

/** One computed statement of law, ready to read. */
export interface ClaimView {
  readonly id: string;
  readonly title: string;
  readonly verdict: 'meets' | 'fails' | 'unknown';
  readonly because: readonly string[];
  readonly source: string;
  readonly aside: boolean;
}
export function lawOf(known: KnownWine): readonly ClaimView[] {
  return classifyWine(known.document.facts).map((claim) => ({
    id: claim.id,
    title: claim.title,
    verdict: claim.verdict,
    // A missing fact is said once.
    because: [...new Set(claim.reasons.map((reason) => sentence(classifyWording, reason)))],
    source: sourceInWords(claim.source),
    aside: claim.aside === true,
  }));
}

/** What the wine is, in one line. */
export const styleNameOf = (known: KnownWine): string => styleSentence(known.document.facts, known.profile, known.day).text;

/** The colour of the wine as expected in the glass, as "#rrggbb" from core to rim. */
export function expectedColour(known: KnownWine): readonly string[] {
  const style = known.style.style;
  const colour = factOf(known.document.facts, 'colour') ?? style.colour;
  const fallback = { white: 'lemon', rose: 'salmon', amber: 'orange', red: 'ruby' } as const;
  const hue = classOfHue(style.hue) === colour ? style.hue : fallback[colour];
  return glassColour({ hue, depth: style.depth, rim: colour === 'red' ? 50 : 30 })!.stops;
}

/** What to find out before the evening: facts that computations asked for and did not find. */
export function missingFacts(known: KnownWine): readonly { readonly id: FactId; readonly label: string }[] {
  const asked = new Set(classifyWine(known.document.facts).flatMap((claim) => claim.missing));
  for (const id of ['abv', 'sugar', 'acidity', 'vintage', 'grapes', 'closure'] as const) if (factOf(known.document.facts, id) === undefined) asked.add(id);
  return factIds.filter((id) => asked.has(id)).map((id) => ({ id, label: facts[id].label }));
}
