import { listed } from '@rose/core/wine/plural';
import type { MenuPlan } from '@rose/knowledge/menu/index';

/** What differs between two plans of a menu, course by course; empty where nothing does. */
export function whatMoved(before: MenuPlan, after: MenuPlan): string {
  const was = new Map(before.courses.map((course) => [course.id, course]));
  const moved = after.courses.flatMap((course) => {
    const old = was.get(course.id);
    if (old === undefined || old.wine === course.wine) return [];
    return [`${course.wineName === '' ? 'no wine' : course.wineName} instead of ${old.wineName === '' ? 'none' : old.wineName} with ${course.name}`];
  });
  const plates = after.courses.flatMap((course) => {
    const old = was.get(course.id);
    const own = (of: typeof course) => JSON.stringify(of.plates.plates.map(({ seats, swaps }) => [seats, swaps]));
    return old !== undefined && own(old) !== own(course) ? [course.name] : [];
  });
  return [
    moved.length === 0 ? '' : `The last change: ${listed(moved)}.`,
    plates.length === 0 ? '' : `${moved.length === 0 ? 'The last change leaves the wines as they were; other' : 'Other'} plates for ${listed(plates)}.`,
  ]
    .filter(Boolean)
    .join(' ');
}
