import { z } from 'zod';
import { goalKinds, type GoalKind } from './goals';

export const goal = z.strictObject({
  id: z.string().min(1).max(64),
  kind: z.enum(Object.keys(goalKinds) as [GoalKind, ...GoalKind[]]),
  figure: z.number().min(0).max(100_000_000),
});
