import { seededRandom } from '@rose/core/chance/seeded-random';
import { allocate, type MenuQuestion } from '@rose/core/menu/allocate';
import { drained } from '@rose/core/solver/solver';
import { below, timeBoth, type Figure } from './measure';

const courses = 6;
const n = 200;

/** Six courses and two hundred wines solved and proven, against one pass over every course with every wine after every wine. */
export async function menu(): Promise<Figure[]> {
  const random = seededRandom(11);
  const price = Array.from({ length: n }, () => 8 + random() * 60);
  const question: MenuQuestion = {
    worth: Array.from({ length: courses }, () => Array.from({ length: n }, () => random() * 100)),
    without: Array.from({ length: courses }, () => -Infinity),
    step: Array.from({ length: n }, () => Float64Array.from({ length: n }, () => (random() < 0.5 ? 0 : random() * 30))),
    money: (w, from, to) => Math.ceil((960 * (to - from + 1)) / 750) * price[w]!,
    pointsPerMoney: 0.1,
    budget: undefined,
    most: 4,
    pins: [],
  };
  const pass = () => {
    let best = -Infinity;
    for (let course = 0; course < courses; course++)
      for (let w = 0; w < n; w++)
        for (let last = 0; last < n; last++)
          best = Math.max(best, question.worth[course]![w]! - question.step[last]![w]! - question.pointsPerMoney * question.money(w, course, course));
    return best;
  };
  const [own, plain] = await timeBoth(() => drained(allocate(question)), pass);
  return [below('menu', 'six courses, 200 wines, solved and proven, against one pass over course × wine × wine', own, plain, 8)];
}
