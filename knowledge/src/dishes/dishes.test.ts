import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { generalStyles } from '../styles/index';
import { dishOf, ingredient, styleWine } from '../pairing/index';
import { courses, everydayDishes, foodFor, type Course } from './index';

const withStyle = (id: string) => foodFor(styleWine(generalStyles.find((style) => style.id === id)!));
const names = (id: string, course: Course) => withStyle(id).byCourse[course].map(({ name }) => name);

describe('everyday dishes', () => {
  it('are at least a hundred and fifty of twenty cuisines, each once, with parts we know', () => {
    expect(everydayDishes.length).toBeGreaterThanOrEqual(150);
    expect(new Set(everydayDishes.map(({ cuisine }) => cuisine)).size).toBeGreaterThanOrEqual(20);
    expect(new Set(everydayDishes.map(({ id }) => id)).size).toBe(everydayDishes.length);
    expect(new Set(everydayDishes.map(({ name }) => name)).size).toBe(everydayDishes.length);
    for (const { id, parts } of everydayDishes) {
      expect(dishOf(parts).unknown, id).toEqual([]);
      expect(new Set(parts.map(({ part }) => part)).size, id).toBe(parts.length);
      const grams = parts.reduce((sum, entry) => sum + (entry.grams ?? 0), 0);
      expect(grams, id).toBeLessThan(700);
    }
    for (const course of Object.keys(courses)) expect(everydayDishes.filter((dish) => dish.course === course).length, course).toBeGreaterThanOrEqual(15);
  });
});
describe('what to eat with a wine', () => {
  const rightly: [style: string, course: Course, one: RegExp][] = [
    ['lees-coast', 'bite', /oyster/],
    ['cabernet', 'main', /beef|lamb|steak/],
    ['late-harvest', 'sweet', /tart|strudel|fruit|cream|custard/],
    ['offdry-riesling', 'main', /curry|chilli|spice|sweet|caramel/],
    ['ruby-fortified', 'sweet', /chocolate/],
  ];
  for (const [style, course, one] of rightly)
    published('common practice', `${style} is offered ${one.source} ${courses[course]}`, () => expect(names(style, course).join(', ')).toMatch(one));
  published('common practice', 'a sweet botrytised wine is offered blue cheese; a tannic red is told to stay away from the sea', () => {
    expect(withStyle('botrytis').cheeses.some(({ id }) => ingredient(id)!.marks.includes('blueMould'))).toBe(true);
    const fromSea = ({ id }: { id: string }) =>
      ingredient(everydayDishes.find((dish) => dish.id === id)!.parts[0]!.part)!.marks.some((mark) => ['seafood', 'shell', 'oilyFish'].includes(mark));
    expect(withStyle('tannat').avoid.some(fromSea)).toBe(true);
  });
  it('for every style: no two dishes of one base in a course, a reason each, the best first, and nothing both offered and to avoid', () => {
    for (const style of generalStyles) {
      const food = foodFor(styleWine(style));
      for (const course of Object.keys(courses) as Course[]) {
        const offered = food.byCourse[course];
        expect(offered.map(({ fit }) => fit)).toEqual(offered.map(({ fit }) => fit).sort((a, b) => b - a));
        const bases = offered.map(({ id }) => everydayDishes.find((dish) => dish.id === id)!.parts[0]!.part);
        expect(new Set(bases).size, style.id).toBe(bases.length);
        for (const { because, id } of offered) {
          expect(because.text.length).toBeGreaterThan(5);
          expect(food.avoid.some((one) => one.id === id)).toBe(false);
        }
      }
    }
  });
});
