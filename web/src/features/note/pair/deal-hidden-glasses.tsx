'use client';
import Link from 'next/link';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { TextField, Trouble } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';
import { WinePicker } from '@/ui/wine-picker';

type Dealt = AnswerOf<'note', 'deal'>;

/** Hidden glasses for one taster: dealt by the application from bags the taster marked, or by a helper who alone sees which bottle goes into which bag. */
export function Deal() {
  const [chosen, setChosen] = useState<readonly { readonly id: string; readonly name: string }[]>([]);
  const [forOther, setForOther] = useState(false);
  const [taster, setTaster] = useState('');
  const [trouble, setTrouble] = useState('');
  const [dealt, setDealt] = useState<Dealt>();
  const ready = chosen.length >= 2 && (!forOther || taster.trim() !== '');
  const deal = async () => {
    setTrouble('');
    await call(contract.note.deal, {
      wineIds: chosen.map((wine) => wine.id),
      notes: chosen.map(() => v7()),
      ...(forOther ? { taster: taster.trim() } : {}),
    }).then(setDealt, (error: Error) => setTrouble(error.message));
  };
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
        <h1>Deal hidden glasses</h1>
        {dealt === undefined ? (
          <>
            <p className="soft" style={{ maxWidth: '62ch' }}>
              Two to six bottles, in bags. Nothing of the wines is shown on the glasses until they are uncovered; on your own, not even Rose Compass knows which
              bag holds which.
            </p>
            <div style={{ display: 'grid', gap: 12, maxWidth: 460, margin: '16px 0' }}>
              {chosen.length > 0 && (
                <ul aria-label="Bottles" style={{ listStyle: 'none', padding: 0, margin: 0 }}>
                  {chosen.map((wine) => (
                    <li key={wine.id} style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 10 }}>
                      <strong>{wine.name}</strong>
                      <Button
                        size="small"
                        tone="quiet"
                        label={`Take ${wine.name} out`}
                        onPress={() => setChosen(chosen.filter((other) => other.id !== wine.id))}
                      >
                        take out
                      </Button>
                    </li>
                  ))}
                </ul>
              )}
              {chosen.length < 6 ? (
                <WinePicker
                  label={chosen.length === 0 ? 'First bottle, from the cellar' : chosen.length === 1 ? 'Second bottle' : 'One more bottle, if you like'}
                  taken={chosen.map((wine) => wine.id)}
                  onPick={(wine) => setChosen([...chosen, wine])}
                />
              ) : (
                <p className="soft">Six bottles: enough for one round.</p>
              )}
              <CheckBox checked={forOther} onChange={setForOther}>
                I deal for somebody else of this venue
              </CheckBox>
              {forOther && <TextField label="Their email" value={taster} onChange={setTaster} />}
            </div>
            <Button tone="strong" disabled={!ready} onPress={() => void deal()}>
              Deal
            </Button>
            {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
          </>
        ) : dealt.bags === null ? (
          <>
            <ol style={{ fontSize: '1.125rem', lineHeight: 1.7, maxWidth: '62ch' }}>
              <li>Put each bottle into a bag, foil and capsule off. Close the bags and mix them with your eyes shut.</li>
              <li>
                Mark the bags 1 to {dealt.places.length}, as they come.
                {dealt.places.length > 1 && ' A cork or a shape you can feel gives a bottle away: wrap it thickly.'}
              </li>
              {dealt.places.map((entry) => (
                <li key={entry.noteId}>
                  Pour the bag marked <strong>{entry.bag}</strong>: {entry.place}.
                </li>
              ))}
            </ol>
            <p>
              {dealt.places.length === 2 ? (
                <Link href={`/notes/pair?left=${dealt.places[0]!.noteId}&right=${dealt.places[1]!.noteId}`}>Taste the two side by side</Link>
              ) : (
                dealt.places.map((entry) => (
                  <span key={entry.noteId} style={{ marginRight: 16 }}>
                    <Link href={`/notes/${entry.noteId}`}>{entry.place}</Link>
                  </span>
                ))
              )}
            </p>
          </>
        ) : (
          <>
            <p className="soft">For your eyes only. The taster finds the glasses in the notebook.</p>
            <ul style={{ fontSize: '1.125rem', lineHeight: 1.7 }}>
              {dealt.bags.map((entry) => (
                <li key={entry.bag}>
                  Bag <strong>{entry.bag}</strong>: {entry.wine}
                </li>
              ))}
              {dealt.places.map((entry) => (
                <li key={entry.noteId}>
                  Pour bag <strong>{entry.bag}</strong>: {entry.place}
                </li>
              ))}
            </ul>
          </>
        )}
      </Page>
    </Frame>
  );
}
