import type { FaultContext, Seen, Triage } from '@rose/core/fault/fault';
import { falseAlarms, faults, triageGlass } from '../src/faults/index';
import type { FaultCase } from './cases';
import { colours } from './in-our-words';
import type { Expectation, Group } from './score';

/** Words of a beginner, as cues of ours; none for what says nothing of a fault. */
export const cuesMeant: Readonly<Record<string, readonly string[]>> = {
  dull: ['muted'],
  'hardly any fruit': ['muted'],
  'no fruit': ['muted'],
  'a bit dusty': ['musty'],
  toffee: ['cooked-fruit'],
  'cooked apple': ['cooked-fruit'],
  'darker than it should be': ['brown'],
  darker: ['brown'],
  'burnt rubber': ['onion-rubber'],
  garlic: ['onion-rubber'],
  'onion, even after decanting': ['onion-rubber', '!fades'],
  'nail polish remover': ['nail-varnish'],
  glue: ['nail-varnish'],
  sharp: ['stings'],
  'sticking plaster': ['plaster'],
  horse: ['horse'],
  'a little stable': ['horse', 'background'],
  clove: ['clove-bacon'],
  'smoked bacon': ['clove-bacon'],
  'fizzy though it should be still': ['gas'],
  'a bit fizzy': ['gas'],
  prickly: ['gas'],
  cloudy: ['cloudy'],
  hazy: ['hazy'],
  'cork pushed': ['cork-pushed'],
  yeasty: ['funk'],
  'smells of sauerkraut and cheese': ['sour-milk'],
  'raw peanut': ['peanut-green'],
  'potato skin': ['peanut-green'],
  'rancid green': ['peanut-green'],
  'green pepper': ['green'],
  leafy: ['green'],
  'freshness gone': ['muted'],
  flat: ['muted'],
  'tired nuts': ['stale-nuts'],
  'bruised apple': ['bruised-apple'],
  'glass-like crystals on the cork': ['crystals'],
  'sugar grains at the bottom': ['crystals'],
  'cloudy after chilling': ['hazy'],
  'black mud in the bottle': ['deposit'],
  'stain on the side': ['deposit'],
  'a whiff of petrol': ['petrol'],
  'smells of cider and hay': ['bruised-apple'],
  'dry in the mouth': ['astringent'],
  'brown-orange': ['brown'],
  curry: ['nutty'],
  walnut: ['nutty'],
  'struck match': ['struck-match'],
  'a bit of egg on opening': ['bad-egg'],
  'gone after swirling': ['fades'],
  'thick tears down the glass': ['tears'],
  'oily legs': ['tears'],
  'few bubbles': ['few-bubbles'],
  'deep gold': ['gold'],
  'toast, mushroom, honey': ['nutty'],
  'no bubbles in one glass only': ['no-bubbles-here'],
  'other glasses are lively': ['no-bubbles-here'],
  'no bubbles': [],
  coconut: ['oak-smell'],
  dill: ['oak-smell'],
  vanilla: ['oak-smell'],
  'orange rim': ['orange-rim'],
  'metallic finish': [],
  'smells and tastes fine': [],
  'smell fine': [],
  'clear and fresh': [],
  lime: [],
  fresh: [],
  tea: [],
  'bone dry': [],
  yellow: ['gold'],
  raspberry: [],
  flint: [],
  toast: [],
  lemon: [],
};
/** Names of verdicts, as faults and false alarms of ours. */
export const faultsMeant: Readonly<Record<string, readonly string[]>> = {
  'cork taint (TCA), low level': ['low-cork-taint', 'cork-taint'],
  'cork taint': ['cork-taint', 'low-cork-taint'],
  'severe cork taint': ['cork-taint'],
  'bad cork': ['cork-taint', 'low-cork-taint'],
  'served too cold': ['too-cold'],
  'heat damage': ['heat'],
  maderised: ['heat', 'oxidation'],
  oxidation: ['oxidation', 'premature-oxidation', 'open-too-long'],
  'oxidation as a fault': ['oxidation', 'premature-oxidation'],
  'oxidation from being open': ['open-too-long', 'oxidation'],
  'oxidation (bag past its date)': ['open-too-long', 'oxidation'],
  'open too long': ['open-too-long', 'oxidation'],
  'faded fino': ['open-too-long', 'oxidation'],
  'past its date': ['open-too-long', 'oxidation'],
  mercaptans: ['mercaptans'],
  reduction: ['reduction', 'mercaptans'],
  'reduction (mercaptans)': ['mercaptans'],
  'slight reduction': ['reduction', 'struck-match-style'],
  'severe reduction': ['mercaptans'],
  'slight reduction, often wanted': ['reduction', 'struck-match-style'],
  'struck-match style': ['struck-match-style', 'reduction'],
  'slight reduction that blows off': ['reduction'],
  'reduction, passing': ['reduction'],
  'ethyl acetate': ['ethyl-acetate'],
  'volatile acidity': ['volatile', 'ethyl-acetate'],
  brettanomyces: ['brett'],
  'brettanomyces, trace': ['brett'],
  brett: ['brett'],
  refermentation: ['refermentation'],
  'refermentation in bottle': ['refermentation'],
  'malolactic fermentation in bottle': ['refermentation'],
  'lactic spoilage': ['bacteria'],
  ropiness: ['ropiness'],
  'ladybird taint': ['ladybird'],
  'ladybird taint (methoxypyrazines)': ['ladybird'],
  'unripe grapes': ['green-grape'],
  'less ripe grapes': ['green-grape'],
  'grape character': ['green-grape'],
  'grape character (pyrazines)': ['green-grape'],
  'normal for Cabernet Franc': ['green-grape'],
  'tartrate crystals': ['crystals'],
  'protein haze': ['protein', 'chill-haze'],
  'haze from cold or no filtering': ['chill-haze', 'unfiltered'],
  unfiltered: ['unfiltered'],
  'deposit of age': ['red-deposit'],
  deposit: ['red-deposit'],
  sediment: ['red-deposit'],
  'dissolved carbon dioxide': ['spritz', 'pour-bubbles'],
  'normal for the style': ['spritz', 'amber-funk', 'skin-contact'],
  'style: light prickle': ['spritz'],
  'normal prickle': ['spritz'],
  'petrol (TDN)': ['riesling-petrol'],
  TDN: ['riesling-petrol'],
  'normal for warm-grown Riesling': ['riesling-petrol'],
  'normal skin-contact character': ['skin-contact', 'amber-funk'],
  'skin contact': ['skin-contact', 'amber-funk'],
  'normal for flor': ['oxidative'],
  'flor character': ['oxidative'],
  'sotolon from ageing under flor': ['oxidative'],
  'legs from alcohol': ['tears'],
  'tears of wine': ['tears'],
  alcohol: ['tears'],
  'normal ageing': ['mature-red', 'mature-sparkling', 'ripe-gold', 'oak-style'],
  'bottle age': ['mature-red', 'mature-sparkling', 'ripe-gold'],
  'mature sparkling wine': ['mature-sparkling'],
  'greasy or detergent film on the glass': ['glass-film'],
  'the glass': ['glass', 'glass-film'],
  'dirty glass': ['glass', 'glass-film'],
  'American oak and age': ['oak-style', 'mature-red'],
  'oak character': ['oak-style'],
  lightstrike: ['light'],
  'protein haze first': ['protein'],
  mousiness: ['mouse'],
  'smoke taint': ['smoke'],
  'too much sulphur dioxide': ['sulphite'],
  'lost pressure': ['lost-pressure'],
  'flat sparkling': ['lost-pressure'],
  contamination: ['bacteria'],
};
/** Advice, as what must stand in ours. */
const adviceMeant: Readonly<Record<string, RegExp>> = {
  'replace the bottle': /spare|another bottle|fresh bottle|tip it away|replace/i,
  'replace the bottle if it bothers': /spare|replace|who minds/i,
  harmless: /harmless|settled|its own|style|aged so|nothing else|the grape|part of its|sound|it clears/i,
  'compare with a second bottle': /spare|compare/i,
  'let it warm a little and smell again': /warm/i,
  'store cool': /cool|where the case stood|cellar/i,
  'more air will hardly help': /spare|compare|air will not|hardly/i,
  'air will not cure it': /spare|compare|air will not|hardly|a wall cannot/i,
  'air helps little': /spare|compare|air|a wall cannot/i,
  'drink if you like it': /who minds|taste|tolerance/i,
  'let it breathe and see if the fruit stays': /swirl|wait|smell again|decant/i,
  'open with care, chilled, pressure': /pressure|with care/i,
  'return the batch': /next one|batch|case|spare/i,
  'decanting removes gas, not the smell': /spare|tip it away|decant/i,
  'choose another wine': /spare|compare|tip it away|another/i,
  'cannot be cured': /spare|compare|tip it away|cannot/i,
  'open a fresh bottle': /spare|fresh|compare/i,
  'keep fino cold and finish within a week or so': /cold|fresh|week/i,
  'check the filling date': /date|fresh|spare/i,
  'open a fresh box': /fresh|spare/i,
  'pour gently and leave the last drops': /pour gently|harmless|not glass/i,
  'drink it': /harmless|clears|not glass|style|sound/i,
  'stand upright a day and decant': /stand it up|upright|pour gently/i,
  'enjoy it young and cold': /on purpose|style|young/i,
  'a matter of taste; keep drinking': /the grape|taste|style|tolerance|many wines/i,
  'a matter of taste': /the grape|taste|style|wanted|tolerance/i,
  'serve less cold, with food': /skins|style|warm/i,
  'serve cool, not cold, with cheese or poultry': /on purpose|aged so|style/i,
  'serve slightly cool, with food': /grape|style|food/i,
  'swirl or decant': /swirl|decant/i,
  'swirl and wait five minutes': /swirl|wait/i,
  'nothing to do': /nothing else|nothing to do|harmless/i,
  'serve less cold in a wider glass': /warm|wider|age/i,
  'rinse the glass with hot water, dry with a clean cloth': /rinse/i,
  'enjoy it': /on purpose|style|age|sound/i,
};
const normalities = new Set([
  'crystals',
  'red-deposit',
  'unfiltered',
  'chill-haze',
  'spritz',
  'riesling-petrol',
  'skin-contact',
  'amber-funk',
  'oxidative',
  'tears',
  'mature-red',
  'mature-sparkling',
  'ripe-gold',
  'oak-style',
  'green-grape',
  'struck-match-style',
  'glass-film',
  'glass',
  'too-cold',
]);

/** The glass as the triage is told of it. */
const said: Readonly<Record<string, FaultContext['said']>> = { 'a trace of something': 'trace', doubtful: 'doubtful', faulty: 'faulty', sound: 'sound' };
export function glassOf({ context, cues, tasterSays }: FaultCase): { readonly context: FaultContext; readonly seen: Seen; readonly lost: readonly string[] } {
  const closure = ({ cork: 'cork', screw: 'screw' } as Readonly<Record<string, string>>)[context.closure];
  const style = context.style.toLowerCase();
  const opened = /\bopen\b.*(days|weeks|months)|months ago|past/.test(style);
  const meant = [...cues, style].flatMap((cue) => cuesMeant[cue] ?? []);
  return {
    seen: Object.fromEntries([...meant, ...(opened ? ['open-long'] : [])].map((cue) => (cue.startsWith('!') ? [cue.slice(1), false] : [cue, true]))),
    lost: cues.filter((cue) => cuesMeant[cue] === undefined),
    context: {
      colour: context.skinContact ? 'amber' : colours[context.colour],
      sparkling: context.bubbles !== 'still',
      filtered: !context.unfiltered,
      closure,
      age: context.ageYears,
      oxidative: context.flor,
      heated: false,
      natural: /natural|little sulphur/.test(style) ? true : undefined,
      riesling: /riesling/.test(style),
      said: said[tasterSays],
      clearGlass: context.bottleGlass === 'unknown' ? undefined : context.bottleGlass === 'clear',
    },
  };
}
const shown = 0.15;
/** What is said of a glass first: sure false alarms, then faults worth naming. */
const listOf = (triage: Triage) => [
  ...triage.alarms.filter((entry) => entry.sure).map(({ alarm }) => ({ id: alarm.id, name: alarm.looks, advice: alarm.really, chance: 1 })),
  ...triage.faults
    .filter((entry) => entry.chance >= shown)
    .map(({ fault, chance }) => ({ id: fault.id, name: fault.name, advice: fault.now.map((act) => act.says).join(' '), chance })),
];

export function judgeFault(entry: FaultCase): readonly Expectation[] {
  const { id, accept, neverSay, action, certainty } = entry;
  const { context, seen, lost } = glassOf(entry);
  const found = triageGlass({ observed: {}, chips: [] }, seen, context);
  const list = listOf(found);
  const two = list.slice(0, 2);
  const meant = accept.flatMap((name) => faultsMeant[name] ?? []);
  const said = `${found.verdict}; ${list
    .slice(0, 4)
    .map((one) => `${one.name} ${Math.round(100 * one.chance)} %`)
    .join(', ')}`;
  const because = [
    `cues: ${Object.entries(seen)
      .map(([cue, there]) => `${there ? '' : 'no '}${cue}`)
      .join(', ')}`,
    ...(found.faults[0]?.reasons.map((reason) => `${reason.text} ${reason.push.toFixed(1)}`) ?? []),
  ];
  const out: Expectation[] = [];
  const add = (group: Group, what: string, right: boolean, wanted: string, more: Partial<Expectation> = {}) =>
    out.push({ group, key: `${id} ${what}`, right: Number(right), certainty, wanted, said, because, ...more });
  const known = [...faults.map((fault) => fault.id), ...falseAlarms.map((alarm) => alarm.id)];
  const harmless = meant.length > 0 && meant.every((one) => normalities.has(one));
  const sound = harmless && found.verdict === 'nothing wrong so far' && two.every((one) => one.chance >= 1);
  const named = two.some((one) => meant.includes(one.id)) || sound;
  const unplaced = lost.length > 0 ? lost : meant.some((one) => known.includes(one)) ? [] : accept;
  add('faults named', 'named', named, accept.join(', '), named || unplaced.length === 0 ? {} : { notPlaced: unplaced.join(', ') });
  for (const never of neverSay) {
    const bare = never.replace(/ certain$/, '');
    const bound = bare === never ? 0 : 0.8;
    const whole = {
      'nothing wrong so far': found.verdict === 'nothing wrong so far',
      'send it back': /tip it away|send it back/i.test(two.map((one) => one.advice).join(' ')),
      faulty: found.verdict === 'probably faulty',
      'a fault': found.verdict !== 'nothing wrong so far',
      'severe fault': found.verdict === 'probably faulty',
    } as Readonly<Record<string, boolean>>;
    // A harmless normality named is not "nothing wrong": the person is told what it is.
    const broken =
      never === 'nothing wrong so far'
        ? whole[never]! && two.length === 0
        : (whole[never] ?? two.some((one) => (faultsMeant[bare] ?? []).includes(one.id) && one.chance >= Math.max(bound, shown)));
    add('faults never said', `never ${never}`, !broken, `not ${never}`);
  }
  const advice = [...two.map((one) => one.advice), ...found.alarms.map(({ alarm }) => alarm.really)].join(' ');
  add(
    'faults advice',
    'advice',
    action.some((one) => adviceMeant[one]?.test(advice) ?? false),
    action.join(', '),
    { said: advice },
  );
  return out;
}
