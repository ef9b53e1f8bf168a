import { contract } from '@/contract/client';
import { OneStream } from './one-stream';

const at = (path: string) => `/api/v1${path}`;
/** What a member's browser hears: documents that change, and the evenings its tabs watch, each by its topic, "host.ID" or "wall.ID". */
export const memberStream = new OneStream('member', (topics) =>
  topics.length === 0 ? at(contract.document.stream.path) : `${at(contract.document.stream.path)}?watch=${topics.join(',')}`,
);
/** What the device of a guest hears of the evening they sit at. */
export const seatStream = new OneStream('seat', () => at(contract.guest.stream.path));
