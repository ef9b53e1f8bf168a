import { contract } from '../../contract';
import { may } from '../../contract/roles';
import { serve } from '../command';
import { forbidden } from '../problem';
import { hostSources, wallSources } from '../tasting/host-state';
import { streamOf, type NewsSource } from './feeds';

/** The one stream of a member’s browser: documents that changed, and an evening where one is watched. */
export const memberStream = serve(contract.document.stream, async (db, actor, { tasting, as }, reply) => {
  const { venueId, userId } = actor;
  if (tasting !== undefined && as === 'host' && !may(actor, 'tasting.lead')) throw forbidden();
  const documents: NewsSource = {
    event: 'document',
    says: (news) =>
      news.what === 'document' && news.venueId === venueId && (news.kind !== 'note' || news.userId === userId) ? { kind: news.kind, id: news.id } : undefined,
  };
  const evening = tasting === undefined ? [] : as === 'host' ? hostSources(db, venueId, tasting) : wallSources(db, venueId, tasting);
  reply.stream = streamOf([documents, ...evening]);
  return {};
});
