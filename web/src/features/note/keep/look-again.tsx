'use client';
import type { NoteDocument } from '@rose/core/wine/note';
import { NumberField } from '@/ui/number-field';
import type { ChangeNote } from '../observation';

/** Of a wine that is too young: the year to look at it again. */
export function LookAgain({ doc, change, day }: { doc: NoteDocument; change: ChangeNote; day: string }) {
  const year = Number(day.slice(0, 4));
  return (
    <div style={{ maxWidth: 260, marginTop: 12 }}>
      <NumberField
        label="Look again in"
        unit="year"
        low={year}
        high={year + 100}
        value={doc.lookAgain}
        onChange={(next) =>
          change((d) => {
            const { lookAgain: _old, ...rest } = d;
            return next === undefined ? rest : { ...rest, lookAgain: Math.round(next) };
          })
        }
      />
    </div>
  );
}
