import { contract } from '../../contract';
import { may } from '../../contract/roles';
import { serve } from '../command';
import { forbidden } from '../problem';
import { hostSources } from '../tasting/host-state';
import { wallSources } from '../tasting/wall';
import { streamOf, type NewsSource } from './feeds';

/** The one stream of a member’s browser: documents that changed, and the evenings its tabs watch. What is told of one is named by it: "state/host.ID". */
export const memberStream = serve(contract.document.stream, async (db, actor, { watch }, reply) => {
  const { venueId, userId } = actor;
  const topics = [...new Set(watch.split(',').filter((topic) => topic !== ''))].map((topic) => topic.split('.') as ['host' | 'wall', string]);
  if (topics.some(([as]) => as === 'host') && !may(actor, 'tasting.lead')) throw forbidden();
  const documents: NewsSource = {
    event: 'document',
    says: (news) =>
      news.what === 'document' && news.venueId === venueId && (news.kind !== 'note' || news.userId === userId)
        ? { kind: news.kind, id: news.id, revision: news.revision }
        : undefined,
  };
  const evenings = topics.flatMap(([as, id]) => (as === 'host' ? hostSources(db, venueId, id) : wallSources(db, venueId, id)));
  reply.stream = streamOf([documents, ...evenings]);
  return {};
});
