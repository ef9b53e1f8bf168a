'use client';
import Link from 'next/link';
import { useState } from 'react';
import { v7 } from 'uuid';
import { counted } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { TextField, Trouble } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';
import { pairLink, seriesOf } from './next-pair';

type Dealt = AnswerOf<'note', 'dealPairs'>;
export interface FlightPairs {
  readonly id: string;
  readonly name: string;
  readonly pairs: readonly (readonly [{ readonly id: string; readonly name: string }, { readonly id: string; readonly name: string }])[];
  /** Wines that stand in no pair. */
  readonly alone: readonly string[];
}

/** The pairs of a flight, dealt hidden in one act: by the application from bags the taster marked, or by a helper who alone sees which bottle goes where. */
export function DealPairs({ flight }: { flight: FlightPairs }) {
  const [out, setOut] = useState<readonly number[]>([]);
  const [forOther, setForOther] = useState(false);
  const [taster, setTaster] = useState('');
  const [trouble, setTrouble] = useState('');
  const [dealt, setDealt] = useState<Dealt>();
  // The same notes however often it is pressed: a lost answer is asked for again, and deals nothing twice.
  const [notes] = useState(() => flight.pairs.map(() => [v7(), v7()] as [string, string]));
  const kept = flight.pairs.map((pair, at) => ({ pair, notes: notes[at]! })).filter((_, at) => !out.includes(at));
  const chosen = kept.map(({ pair }) => pair);
  const deal = () => {
    setTrouble('');
    void call(contract.note.dealPairs, {
      pairs: kept.map(({ pair: [a, b], notes: ids }) => ({ notes: ids, wineIds: [a.id, b.id] as const })),
      ...(forOther ? { taster: taster.trim() } : {}),
    }).then(setDealt, (error: Error) => setTrouble(error.message));
  };
  const ways = dealt?.pairs.map(({ places }) => [places[0]!.noteId, places[1]!.noteId] as const) ?? [];
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: `/flights/${flight.id}`, name: flight.name }]} />
        <h1>Deal its pairs, hidden</h1>
        {dealt === undefined ? (
          <>
            <p className="soft" style={{ maxWidth: '62ch' }}>
              Each pair is two glasses side by side. Nothing of the wines is shown on them until the pair is locked and unwrapped; on your own, not even Rose
              Compass knows which bag holds which.
            </p>
            <ol aria-label="Pairs" style={{ listStyle: 'none', padding: 0, display: 'grid', gap: 6 }}>
              {flight.pairs.map(([a, b], at) => (
                <li key={a.id}>
                  <CheckBox checked={!out.includes(at)} onChange={(on) => setOut(on ? out.filter((other) => other !== at) : [...out, at])}>
                    {a.name} beside {b.name}
                  </CheckBox>
                </li>
              ))}
            </ol>
            {flight.alone.length > 0 && <p className="soft">{flight.alone.join(', ')} stands in no pair.</p>}
            <div style={{ display: 'grid', gap: 12, maxWidth: 460, margin: '12px 0' }}>
              <CheckBox checked={forOther} onChange={setForOther}>
                I deal for somebody else of this venue
              </CheckBox>
              {forOther && <TextField label="Their email" value={taster} onChange={setTaster} />}
            </div>
            <Button tone="strong" disabled={chosen.length === 0 || (forOther && taster.trim() === '')} onPress={deal}>
              {`Deal ${counted(chosen.length, 'pair')}`}
            </Button>
            {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
          </>
        ) : (
          <>
            <p style={{ maxWidth: '62ch' }}>
              {dealt.pairs[0]!.bags === null
                ? 'Foil and capsule off. For each pair put its two bottles into the two bags named, mix them with your eyes shut, and mark them as they come.'
                : 'For your eyes only. The taster finds the glasses in the notebook.'}
            </p>
            <ol style={{ fontSize: '1.125rem', lineHeight: 1.7, paddingLeft: 22 }}>
              {dealt.pairs.map(({ places, bags }, at) => (
                <li key={places[0]!.noteId}>
                  {bags === null
                    ? `${chosen[at]![0].name} and ${chosen[at]![1].name}: bags ${places
                        .map(({ bag }) => bag)
                        .sort((a, b) => Number(a) - Number(b))
                        .join(' and ')}. `
                    : `${bags.map(({ bag, wine }) => `bag ${bag}: ${wine}`).join('; ')}. `}
                  Pour {places.map(({ bag, place }) => `bag ${bag} on the ${place}`).join(', ')}.{' '}
                  {bags === null && <Link href={pairLink(ways[at]!, seriesOf(ways))}>{`Taste pair ${at + 1}`}</Link>}
                </li>
              ))}
            </ol>
          </>
        )}
      </Page>
    </Frame>
  );
}
