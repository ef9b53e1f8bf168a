'use client';
import { useEffect, useRef, useState } from 'react';
import { formatName } from '@rose/core/quantity/quantity';
import type { NoteDocument } from '@rose/core/wine/note';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { useHere } from '@/ui/here';
import { NumberField } from '@/ui/number-field';
import type { ChangeNote } from '../observation';

type Priced = AnswerOf<'note', 'price'>;
/** What was paid against what the taster would pay; only in one currency and for one usual bottle can the two be set against each other. */
function verdict({ price, currency }: Priced, would: number | undefined): string {
  if (price === null || would === undefined) return '';
  if (price.currency !== currency) return 'The two are in different currencies: compare them yourself.';
  if (price.formatMl !== 750) return 'The bottle is of another size: compare them yourself.';
  return would >= price.amount ? 'It is worth it to you.' : 'It costs more than that.';
}

/** The price, only after the mark: first what the taster would pay, then what it costs. The server sends it no earlier. */
export function Price({ doc, noteId, change, flush }: { doc: NoteDocument; noteId: string; change: ChangeNote; flush: () => Promise<void> }) {
  const { currency } = useHere();
  const shown = doc.wouldPay !== undefined;
  const [amount, setAmount] = useState<number | undefined>(undefined);
  const [found, setFound] = useState<Priced>();
  const [trouble, setTrouble] = useState('');
  const [tries, setTries] = useState(0);
  const kept = useRef(flush);
  useEffect(() => {
    if (!shown) return;
    let there = true;
    // The mark may still be on its way: the server gives the price only after it.
    kept
      .current()
      .then(() => call(contract.note.price, { id: noteId }))
      .then(
        (priced) => there && setFound(priced),
        (error: Error) => there && setTrouble(error.message),
      );
    return () => {
      there = false;
    };
  }, [shown, noteId, tries]);
  return (
    <section aria-label="Price" style={{ borderTop: '1px solid var(--line)', marginTop: 18, paddingTop: 14 }}>
      {!shown ? (
        <>
          <NumberField label="What would you pay for a bottle?" unit={currency} low={0} high={1_000_000} value={amount} onChange={setAmount} />
          <p style={{ marginTop: 8 }}>
            <Button onPress={() => change((d) => ({ ...d, wouldPay: { ...(amount === undefined ? {} : { amount }), shown: true } }))}>Show the price</Button>
          </p>
        </>
      ) : found === undefined ? (
        <p style={{ color: 'var(--soft)' }}>
          {trouble === '' ? 'One moment.' : trouble}{' '}
          {trouble !== '' && (
            <Button
              size="small"
              onPress={() => {
                setTrouble('');
                setTries(tries + 1);
              }}
            >
              Try again
            </Button>
          )}
        </p>
      ) : (
        <p>
          {found.price === null
            ? 'No price is on record. '
            : `It costs ${found.price.amount.toFixed(2)} ${found.price.currency} for one ${formatName(found.price.formatMl)}. `}
          {doc.wouldPay?.amount === undefined ? 'You named no price before.' : `You would have paid ${doc.wouldPay.amount.toFixed(2)} ${found.currency}.`}{' '}
          {verdict(found, doc.wouldPay?.amount)}
        </p>
      )}
    </section>
  );
}
