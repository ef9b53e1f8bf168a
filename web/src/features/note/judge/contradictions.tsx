'use client';
import styled from 'styled-components';
import { pullingApart } from '@rose/core/consistency/ages-apart';
import { contradictions } from '@rose/core/consistency/consistency';
import type { Passage } from '@rose/core/consistency/rules';
import type { WineFacts } from '@rose/core/wine/facts';
import type { NoteDocument } from '@rose/core/wine/note';
import { observables, type Quarter } from '@rose/core/wine/observables';
import { chipOrigins, readChips } from '@rose/knowledge/smells/reading';
import { Button } from '@/ui/button';
import type { ChangeNote } from '../observation';

const Box = styled.section`
  border-left: 3px solid var(--amber);
  padding: 2px 0 2px 14px;
  margin: 14px 0;
  font-size: 0.9375rem;
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    font-weight: 600;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
    margin: 4px 0;
  }
  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
`;
const quarterOf = (passage: Passage): Quarter | undefined =>
  passage.of === 'chips' ? 'aroma' : passage.of === 'label' ? undefined : observables[passage.of].quarter;

/** Two statements that pull apart, side by side: keep both, or change one. And cues of age that do, for and against. */
export function Consistency({
  doc,
  facts,
  change,
  go,
}: {
  doc: NoteDocument;
  facts: WineFacts | undefined;
  change: ChangeNote;
  go: (quarter: Quarter) => void;
}) {
  const found = contradictions(doc, readChips(doc.chips), facts).filter((entry) => doc.kept?.[entry.rule] !== true);
  const pulling = pullingApart(doc, chipOrigins(doc.chips));
  return (
    <>
      {found.map((entry) => (
        <Box key={entry.rule} aria-label="Two statements that pull apart">
          <div className="two">
            <span>{entry.a.says}</span>
            <span>{entry.b.says}</span>
          </div>
          <p className="soft">
            {entry.severity === 'cannot both hold' ? 'They cannot both hold' : 'Unusual together'}: {entry.because}.
          </p>
          <div className="do">
            <Button size="small" onPress={() => change((d) => ({ ...d, kept: { ...d.kept, [entry.rule]: true } }))}>
              Keep both
            </Button>
            {[entry.a, entry.b].map((passage) => {
              const quarter = quarterOf(passage);
              return quarter === undefined ? null : (
                <Button key={passage.says} size="small" tone="quiet" onPress={() => go(quarter)}>
                  Look at {passage.of === 'chips' ? 'the smells' : observables[passage.of as keyof typeof observables].label.toLowerCase()}
                </Button>
              );
            })}
          </div>
        </Box>
      ))}
      {pulling !== undefined && (
        <Box aria-label="Cues of age that pull apart">
          <div className="two">
            <span>young: {pulling.young.join(', ')}</span>
            <span>old: {pulling.old.join(', ')}</span>
          </div>
          <p className="soft">{pulling.next}</p>
        </Box>
      )}
    </>
  );
}
