import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { menuDocument } from './menu-schema';

/** The most courses of a menu. */
export const mostCourses = 12;
/** How much money counts beside taste: points of a menu for one unit of the currency a head. Our own choice. */
export const thrifts = { none: 'not at all', some: 'some', much: 'much' } as const;
export type Thrift = keyof typeof thrifts;
export const pourings = { bottle: 'by the bottle', glass: 'by the glass' } as const;
export type Pouring = keyof typeof pourings;

/** A menu as it is stored and merged. */
export type MenuDocument = Frozen<z.output<typeof menuDocument>>;
export const emptyMenu: MenuDocument = {
  schema: 1,
  name: '',
  courses: [],
  seats: [],
  guests: 4,
  among: 'styles',
  most: 3,
  pourMl: 120,
  pouring: 'bottle',
  thrift: 'some',
  remark: '',
};
