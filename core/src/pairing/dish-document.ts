import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { dishDocument } from './dish-schema';

/** A dish as it is stored and merged. */
export type DishDocument = Frozen<z.output<typeof dishDocument>>;
export const emptyDish: DishDocument = { schema: 1, name: '', parts: [], remark: '' };
/** The most tries a dish keeps. */
export const mostTries = 60;
