import { contract } from '@/contract/client';
import { OneStream } from './one-stream';

const at = (path: string) => `/api/v1${path}`;
/** What a member's browser hears: documents that change; with a topic, "host ID" or "wall ID", an evening too. */
export const memberStream = new OneStream('member', (topic) => {
  const [as, tasting] = topic?.split(' ') ?? [];
  return as === undefined || tasting === undefined ? at(contract.document.stream.path) : `${at(contract.document.stream.path)}?tasting=${tasting}&as=${as}`;
});
/** What the device of a guest hears of the evening they sit at. */
export const seatStream = new OneStream('seat', () => at(contract.guest.stream.path));
