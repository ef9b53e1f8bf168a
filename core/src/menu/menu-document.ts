import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { menuDocument } from './menu-schema';

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
