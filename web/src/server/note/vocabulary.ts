import { descriptorOrigins, descriptors, families } from '@rose/knowledge/smells/data';
import { explained } from '@rose/knowledge/smells/explained';
import { completions } from '@rose/knowledge/smells/index';
import { contract } from '../../contract';
import { serve } from '../command';

export const listDescriptors = serve(contract.descriptor.list, async (_db, _actor, { q }) => {
  const found = q.trim() === '' ? descriptors : completions(q).map((entry) => entry.descriptor);
  return {
    descriptors: found.map(({ id, name, family, origin, synonyms }) => ({
      id,
      name,
      family: families[family].label,
      origin: descriptorOrigins[origin],
      synonyms: [...synonyms],
      explained: explained[id] ?? null,
    })),
  };
});
