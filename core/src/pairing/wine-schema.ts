import { z } from 'zod';
import { colourClasses } from '../wine/observables';
import { profileKeys } from '../wine/profile';
import { echoes } from './dish';

/** Ten loads, 0–100 each. */
export const loads = z.record(z.enum(profileKeys), z.number());
/** A wine as pairing takes it. */
export const pairingWine = z.object({
  id: z.string(),
  name: z.string(),
  loads,
  colour: z.enum(colourClasses),
  echoes: z.array(z.enum(echoes)),
  fortified: z.boolean().optional(),
  homes: z.array(z.string()).optional(),
});
