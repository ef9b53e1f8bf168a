import type { WineFacts } from '@rose/core/wine/facts';
import { factOf, mainGrape } from '@rose/core/wine/stated';
import type { Loads } from '@rose/core/wine/profile';
import type { AssumedLoad, OrderWine } from '@rose/core/order/judge';
import type { Rung } from '@rose/core/order/ordering-rules';
import { anchors, type Profile } from '@rose/core/wine/profile';
import { fold } from '@rose/core/wine/search-folding';
import { clamp, throughAnchors } from '@rose/core/wine/units';
import { grapeNamed } from '../grapes/index';
import { generalStyles, type GeneralStyle } from './data';

export { generalStyles, type GeneralStyle };
const byId = new Map(generalStyles.map((style) => [style.id, style]));
const byName = new Map(generalStyles.map((style) => [fold(style.name), style]));
export const generalStyle = (id: string): GeneralStyle => byId.get(id)!;

export interface StyleChoice {
  readonly style: GeneralStyle;
  /** Why this style: the grape, or the class alone. */
  readonly why: string;
}

/** The general style nearest to what is known of a wine: the one its owner named; else a tree over fortification, bubbles, sweetness, colour, then the grape of the largest share. */
export function styleOf(facts: WineFacts): StyleChoice {
  const said = byName.get(fold(factOf(facts, 'takenFor') ?? ''));
  if (said !== undefined) return { style: said, why: 'as you said' };
  const pick = (id: string, why: string): StyleChoice => ({ style: generalStyle(id), why });
  const colour = factOf(facts, 'colour');
  const sugar = factOf(facts, 'sugar');
  const main = mainGrape(facts);
  const grape = main === undefined ? undefined : grapeNamed(main);
  const bubbles = factOf(facts, 'bubbles');
  if (factOf(facts, 'fortified') === true) {
    if (factOf(facts, 'heated') === true) return pick((sugar ?? 90) > 78 ? 'madeira-sweet' : 'madeira-dry', 'fortified and aged warm');
    if (factOf(facts, 'underFlor') === true) return pick((factOf(facts, 'abv') ?? 15) >= 16 ? 'nutty-dry' : 'veil-fortified', 'fortified, from under the veil');
    if ((sugar ?? 90) < 15) return pick('dark-nutty-dry', 'dry and fortified');
    return pick((factOf(facts, 'woodMonths') ?? 0) >= 60 ? 'tawny-fortified' : 'ruby-fortified', 'sweet and fortified');
  }
  if (bubbles === 'sparkling' || bubbles === 'light') {
    if (colour === 'red') return pick('sparkling-red', 'a red with bubbles');
    if (bubbles === 'light' && (sugar ?? 0) < 20) return pick('prickling-light', 'a light prickle');
    if (bubbles === 'light') return pick('sweet-prickling', 'sweet with a light prickle');
    if ((sugar ?? 8) >= 60) return pick('sweet-sparkling', 'sweet and sparkling');
    if ((sugar ?? 8) >= 32) return pick('demi-sec', 'medium-sweet and sparkling');
    if ((sugar ?? 8) >= 17) return pick('offdry-sparkling', 'off-dry and sparkling');
    if (factOf(facts, 'method') === 'tank' || factOf(facts, 'method') === 'carbonated') return pick('tank-sparkling', 'sparkling from the tank');
    if ((factOf(facts, 'leesMonths') ?? 0) >= 48) return pick('mature-sparkling', 'four years or more on its lees');
    return pick((sugar ?? 8) < 3 ? 'brut-nature' : 'brut', 'sparkling');
  }
  if (factOf(facts, 'underFlor') === true) return pick('veil-white', 'aged under a veil');
  if (sugar !== undefined && sugar >= 45 && colour !== 'red')
    return pick(sugar >= 120 ? ((factOf(facts, 'acidity') ?? 7) >= 8 ? 'aszu' : 'botrytis') : 'late-harvest', 'sweet by its sugar');
  if (colour === 'amber') return pick((factOf(facts, 'skinDays') ?? 60) < 30 ? 'light-amber' : 'amber', 'made on its skins');
  if (colour === 'rose') return pick((sugar ?? 3) >= 12 ? 'offdry-rose' : (factOf(facts, 'skinDays') ?? 0) >= 1 ? 'firm-rose' : 'dry-rose', 'a rosé');
  const oak = factOf(facts, 'oak');
  const oaked = (oak === 'new' || oak === 'some') && (factOf(facts, 'woodMonths') ?? 6) >= 6;
  if (grape !== undefined) {
    const own = generalStyle(grape.style);
    if (grape.id === 'riesling' && sugar !== undefined && sugar > 12) return pick('offdry-riesling', 'Riesling with sugar left');
    if (colour === 'white' && own.colour === 'white' && oaked) return pick('oaked-white', `${grape.name} in partly new oak`);
    // A grape whose usual style is amber, sparkling or fortified says little of a still wine of another colour.
    const fits = own.colour === (colour ?? own.colour) && own.loads.bubbles < 20 && own.loads.sweetness < 50;
    if (fits) return { style: own, why: grape.name };
  }
  if (colour === 'red') return pick(oaked ? 'tempranillo' : 'sangiovese', 'a red, grape not known');
  return pick(oaked ? 'oaked-white' : 'soft-neutral', 'a white, grape not known');
}

/** Where a wine stands on the ladder of classes. A wine in two classes stands on the later rung. */
export function rungOf(facts: WineFacts, loads: Loads): Rung {
  if (factOf(facts, 'fortified') === true) return 'fortified';
  if (loads.sweetness >= 58) return 'sweet';
  if (loads.bubbles >= 40) return 'sparkling';
  return factOf(facts, 'colour') ?? 'white';
}

/** How far a wine of a general style may stand from the style's own value, each way. Our own reading; the styles differ less in bubbles and sugar than in oak and age. */
const spread: Readonly<Record<keyof Loads, number>> = {
  acidity: 12,
  sweetness: 6,
  bubbles: 3,
  tannin: 14,
  alcohol: 12,
  body: 12,
  intensity: 14,
  length: 14,
  oak: 18,
  fragility: 20,
};
/** The loads of a profile that only its style speaks for, each with the span the style allows. */
export function assumedLoads(profile: Profile): readonly AssumedLoad[] {
  return (Object.keys(spread) as (keyof Loads)[]).flatMap((key) => {
    const { value, from, why } = profile[key];
    return from === 'style' ? [{ key, low: clamp(value - spread[key], 0, 100), high: clamp(value + spread[key], 0, 100), why }] : [];
  });
}

/** A wine as the order solver takes it. */
export function orderWine(wine: { id: string; name: string; facts: WineFacts; profile: Profile; age: number | undefined }): OrderWine {
  const loads = Object.fromEntries(Object.entries(wine.profile).map(([key, known]) => [key, known.value])) as unknown as Loads;
  const abv = factOf(wine.facts, 'abv');
  const tolerance = wine.facts.abv?.origin === 'laboratory' ? 0.1 : 0.5;
  const alcoholSpan =
    abv === undefined
      ? ([loads.alcohol - 6, loads.alcohol + 6] as const)
      : ([throughAnchors(anchors.abv, abv - tolerance), throughAnchors(anchors.abv, abv + tolerance)] as const);
  return { id: wine.id, name: wine.name, loads, alcoholSpan, rung: rungOf(wine.facts, loads), age: wine.age, assumed: assumedLoads(wine.profile) };
}
