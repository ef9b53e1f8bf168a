import { z } from 'zod';
import { keysOf } from '../wine/keys';
import { goalKinds } from './goals';

export const goal = z.strictObject({
  id: z.string().min(1).max(64),
  kind: z.enum(keysOf(goalKinds)),
  figure: z.number().min(0).max(100_000_000),
});
