import type { Cases } from './cases';
import { judgeDish, pairsByOneRanking } from './dishes';
import { judgeFlips } from './flips';
import { judgeLeads } from './leads';
import { judgeFault } from './faults';
import { judgeMenuLine, judgeNeeds } from './menu-lines';
import { judgeMenu } from './menus';
import { judgeNote } from './notes';
import { judgeOrderCase } from './orders';
import { judgePair } from './pairs';
import { fixedAnswer, type Expectation, type Group } from './score';
import { judgeWine } from './wines';
import { judgeWord } from './words';

export interface Judged {
  readonly expectations: readonly Expectation[];
  /** What one fixed answer for all cases would get, per cent. */
  readonly fixed: Readonly<Partial<Record<Group, number>>>;
}
/** Every expectation of the cases, judged. */
export function judge({
  wines,
  notes,
  pairs,
  faults,
  orders,
  synonyms,
  words,
  dishes,
  'wine-words': wineWords,
  'menu-lines': menuLines,
  menus,
}: Cases): Judged {
  const flights = orders.map(judgeOrderCase);
  const sorted = flights.flatMap((flight) => flight.plainly);
  const accepted = (pick: (one: (typeof notes)[number]['accept']) => readonly string[]) => fixedAnswer(notes.map((note) => pick(note.accept)));
  return {
    expectations: [
      ...wines.flatMap((entry) => judgeWine(entry, synonyms)),
      ...notes.flatMap((entry) => judgeNote(entry, synonyms)),
      ...pairs.map((entry) => judgePair(entry, notes, synonyms)),
      ...faults.flatMap(judgeFault),
      ...words.flatMap(judgeWord),
      ...flights.flatMap((flight) => flight.expectations),
      ...dishes.flatMap((entry) => judgeDish(entry, wineWords)),
      ...dishes.flatMap(judgeNeeds),
      ...dishes.flatMap((entry) => judgeFlips(entry, wineWords)),
      ...judgeLeads(dishes, wineWords),
      ...menuLines.flatMap(judgeMenuLine),
      ...menus.flatMap((entry) => judgeMenu(entry, wineWords)),
    ],
    fixed: {
      air: fixedAnswer(wines.map(({ expect }) => [expect.air, ...(expect.airOk ?? []), ...(expect.airAlso ?? [])])),
      rung: fixedAnswer(wines.map(({ expect }) => [expect.rung, ...(expect.rungOk ?? []), ...(expect.rungAlso ?? [])])),
      'kind first': fixedAnswer(notes.filter((note) => note.accept.kinds.length > 0 && !note.undecidable.includes('kind')).map((note) => note.accept.kinds)),
      climate: accepted((one) => one.climate),
      age: accepted((one) => one.age),
      vessel: accepted((one) => one.vessel),
      sparkling: accepted((one) => [one.sparkling]),
      dearer: accepted((one) => [one.dearer]),
      pairs: fixedAnswer(pairs.map((entry) => [entry.answer])),
      'dish pairs': pairsByOneRanking(dishes, wineWords),
      'order pairs': Math.round((1000 * sorted.filter(Boolean).length) / sorted.length) / 10,
    },
  };
}
