'use client';
import type { ReactNode } from 'react';
import { idsOf, observables, quarters, type Quarter } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import { Key } from '@/ui/button';
import { TabsOver } from '@/ui/tabs';
import { TabStrip } from './note-layout';

export const quarterName: Record<Quarter, string> = { appearance: 'Appearance', aroma: 'Aroma', palate: 'Palate', finish: 'Finish', verdict: 'Judgement' };

/** How much of a quarter was looked at, 0–1. What is asked only of who wants more does not count. */
export function lookedAt(doc: NoteDocument, quarter: Quarter): number {
  const ids = idsOf(quarter).filter((id) => !('extra' in observables[id]));
  const recorded = ids.filter((id) => doc.observed[id] !== undefined).length;
  return quarter === 'aroma' ? Math.min(1, (recorded + Math.min(4, doc.chips.length)) / (ids.length + 4)) : recorded / ids.length;
}

/** The quarters as tabs, with what one of them asks below. */
export function Quarters({ quarter, doc, go, children }: { quarter: Quarter; doc: NoteDocument; go: (to: Quarter) => void; children: ReactNode }) {
  return (
    <TabStrip>
      <TabsOver
        label="Quarters of the note"
        at={quarter}
        go={go}
        tabs={quarters.map((entry, i) => ({
          id: entry,
          shows: (
            <>
              <i>
                <b style={{ width: `${lookedAt(doc, entry) * 100}%` }} />
              </i>
              <span>
                {quarterName[entry]} <Key>{i + 1}</Key>
              </span>
            </>
          ),
        }))}
      >
        {children}
      </TabsOver>
    </TabStrip>
  );
}
