import type { FactId, FactValue, Origin, WineDocument } from '@rose/core/wine/facts';
import type { OpenDocument } from '@/ui/document/use-document';

/** States a fact, or takes it back; where it comes from is what its typist says of all they type, unless it had an origin already. */
export type SetFact = <Id extends FactId>(id: Id, value: FactValue<Id> | undefined, origin?: Origin) => void;

export const settingFacts =
  (open: OpenDocument<WineDocument>, from: Origin): SetFact =>
  (id, value, origin) =>
    open.change((d) => {
      const { [id]: stood, ...rest } = d.facts;
      return { ...d, facts: value === undefined ? rest : { ...rest, [id]: { value, origin: origin ?? stood?.origin ?? from } } };
    }, `facts.${id}`);
