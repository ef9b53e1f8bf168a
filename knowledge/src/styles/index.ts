import { alcoholTolerance } from '../jurisdictions/alcohol-tolerance';
import type { WineFacts } from '@rose/core/wine/facts';
import { factOf, narrowedShares } from '@rose/core/wine/stated';
import { listed } from '@rose/core/wine/plural';
import type { Echo } from '@rose/core/pairing/dish';
import type { Loads } from '@rose/core/wine/profile';
import type { AssumedLoad, OrderWine } from '@rose/core/order/order-wine';
import type { Rung } from '@rose/core/order/ordering-rules';
import { isSparkling, loadsBy, anchors, oakNewness, profileKeys, type Profile } from '@rose/core/wine/profile';
import { fold } from '@rose/core/wine/search-folding';
import { clamp, throughAnchors } from '@rose/core/wine/units';
import { grapeContext, grapeNamed, type Grape } from '../grapes/index';
import { generalStyle, generalStyles, isFortified, type GeneralStyle } from './general';

export { generalStyle, generalStyles, isFortified, type GeneralStyle };
/** Names that styles were shipped under: whoever chose one by it still has it. */
export const formerNames: Readonly<Record<string, string>> = {
  'ripe, jammy red of high alcohol': 'ripe-red',
  'sparkling, without added sugar': 'brut-nature',
};
const byName = new Map([
  ...Object.entries(formerNames).map(([name, id]) => [fold(name), generalStyle(id)] as const),
  ...generalStyles.map((style) => [fold(style.name), style] as const),
]);

export interface StyleChoice {
  /** The style as it is met in this wine: its loads moved by the grape, the wood, the strength and the years. */
  readonly style: GeneralStyle;
  /** Why this style: the grape, or the class alone. */
  readonly why: string;
  /** No grape of it is known: what is said of it is the whole span of its colour. */
  readonly unknown: boolean;
}

/** A style with what it was taken from, said once: "light juicy red (Gamay)", but "Malbec" alone. */
export const kindInWords = ({ name, why }: { readonly name: string; readonly why: string }): string =>
  fold(name).includes(fold(why)) ? name : `${name} (${why})`;

const dry = 45;
/** % vol at which a wine from under the veil of yeast has left it (common practice: fino to 17, amontillado from 16). */
export const veilLimit = 16.5;
/** A grape of a wine with its part of the whole, 0–1. */
interface Part {
  readonly grape: Grape;
  readonly part: number;
}
/** The grapes the tables know, by their middle shares; without shares each counts alike. */
function partsOf(facts: WineFacts): readonly Part[] {
  const context = grapeContext(facts);
  const shares = narrowedShares(factOf(facts, 'grapes') ?? []);
  const weighed = shares.flatMap(({ grape, low, high }) => {
    const known = grapeNamed(grape, context);
    return known === undefined || high <= 0 ? [] : [{ grape: known, weight: (low + high) / 2 }];
  });
  const whole = weighed.reduce((sum, entry) => sum + entry.weight, 0);
  return weighed.map(({ grape, weight }) => ({ grape, part: weight / whole }));
}
const anyOf = (parts: readonly Part[], ...ids: readonly string[]) =>
  parts.reduce((sum, { grape, part }) => sum + (ids.includes(grape.id) ? part : 0), 0) >= 0.5;
/** Where wines of spirit are aged warm. */
const warm = /madeira/i;
const muscats = ['muscat', 'muscat-of-alexandria', 'muscat-ottonel', 'moscato-giallo', 'moscato-rosa-del-trentino', 'muscat-of-hamburg'];

/** How far inside a class a value is brought that lies beyond it. */
const inset = 4;
const within = (value: number, [low, high]: readonly [number, number]) => clamp(value, (low - 1) * 20 + inset, high * 20 - inset);
/** The dry wine of a grape: its general style, with what is the grape's own. */
function ownLoads({ style, readings }: Grape): Loads {
  const { loads } = generalStyle(style);
  return {
    ...loads,
    acidity: within(loads.acidity, readings.acidity),
    tannin: readings.tannin[1] === 1 ? Math.min(loads.tannin, 16) : within(loads.tannin, readings.tannin),
    body: within(loads.body, readings.body),
    intensity: within(loads.intensity, readings.intensity),
  };
}
const blended = (parts: readonly Part[], of: (grape: Grape) => Loads): Loads =>
  loadsBy((key) => parts.reduce((sum, { grape, part }) => sum + part * of(grape)[key], 0));
/** How far two wines lie apart in the mouth. */
const apart = (a: Loads, b: Loads) => profileKeys.reduce((sum, key) => sum + (a[key] - b[key]) ** 2, 0);

/** The dry, still wine of these grapes: a blend is its parts, and is called after the style it lies nearest to. */
function styleOfGrapes(parts: readonly Part[]): StyleChoice {
  const loads = blended(parts, ownLoads);
  const nearest = [...parts].sort(
    (a, b) => apart(generalStyle(a.grape.style).loads, loads) - apart(generalStyle(b.grape.style).loads, loads) || (a.grape.id < b.grape.id ? -1 : 1),
  )[0]!;
  const style = generalStyle(nearest.grape.style);
  const counts = new Map<Echo, number>();
  for (const { grape, part } of parts) {
    // What a style adds to its grape, such as lees or wood, comes after the grape's own.
    const own = grape.echoes.length >= 3 ? grape.echoes : [...grape.echoes, ...generalStyle(grape.style).echoes];
    own.forEach((echo, i) => counts.set(echo, (counts.get(echo) ?? 0) + part / (1 + i / 4)));
  }
  const echoes = [...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, 5);
  return { style: { ...style, loads, echoes: echoes.map(([echo]) => echo) }, why: namesOf(parts), unknown: false };
}
const namesOf = (parts: readonly Part[]) => listed(parts.map(({ grape }) => grape.name).sort());

const mixed = (from: Loads, to: Loads, share: number): Loads => loadsBy((key) => from[key] + share * (to[key] - from[key]));
/** The general style of a wine of its class, before wood, strength and years. */
function classOf(facts: WineFacts, parts: readonly Part[]): StyleChoice {
  const pick = (id: string, why: string, loads?: Loads): StyleChoice => {
    const style = generalStyle(id);
    return { style: loads === undefined ? style : { ...style, loads }, why, unknown: false };
  };
  const colour = factOf(facts, 'colour');
  const sugar = factOf(facts, 'sugar');
  const abv = factOf(facts, 'abv');
  const bubbles = factOf(facts, 'bubbles');
  const wood = factOf(facts, 'woodMonths');
  const red = colour === 'red' || (colour === undefined && parts.length > 0 && parts.every(({ grape }) => grape.skin === 'black'));
  const dried = factOf(facts, 'driedGrapes') === true;
  const place = `${factOf(facts, 'region') ?? ''} ${factOf(facts, 'appellation') ?? ''}`;
  const of = (what: string) => (parts.length === 0 ? what : `${namesOf(parts)}, ${what}`);
  if (abv !== undefined && abv <= 1.2 && factOf(facts, 'fortified') !== true) return pick(red ? 'no-alcohol-red' : 'no-alcohol-white', 'almost no alcohol');
  if (factOf(facts, 'fortified') === true) {
    if (
      factOf(facts, 'heated') === true ||
      warm.test(place) ||
      anyOf(parts, 'sercial', 'verdelho', 'tinta-negra') ||
      (parts.length === 1 && anyOf(parts, 'bual'))
    ) {
      const sweet = sugar === undefined ? !anyOf(parts, 'sercial', 'verdelho') : sugar > 78;
      return pick(sweet ? 'madeira-sweet' : 'madeira-dry', of('fortified and aged warm'));
    }
    if (factOf(facts, 'underFlor') === true) return pick((abv ?? 15) >= veilLimit ? 'nutty-dry' : 'veil-fortified', of('fortified, from under the veil'));
    if (red) {
      if ((wood ?? 0) >= 60) return pick('tawny-fortified', of('fortified, sweet, long in wood'));
      if (anyOf(parts, 'grenache', 'carignan')) return pick('grenache-fortified', of('fortified and sweet'));
      return pick(factOf(facts, 'vintage')?.kind === 'year' && (wood ?? 24) <= 72 ? 'vintage-fortified' : 'ruby-fortified', of('fortified and sweet'));
    }
    if (anyOf(parts, ...muscats)) return pick((wood ?? 0) >= 60 ? 'aged-muscat-fortified' : 'muscat-fortified', of('fortified'));
    if (anyOf(parts, 'pedro-ximenez') && (sugar ?? 300) >= 150) return pick('raisined-fortified', of('fortified, of dried grapes'));
    if (sugar === undefined ? anyOf(parts, 'palomino', 'pedro-ximenez') : sugar < 40)
      return pick(anyOf(parts, 'palomino') && (abv ?? 18) < veilLimit ? 'veil-fortified' : 'dark-nutty-dry', of('dry and fortified'));
    return pick(
      (wood ?? 0) >= 24 || anyOf(parts, 'palomino', 'pedro-ximenez', 'grillo', 'ansonica') ? 'nutty-sweet' : 'white-fortified',
      of('sweet and fortified'),
    );
  }
  if (bubbles === 'sparkling' || bubbles === 'light') {
    if (red && ((sugar ?? 0) >= 60 || (sugar === undefined && anyOf(parts, 'brachetto')))) return pick('sweet-sparkling-red', of('a sweet red with bubbles'));
    if (red && anyOf(parts, 'syrah')) return pick('full-sparkling-red', of('a dark red with bubbles'));
    if (red) return pick('sparkling-red', of('a red with bubbles'));
    if (colour === 'rose' && bubbles === 'sparkling')
      return pick((sugar ?? 8) >= 32 ? 'demi-sec-rose' : 'sparkling-rose', of((sugar ?? 8) >= 32 ? 'a medium-sweet rosé with bubbles' : 'a rosé with bubbles'));
    if (bubbles === 'light' && (sugar ?? 0) < 20) return pick('prickling-light', of('a light prickle'));
    if (bubbles === 'light') return pick('sweet-prickling', of('sweet with a light prickle'));
    if ((sugar ?? 8) >= 60) return pick('sweet-sparkling', of('sweet and sparkling'));
    if ((sugar ?? 8) >= 32) return pick('demi-sec', of('medium-sweet and sparkling'));
    if ((sugar ?? 8) >= 17) return pick('offdry-sparkling', of('off-dry and sparkling'));
    const method = factOf(facts, 'method');
    if (method === 'tank' || method === 'carbonated' || (method === undefined && anyOf(parts, 'glera')))
      return pick('tank-sparkling', of('sparkling from the tank'));
    if ((factOf(facts, 'leesMonths') ?? 0) >= 48) return pick('mature-sparkling', of('four years or more on its lees'));
    return pick((sugar ?? 8) < 3 ? 'brut-nature' : 'brut', of('sparkling'));
  }
  if (factOf(facts, 'underFlor') === true) return pick('veil-white', of('aged under a veil'));
  const strong = (abv ?? 0) >= 14.5 && anyOf(parts, 'corvina', 'corvinone', 'rondinella');
  if (red && (dried || strong))
    return pick((sugar ?? 6) >= dry ? 'dried-grape-sweet-red' : 'dried-grape-red', of(dried ? 'of dried grapes' : 'as strong as of dried grapes'));
  if (red && sugar !== undefined && sugar >= dry) return pick('sweet-red', of('sweet by its sugar'));
  if (sugar !== undefined && sugar >= dry && colour !== 'red') {
    if (dried) return pick('dried-grape-white', of('of dried grapes'));
    // Sharp and light in alcohol, so much sugar makes a wine off-dry to taste, not a dessert.
    if (sugar <= 65 && (factOf(facts, 'acidity') ?? 7) >= 7.2 && (abv ?? 12) <= 10.5) return pick('offdry-riesling', of('sugar against its acidity'));
    if (anyOf(parts, 'vidal') || /ice ?wine|eiswein|vin de glace/i.test(`${factOf(facts, 'appellation') ?? ''} ${factOf(facts, 'site') ?? ''}`))
      return pick('icewine', of('of frozen grapes'));
    if (sugar >= 120) {
      // The sharper of the two kinds by degrees, so that a tenth of acid is never another wine.
      const sharp = clamp(((factOf(facts, 'acidity') ?? 7) - 7) / 2, 0, 1);
      return pick(sharp >= 0.5 ? 'aszu' : 'botrytis', of('sweet by its sugar'), mixed(generalStyle('botrytis').loads, generalStyle('aszu').loads, sharp));
    }
    return pick('late-harvest', of('sweet by its sugar'));
  }
  const skins = factOf(facts, 'skinDays');
  if (colour === 'amber' || ((colour === 'white' || colour === undefined) && !red && (skins ?? 0) >= 2)) {
    // From a few days to some months the skins give more and more; unknown days are a long contact.
    const share = clamp(Math.log((skins ?? 60) / 4) / Math.log(90 / 4), 0, 1);
    const loads = mixed(generalStyle('light-amber').loads, generalStyle('amber').loads, share);
    const own = parts.length === 0 ? undefined : blended(parts, ownLoads);
    return pick(
      share < 0.6 ? 'light-amber' : 'amber',
      of('made on its skins'),
      own === undefined
        ? loads
        : { ...loads, intensity: (loads.intensity + Math.max(loads.intensity, own.intensity)) / 2, acidity: (loads.acidity + own.acidity) / 2 },
    );
  }
  if (colour === 'rose' && (sugar ?? 3) >= dry) return pick('sweet-rose', of('a sweet rosé'));
  if (colour === 'rose') return pick((sugar ?? 3) >= 12 ? 'offdry-rose' : (skins ?? 0) >= 1 ? 'firm-rose' : 'dry-rose', of('a rosé'));
  // Grapes of another colour than the wine say little of it.
  const fitting = parts.filter(({ grape }) => colour === undefined || (colour === 'red') === (grape.skin === 'black'));
  const known = fitting.reduce((sum, { part }) => sum + part, 0);
  if (fitting.length > 0 && known >= 0.5) {
    const grapes = fitting.map(({ grape, part }) => ({ grape, part: part / known }));
    const own = styleOfGrapes(grapes);
    if (sugar !== undefined && sugar > 9 && !red) {
      const sweeter = anyOf(grapes, 'riesling')
        ? 'offdry-riesling'
        : anyOf(grapes, 'gewurztraminer')
          ? 'offdry-spice'
          : anyOf(grapes, 'pinot-gris')
            ? 'offdry-gris'
            : undefined;
      if (sweeter !== undefined && sugar > 12)
        return pick(sweeter, `${own.why} with sugar left`, mixed(own.style.loads, generalStyle(sweeter).loads, clamp((sugar - 9) / 12, 0, 1)));
    }
    return own;
  }
  const why = red ? 'a red, grape not known' : colour === undefined ? 'colour and grape not known: a white until one is said' : 'a white, grape not known';
  return { style: generalStyle(red ? 'unknown-red' : 'unknown-white'), why, unknown: true };
}

/** The load of wood that the facts tell, 0–100; undefined while they do not. */
function woodLoad(facts: WineFacts): number | undefined {
  const [oak, months] = [factOf(facts, 'oak'), factOf(facts, 'woodMonths')];
  if (oak === 'none' || months === 0) return 0;
  if (months === undefined) return oak === undefined ? undefined : throughAnchors(anchors.wood, 9) * oakNewness[oak];
  return throughAnchors(anchors.wood, months) * oakNewness[oak ?? 'used'];
}
/** From here on a dry white is one of oak to whoever smells it. */
const oaky = 38;

/** A style as wood, strength and time on the lees have moved it; in small steps, so that a month more is never another wine. */
function moved(choice: StyleChoice, facts: WineFacts): StyleChoice {
  const { style } = choice;
  const wood = woodLoad(facts);
  const still = style.loads.bubbles < 20 && style.loads.sweetness < 40 && factOf(facts, 'fortified') !== true && factOf(facts, 'underFlor') !== true;
  if (!still) return choice;
  const more = wood === undefined ? 0 : (wood - style.loads.oak) / 100;
  const abv = factOf(facts, 'abv');
  const stronger = abv === undefined ? 0 : (throughAnchors(anchors.abv, abv) - style.loads.alcohol) / 100;
  const lees = Math.min(1, (factOf(facts, 'leesMonths') ?? 0) / 24);
  // Stirred lees give more of themselves.
  const stirred = factOf(facts, 'stirred') === true ? lees : 0;
  const red = style.colour === 'red';
  const by: Partial<Record<keyof Loads, number>> = {
    body: 12 * more + 22 * stronger + 6 * lees + 5 * stirred,
    intensity: 12 * more + 8 * stronger,
    length: 16 * more,
    tannin: red ? 14 * more : 4 * Math.max(0, more),
    acidity: -6 * more,
  };
  const wooded = loadsBy((key) => clamp(style.loads[key] + (by[key] ?? 0), 0, 100));
  // A white that lies for years in wood becomes the nutty, mellow wine of its own kind.
  const years = style.colour === 'white' ? clamp(((factOf(facts, 'woodMonths') ?? 0) - 24) / 36, 0, 1) : 0;
  const loads = mixed(wooded, generalStyle('mature-white').loads, years);
  const oakedWhite = style.colour === 'white' && wood !== undefined && (wood >= oaky || years >= 0.5);
  const named = oakedWhite
    ? generalStyle(
        years >= 0.5 ? 'mature-white' : loads.body >= 66 && (abv ?? 13) >= 14 ? 'broad-oaked-white' : loads.acidity >= 60 ? 'fine-oaked-white' : 'oaked-white',
      )
    : style;
  const echoes = oakedWhite ? [...new Set<Echo>([...style.echoes.slice(0, 3), 'sweet-spice', 'butter'])] : style.echoes;
  return { ...choice, style: { ...named, loads, echoes }, why: oakedWhite ? `${choice.why} in oak` : choice.why };
}

/**
 * The general style nearest to what is known of a wine: the one its owner named; else by spirit, bubbles, veil, drying, sugar and skins, and for a dry still wine
 * by its grapes, each by its share. Then wood, strength and lees move it.
 */
export function styleOf(facts: WineFacts): StyleChoice {
  const said = byName.get(fold(factOf(facts, 'takenFor') ?? ''));
  if (said !== undefined) return { style: said, why: 'as you said', unknown: false };
  return moved(classOf(facts, partsOf(facts)), facts);
}

/** Where a wine stands on the ladder of classes. A wine in two classes stands on the later rung. */
const sweetRung = throughAnchors(anchors.sugar, 45);
export function rungOf(facts: WineFacts, loads: Loads): Rung {
  if (factOf(facts, 'fortified') === true) return 'fortified';
  // The Union calls a still wine sweet from 45 g/L on.
  if (loads.sweetness >= sweetRung) return 'sweet';
  if (isSparkling(loads)) return 'sparkling';
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
/** Without a known grape a load may lie anywhere in its colour, this far either way at the least. */
const spreadOfColour = 25;
/** The loads of a profile that only its style speaks for, each with the span the style allows; `unknown` when no grape of it is known. */
export function assumedLoads(profile: Profile, unknown = false): readonly AssumedLoad[] {
  return (Object.keys(spread) as (keyof Loads)[]).flatMap((key) => {
    const { value, from, why } = profile[key];
    const wide = unknown ? Math.max(spread[key], spreadOfColour) : spread[key];
    return from === 'style' ? [{ key, low: clamp(value - wide, 0, 100), high: clamp(value + wide, 0, 100), why }] : [];
  });
}

/** A wine as the order solver takes it. */
export function orderWine(wine: { id: string; name: string; facts: WineFacts; profile: Profile; age: number | undefined }): OrderWine {
  const loads = Object.fromEntries(Object.entries(wine.profile).map(([key, known]) => [key, known.value])) as unknown as Loads;
  const abv = factOf(wine.facts, 'abv');
  const tolerance = alcoholTolerance(wine.facts, wine.age).percent;
  const alcoholSpan =
    abv === undefined
      ? ([loads.alcohol - 6, loads.alcohol + 6] as const)
      : ([throughAnchors(anchors.abv, abv - tolerance), throughAnchors(anchors.abv, abv + tolerance)] as const);
  return {
    id: wine.id,
    name: wine.name,
    loads,
    alcoholSpan,
    rung: rungOf(wine.facts, loads),
    age: wine.age,
    assumed: assumedLoads(wine.profile, styleOf(wine.facts).unknown),
  };
}
