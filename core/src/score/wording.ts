import type { Wording } from '../wine/reason';
import type { ScoreReasonId } from './scheme';

export const scoreWording: Wording<ScoreReasonId> = {
  looked: (args) => `${args['cue']}: ${args['said']}`,
  'not-judged': (args) => `not judged: it reads ${args['reads']}`,
};
