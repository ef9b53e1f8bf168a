import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';

export type ClosureId = NonNullable<WineFacts['closure']>['value'];

/** What a closure asks of a host: the share of faulty bottles to plan for, minutes to open one, the tool, and the steps of opening. */
export interface Closure {
  readonly id: ClosureId;
  readonly name: string;
  /** Share of bottles with any fault (taint, air, leak) to plan for. Common practice: cork taint is put at 1–3 % of natural corks today, at 2–5 % of older ones. */
  readonly faultRate: number;
  readonly minutes: number;
  readonly tool: string;
  readonly steps: readonly string[];
  readonly caution?: string;
}

const law = 'Local law and house rules come first.';
export const closures: readonly Closure[] = [
  {
    id: 'cork',
    name: 'natural cork',
    faultRate: 0.03,
    minutes: 3,
    tool: 'two-step lever corkscrew',
    steps: [
      'Stand the bottle on the table; do not hold it between your knees.',
      'Cut the capsule below the lip, knife away from your thumb. Wipe the lip.',
      'Point of the screw in the middle; turn until one coil shows.',
      'First step of the lever on the lip, hold it there, lift. Second step, lift.',
      'Ease the last of the cork out by hand. Smell the wine, not the cork.',
      'Old or crumbling cork: use a two-blade puller; pour through a strainer.',
    ],
    caution: 'The knife and the point of the screw cut. If the neck chips, do not serve the bottle.',
  },
  {
    id: 'technical',
    name: 'technical cork',
    faultRate: 0.01,
    minutes: 3,
    tool: 'two-step lever corkscrew',
    steps: [
      'Stand the bottle on the table.',
      'Cut the capsule below the lip, knife away from your thumb. Wipe the lip.',
      'Screw into the middle; it is tighter than a natural cork.',
      'Lift in two steps. Smell the wine.',
    ],
    caution: 'The knife and the point of the screw cut. If the neck chips, do not serve the bottle.',
  },
  {
    id: 'screw',
    name: 'screw cap',
    faultRate: 0.006,
    minutes: 1,
    tool: 'your hands and a cloth',
    steps: [
      'Hold the long part of the cap with a cloth.',
      'Turn the bottle, not the cap, until the bridge cracks.',
      'Smell: a struck match often goes with a swirl.',
    ],
    caution: 'The torn edge of the aluminium is sharp.',
  },
  {
    id: 'glass',
    name: 'glass stopper',
    faultRate: 0.008,
    minutes: 1,
    tool: 'your hands',
    steps: ['Take the capsule off.', 'Push the stopper up with both thumbs until it clicks free.'],
    caution: 'If the stopper or lip is chipped, do not serve the bottle.',
  },
  {
    id: 'crown',
    name: 'crown cap',
    faultRate: 0.01,
    minutes: 1,
    tool: 'bottle opener',
    steps: [
      'Chill it well: wine under a crown cap is often alive with gas.',
      'Hold it away from faces, over a bowl.',
      'Lift the edge a little, wait for the hiss to end, then lift it off.',
    ],
    caution: 'It can gush. Pointed at nobody.',
  },
  {
    id: 'mushroom',
    name: 'sparkling cork and cage',
    faultRate: 0.025,
    minutes: 3,
    tool: 'a dry cloth',
    steps: [
      'Bottle cold and at rest for an hour. Never shaken.',
      'Foil off. Thumb on top of the cage and keep it there to the end.',
      'Six half turns loosen the cage; leave it on.',
      'Cloth over all. Bottle at a slant, pointed at nobody and at no lamp.',
      'Hold the cork still and turn the bottle. Let it come with a sigh.',
    ],
    caution: 'The cork can leave like a shot and hurt an eye. Thumb on it at all times.',
  },
  {
    id: 'bag',
    name: 'bag or keg',
    faultRate: 0.005,
    minutes: 1,
    tool: 'your hands',
    steps: ['Pull the tap out through the carton.', 'Draw a little off first and smell it.'],
  },
  {
    id: 'can',
    name: 'can',
    faultRate: 0.005,
    minutes: 1,
    tool: 'your hands',
    steps: ['Wipe the top.', 'Lift the ring away from faces.', 'Pour it into a glass: a can hides smell and colour.'],
    caution: 'The edge of the opening is sharp.',
  },
];
export const openingDefers = law;

const byId = new Map(closures.map((closure) => [closure.id, closure]));
/** The closure of a wine; a wine of unknown closure is planned for as a natural cork, or as a cage when it sparkles. */
export function closureOf(facts: WineFacts): { readonly closure: Closure; readonly assumed: boolean } {
  const stated = factOf(facts, 'closure');
  if (stated !== undefined) return { closure: byId.get(stated)!, assumed: false };
  return { closure: byId.get(factOf(facts, 'bubbles') === 'sparkling' ? 'mushroom' : 'cork')!, assumed: true };
}
