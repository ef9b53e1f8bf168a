import { account, demo, mail, member, token, venue } from './account';
import { wine } from './cellar';
import { course } from './course';
import { document } from './document';
import { leading } from './evening';
import { ending } from './evening-after';
import { asking } from './evening-asked';
import { unmasking } from './evening-unmasked';
import { flight } from './flight';
import { guest } from './guest';
import { health } from './health';
import { routine, scheme } from './own-designs';
import { descriptor } from './descriptor';
import { glass } from './glass';
import { judgement } from './judgement';
import { note } from './note';
import { menu } from './menu';
import { paper } from './paper';
import { dish, pairing } from './pairing';
import { probe } from './prepare';
import { sample, today } from './today';
import type { Contract } from './contract';

/** Every command and query there is, said once: what the server serves, the client calls, the OpenAPI document tells and the tests walk. */
export const contract = {
  account,
  demo,
  venue,
  member,
  token,
  mail,
  wine,
  flight,
  probe,
  note: { ...note, ...glass, ...judgement },
  descriptor,
  routine,
  scheme,
  dish,
  pairing,
  menu,
  document,
  tasting: { ...leading, ...asking, ...unmasking, ...ending },
  course,
  paper,
  guest,
  health,
  today,
  sample,
};
const activities: readonly Readonly<Record<string, Contract>>[] = Object.values(contract);
export const contracts: readonly Contract[] = activities.flatMap((of) => Object.values(of));
