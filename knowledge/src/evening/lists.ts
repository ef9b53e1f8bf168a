import { openingAdvice, type OpeningAdvice } from '@rose/core/bubbles/bubbles';
import { airChoices } from '@rose/core/air/air';
import { allergenLabels } from '@rose/core/flight/flight-totals';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { showBand, showTemperature, showVolume } from '@rose/core/wine/measure';
import { glassShape } from '../glasses/index';
import { closureOf, openingDefers, type Closure } from '../closures/index';
import { asWeighed } from '@rose/core/quantity/weighed';
import { capital, counted, listed } from '@rose/core/wine/plural';
import { merchantOf, type Amounts } from './amounts';
import { stockOf, type PreparedWine, type VenueFacts } from './evening';

/** A line of a list, with the facts it comes from. `id` is stable: a tick stays with its line. */
export interface Line {
  readonly id: string;
  readonly text: string;
  readonly because: string;
}
export interface ShoppingLine extends Line {
  readonly amount: number;
  readonly unit: 'bottles' | 'L' | 'g' | 'kg' | 'pieces';
  readonly costMinor: number | undefined;
}

const names = (wines: readonly PreparedWine[]) => wines.map((wine) => wine.wine.name).join(', ');

/** The room, before anybody comes. */
export function roomChecks(flight: FlightDocument, amounts: Amounts, venue: VenueFacts): readonly Line[] {
  const shapes = amounts.glasses.map((plan) => plan.name);
  const lines: Line[] = [
    {
      id: 'light',
      text: 'Daylight or neutral white light at every place; no coloured or fluorescent tubes',
      because: 'ISO 8589: neutral light of about 6500 K, no shadows',
    },
    { id: 'white', text: 'A white, unpatterned sheet or the white page under each glass', because: 'colour is judged against white' },
    { id: 'smells', text: 'No flowers, candles, perfume, cooking or fresh polish', because: 'everything then smells alike' },
    {
      id: 'air',
      text: `Room at ${showBand({ low: 20, high: 22 }, venue.temperature)}, aired an hour before; you set it at ${showTemperature(stockOf(flight, venue).roomC, venue.temperature)}`,
      because: 'common practice; the norm for the room names no temperature',
    },
    {
      id: 'shapes',
      text:
        shapes.length <= 1
          ? `One glass shape for all: ${shapes[0] ?? 'tasting glass'}`
          : `${counted(shapes.length, 'glass shape')}: ${shapes.join(', ')}. Wines in different glasses cannot be compared nose to nose`,
      because: shapes.length <= 1 ? 'the glass changes the smell' : 'the flight asks for more than one shape',
    },
    { id: 'smell-glass', text: 'Smell every empty glass; rinse a dusty one with wine', because: 'cupboards and detergents taint glasses' },
    {
      id: 'water',
      text: `Water (${amounts.waterL.toFixed(1)} L) and ${counted(amounts.spittoons, 'spittoon')} in reach of every seat`,
      because: `${counted(flight.guests, 'guest')}, ${counted(amounts.minutes, 'minute')}`,
    },
    {
      id: 'safety',
      text: 'Food on the table before the first pour, a full meal where it is before noon; who drives, is pregnant, takes medicine or is under age does not drink',
      because: 'local law and house rules come first',
    },
  ];
  if (flight.setting === 'water')
    lines.push({ id: 'no-glass', text: 'No glass at the water: unbreakable tumblers, cans or bags; broom and gloves at hand', because: 'boat or pool' });
  if (flight.setting === 'outdoors')
    lines.push({ id: 'shade', text: 'Shade and ice for every bottle: a glass in the sun warms twice as fast', because: 'outdoors and warm' });
  if (flight.setting === 'standing') lines.push({ id: 'tables', text: 'A table to put glasses down within three steps of everybody', because: 'standing' });
  return lines;
}

/** What could give a hidden wine away, wine by wine. Empty for an open flight. */
export function blindnessChecks(flight: FlightDocument, prepared: readonly PreparedWine[]): readonly Line[] {
  if (flight.blind === 'open') return [];
  const bottles = prepared.reduce((sum, wine) => sum + wine.bottles, 0);
  const lines: Line[] = [
    {
      id: 'bags',
      text: `${counted(bottles, 'bag')} with a number, closed at the neck`,
      because: `${counted(prepared.length, 'wine')}, ${counted(bottles, 'bottle')}`,
    },
    { id: 'one-glass', text: 'The same glass, the same level and the same temperature for all that are compared', because: 'shape, level and warmth tell' },
    {
      id: 'who',
      text: flight.blind === 'double' ? 'A helper opens, bags and shuffles; you do not see a bottle' : 'Open and bag before the guests come',
      because: `the flight is ${flight.blind === 'double' ? 'blind to the host too' : 'blind to guests'}`,
    },
    { id: 'out-of-sight', text: 'Pour out of sight, or from the bag', because: 'glass colour, shoulders and weight tell' },
  ];
  const capsules = prepared.filter((wine) => ['cork', 'technical', 'mushroom', 'glass'].includes(wine.closure.id));
  if (capsules.length > 0) lines.push({ id: 'capsules', text: `Whole capsule or foil off: ${names(capsules)}`, because: 'its colour and print tell' });
  const screws = prepared.filter((wine) => wine.closure.id === 'screw');
  if (screws.length > 0 && screws.length < prepared.length)
    lines.push({ id: 'threads', text: `The thread of the neck shows: decant or bag high: ${names(screws)}`, because: 'screw caps among corks' });
  const clear = prepared.filter((wine) => factOf(wine.wine.facts, 'glass') === 'clear');
  if (clear.length > 0) lines.push({ id: 'clear', text: `Clear glass shows through a thin bag: double it: ${names(clear)}`, because: 'glass: clear' });
  const sizes = prepared.filter((wine) => wine.formatMl !== 750);
  if (sizes.length > 0)
    lines.push({
      id: 'sizes',
      text: `Another size tells: pour from a carafe: ${names(sizes)}`,
      because: sizes.map((wine) => `${wine.formatMl / 1000} L`).join(', '),
    });
  const odd = prepared.filter((wine) => wine.closure.id === 'can' || wine.closure.id === 'bag');
  if (odd.length > 0) lines.push({ id: 'containers', text: `Into a carafe, in another room: ${names(odd)}`, because: 'can or bag' });
  const pops = prepared.filter((wine) => wine.sparkling);
  if (pops.length > 0) lines.push({ id: 'pop', text: `The sigh of the cork is heard: open outside: ${names(pops)}`, because: 'sparkling' });
  return lines;
}

/** What has to go along, by closure, deposit, air and setting. */
export function packingList(flight: FlightDocument, prepared: readonly PreparedWine[], amounts: Amounts): readonly Line[] {
  const lines: Line[] = [];
  const tools = new Map<string, PreparedWine[]>();
  for (const wine of prepared) tools.set(wine.closure.tool, [...(tools.get(wine.closure.tool) ?? []), wine]);
  for (const [tool, wines] of tools)
    if (tool !== 'your hands')
      lines.push({
        id: `tool-${wines[0]!.closure.id}`,
        text: `${capital(tool)}${wines.length > 4 && tool.includes('corkscrew') ? ', two of them' : ''}`,
        because: `${[...new Set(wines.map((wine) => wine.closure.name))].join(', ')}: ${names(wines)}`,
      });
  const old = prepared.filter((wine) => wine.closure.id === 'cork' && (wine.wine.age ?? 0) >= 15);
  if (old.length > 0) lines.push({ id: 'two-blade', text: 'Two-blade cork puller and a fine strainer', because: `old corks: ${names(old)}` });
  const decanted = prepared.filter((wine) => wine.chosenAir.choice === 'gentle' || wine.chosenAir.choice === 'double');
  if (decanted.length > 0)
    lines.push({
      id: 'carafe',
      text: counted(
        decanted.reduce((sum, wine) => sum + wine.bottles, 0),
        'carafe',
      ),
      because: decanted.map((wine) => `${wine.wine.name}: ${airChoices[wine.chosenAir.choice]}`).join('; '),
    });
  const cold = prepared.filter((wine) => wine.band.high <= 13);
  if (cold.length > 0) lines.push({ id: 'cooler', text: 'Cooler, ice and a bucket', because: `served cold: ${names(cold)}` });
  lines.push({ id: 'thermometer', text: 'Probe thermometer', because: 'the fridge you do not know is the one that lies' });
  for (const plan of amounts.glasses)
    if (plan.needed > 0)
      lines.push({
        id: `glasses-${plan.shape}`,
        text: `${plan.needed} × ${plan.name}${glassShape(plan.shape).breaks ? ', in dividers' : ''}`,
        because: `${counted(plan.wines, 'wine')}, ${plan.breakage} for breakage${plan.washes ? `, ${counted(plan.washes, 'wash')} between` : ''}`,
      });
  if (flight.blind !== 'open') lines.push({ id: 'bags', text: 'Bags, string, a marker', because: 'blind' });
  lines.push({ id: 'paper', text: 'Sheets, mats, pencils', because: counted(flight.guests, 'guest') });
  lines.push({
    id: 'cloths',
    text: `${counted(2 + Math.ceil(prepared.length / 3), 'cloth')}, spittoons, water jugs`,
    because: `${counted(prepared.length, 'wine')}`,
  });
  lines.push({ id: 'first-aid', text: 'Plasters, broom and pan', because: 'knives and glass' });
  return lines;
}

/** What the dishes beside the wines are made of, each once, for the whole table, as a cook weighs it. */
function foodOfDishes(prepared: readonly PreparedWine[]): readonly { readonly name: string; readonly grams: number; readonly dishes: readonly string[] }[] {
  const food = new Map<string, { grams: number; dishes: Set<string> }>();
  for (const { wine } of prepared)
    for (const { name, grams } of wine.dish?.food ?? []) {
      const bought = food.get(name) ?? { grams: 0, dishes: new Set<string>() };
      bought.grams += grams;
      bought.dishes.add(wine.dish!.name);
      food.set(name, bought);
    }
  return [...food].map(([name, { grams, dishes }]) => ({ name, grams: asWeighed(grams), dishes: [...dishes] })).sort((a, b) => b.grams - a.grams);
}

/** One list for the shop: bottles that lack, food, water and ice, with amounts and cost. */
export function shoppingList(prepared: readonly PreparedWine[], amounts: Amounts, venue: VenueFacts): readonly ShoppingLine[] {
  const lines: ShoppingLine[] = [];
  for (const amount of amounts.wines) {
    if (amount.short === 0) continue;
    const wine = prepared.find((entry) => entry.wine.id === amount.wine);
    const from = wine === undefined ? undefined : merchantOf(wine.wine);
    lines.push({
      id: `wine-${amount.wine}`,
      text: `${amount.name}${amount.formatMl === 750 ? '' : `, ${amount.formatMl / 1000} L`}${from === undefined ? '' : `, from ${from}`}`,
      amount: amount.short,
      unit: 'bottles',
      costMinor: amount.priceMinor === undefined ? undefined : amount.priceMinor * amount.short,
      because: `${counted(amount.pours, 'pour')} of ${showVolume(amount.pourMl, venue.volume)} need ${amount.byPours}, ${counted(amount.spares.spares, 'spare')} (${wine?.closure.name ?? 'closure not known'}), ${amount.held} held`,
    });
  }
  const food = (id: 'bread' | 'cheese' | 'water' | 'ice', text: string, amount: number, unit: ShoppingLine['unit'], because: string) => {
    if (amount > 0) lines.push({ id, text, amount, unit, costMinor: amounts.cost.find((part) => part.part === id)?.minor, because });
  };
  food('bread', 'Plain white bread', Math.ceil(amounts.breadG / 50) * 50, 'g', '60 g a guest');
  food(
    'cheese',
    amounts.cheeses.length === 0 ? 'Mild hard cheese' : capital(listed(amounts.cheeses)),
    Math.ceil(amounts.cheeseG / 50) * 50,
    'g',
    '30 g a guest and cheese rest; milk is an allergen',
  );
  food('water', 'Still water', Math.ceil(amounts.waterL), 'L', `${amounts.minutes} minutes at the table, and rinsing`);
  food('ice', 'Ice', amounts.iceKg, 'kg', '3 kg for a bucket of three bottles');
  for (const { name, grams, dishes } of foodOfDishes(prepared))
    lines.push({
      id: `food-${name}`,
      text: capital(name),
      amount: grams,
      unit: 'g',
      costMinor: undefined,
      because: `the menu: ${listed(dishes)}`,
    });
  if (venue.stock.glasses.length === 0)
    lines.push({
      id: 'glasses',
      text: 'Tasting glasses',
      amount: amounts.glasses.reduce((sum, plan) => sum + plan.needed, 0),
      unit: 'pieces',
      costMinor: undefined,
      because: 'the venue has none',
    });
  return lines;
}

export interface OpeningCard {
  readonly wine: string;
  readonly name: string;
  readonly closure: Closure;
  readonly assumed: boolean;
  /** Pressure in this bottle at its predicted temperature; undefined for a still wine. */
  readonly pressure: { readonly advice: OpeningAdvice; readonly celsius: number; readonly from: string } | undefined;
  readonly cautions: readonly string[];
}
/** A sparkling wine whose pressure is not stated is reckoned at 6 bar over the air at 20 °C, one that prickles at 1.5: the safe side. */
export const assumedPressure = { sparkling: 6, light: 1.5 } as const;

/** Bar over the air at 20 °C: as stated, else by what is known of its bubbles; undefined of a still wine. What is stated of the bubbles comes before what its kind has. */
function overpressureOf(facts: WineFacts, sparklingKind: boolean): number | undefined {
  const bubbles = factOf(facts, 'bubbles') ?? (sparklingKind ? 'sparkling' : 'still');
  return factOf(facts, 'pressure') ?? (bubbles === 'still' ? undefined : assumedPressure[bubbles]);
}
/** How to open a bottle, step by step, with the pressure in it. `celsius`: its temperature at the opening; `sparkling`: whether its kind is. */
export function openingOf(
  wine: { readonly id: string; readonly name: string; readonly facts: WineFacts; readonly sparkling: boolean },
  celsius: number,
): OpeningCard {
  const { closure, assumed } = closureOf(wine.facts);
  const stated = factOf(wine.facts, 'pressure');
  const over = overpressureOf(wine.facts, wine.sparkling);
  return {
    wine: wine.id,
    name: wine.name,
    closure,
    assumed,
    pressure:
      over === undefined || over < 0.5
        ? undefined
        : { advice: openingAdvice(over, celsius), celsius, from: stated === undefined ? `assumed ${over} bar at 20 °C` : `${stated} bar at 20 °C` },
    cautions: [...(closure.caution === undefined ? [] : [closure.caution]), openingDefers],
  };
}
/** The card of a bottle of an evening. `celsius`: its predicted temperature at the opening. */
export const openingCard = ({ wine, sparkling }: PreparedWine, celsius: number): OpeningCard => openingOf({ ...wine, sparkling }, celsius);
/** The pressure in a bottle, in words. `show`: a temperature in the venue's unit. */
export const pressureInWords = ({ advice, celsius, from }: NonNullable<OpeningCard['pressure']>, show: (celsius: number) => string): string =>
  `${advice.over.toFixed(1)} bar over the air at ${show(celsius)} (${from}). ${advice.says}`;
export const allergenSentence = (amounts: Amounts): string => {
  const list = amounts.strip.allergens.map((allergen) => allergenLabels[allergen]);
  if (list.length === 0) return '';
  const doubt =
    amounts.strip.unknownFining > 0
      ? ` The fining of ${counted(amounts.strip.unknownFining, 'wine')} is not known: egg, milk or fish cannot be ruled out.`
      : '';
  return `The wines contain ${list.join(', ')}.${doubt}`;
};
