import { counted } from '../wine/plural';
import { profileLabels, profileKeys, type ProfileKey } from '../wine/profile';
import type { Wording } from '../wine/reason';
import { restKinds, type OrderReasonId, type RestKind } from './judge';

const masks: Record<ProfileKey, string> = {
  sweetness: 'sugar leads, and {to} will seem sour and thin after {from}',
  tannin: 'grip leads, and {to} will seem thin after {from}',
  oak: 'oak leads: its spice stays on the palate over {to}',
  intensity: '{from} is louder; {to} will seem mute',
  body: '{from} is fuller; {to} will seem watery',
  alcohol: '{from} is stronger; {to} will seem weak',
  acidity: 'after the sharper {from} the acidity of {to} will taste softer: water between',
  bubbles: '{from} has more bubbles; {to} will seem still',
  length: '{from} lasts into {to}',
  fragility: '{from} is more fragile than {to}',
};
const fill = (text: string, args: Readonly<Record<string, string | number>>) => text.replace(/\{(\w+)\}/g, (_, key: string) => String(args[key] ?? ''));

export const orderWording: Wording<OrderReasonId> = {
  ...(Object.fromEntries(
    profileKeys.map((key) => [
      `masks-${key}`,
      (args: Readonly<Record<string, string | number>>) => `${fill(masks[key], args)} (${profileLabels[key]} falls by ${args['drop']})`,
    ]),
  ) as unknown as Wording<`masks-${ProfileKey}`>),
  ...(Object.fromEntries(
    Object.keys(restKinds).map((kind) => [
      `rest-${kind}`,
      (args: Readonly<Record<string, string | number>>) => `${args['rest']} before it, ${args['minutes']} min, takes carry-over off`,
    ]),
  ) as unknown as Wording<`rest-${RestKind}`>),
  'alcohol-not-proven': (args) => `the labels do not prove that ${args['from']} is stronger than ${args['to']}: it only breaks a tie`,
  ladder: (args) =>
    `a step back on the ladder: ${String(args['fromRung']).replace('rose', 'rosé')} (${args['from']}) before ${String(args['toRung']).replace('rose', 'rosé')} (${args['to']})`,
  'heavier-earlier': (args) => `${args['from']} carries ${args['drop']} more than ${args['to']} and comes earlier`,
  'older-earlier': (args) => `${args['from']} is ${counted(Number(args['years']), 'year')} older than ${args['to']}, and this school pours young first`,
  'younger-earlier': (args) => `${args['from']} is ${counted(Number(args['years']), 'year')} younger than ${args['to']}, and this school pours old first`,
};
