'use client';
import type { NoteDocument } from '@rose/core/wine/note';
import { useHere } from '@/ui/here';
import { NumberField } from '@/ui/number-field';
import type { ChangeNote } from '../observation';

/** Yes, but at what price: the most the taster would give for a bottle. Nothing where they would not buy it. */
export function BuyUpTo({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const { currency } = useHere();
  if (doc.observed.buy !== 'yes') return null;
  return (
    <div style={{ maxWidth: 260, margin: '10px 0' }}>
      <NumberField
        label="At no more than, a bottle"
        unit={doc.buyUpTo?.currency ?? currency}
        low={0}
        high={1_000_000}
        value={doc.buyUpTo?.amount}
        onChange={(amount) =>
          change((d) => {
            const { buyUpTo: old, ...rest } = d;
            return amount === undefined ? rest : { ...rest, buyUpTo: { amount, currency: old?.currency ?? currency } };
          })
        }
      />
    </div>
  );
}
