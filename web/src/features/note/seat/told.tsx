'use client';
import { useEffect, useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Disclosure } from '@/ui/disclosure';
import { TextField, Trouble } from '@/ui/field';

type Told = AnswerOf<'guest', 'told'>['told'][number];

/** What the host wrote for guests of a wine whose name is known. A link leads out of this page, to where the host put it. */
export function ToldByHost({ glassId, revealed, named }: { glassId: string; revealed: boolean; named: boolean }) {
  const [told, setTold] = useState<Told>();
  useEffect(() => {
    if (!revealed) return;
    call(contract.guest.told, {}).then(
      (found) => setTold(found.told.find((entry) => entry.glassId === glassId)),
      () => undefined,
    );
  }, [glassId, revealed]);
  if (told === undefined || !revealed || (named && told.text === '' && told.link === '')) return null;
  return (
    <section aria-label="From the host" style={{ margin: '0 0 16px' }}>
      {!named && (
        <p style={{ font: '500 1.25rem/1.2 var(--serif)' }}>
          {told.name}
          {told.producer === '' ? '' : `, ${told.producer}`}
        </p>
      )}
      {told.text !== '' && <p style={{ whiteSpace: 'pre-line' }}>{told.text}</p>}
      {told.link !== '' && (
        <p>
          <a href={told.link} target="_blank" rel="noreferrer noopener">
            The host’s clip
          </a>{' '}
          <span className="soft">opens {new URL(told.link).host}</span>
        </p>
      )}
    </section>
  );
}

/** Asks the host's hint for a glass: after one thing was named, and a call made with it is marked. */
export function Hint({ glassId, hasNamed }: { glassId: string; hasNamed: boolean }) {
  const [hint, setHint] = useState<string | null>();
  const act = useAct();
  if (hint !== undefined) return <p>{hint === null ? 'The host has left no hint for this one.' : `A hint: ${hint}`}</p>;
  return (
    <div style={{ margin: '12px 0' }}>
      <Button
        size="small"
        tone="quiet"
        disabled={act.busy || !hasNamed}
        onPress={() => void act.run(async () => setHint((await call(contract.guest.hint, { glassId })).hint))}
      >
        A hint, please
      </Button>
      <span className="soft"> {hasNamed ? 'A call made with it is marked as helped.' : 'Name one thing you smell or taste first.'}</span>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </div>
  );
}

/** Somebody at home whose bottle is another than the flight's says so: what they write of it is kept apart from the table's. */
export function OwnBottle({ glassId, says, changed }: { glassId: string; says: string | undefined; changed: () => void }) {
  const [text, setText] = useState(says ?? '');
  const act = useAct();
  const say = (to: string | null) =>
    void act.run(async () => {
      await call(contract.guest.bottle, { glassId, says: to });
      changed();
    });
  return (
    <Disclosure says={says === undefined ? 'My bottle is another one' : `Your bottle is another one: ${says}`}>
      <p className="soft">
        Another year or another producer is another wine. Say which it is: your notes on it stay yours, and are not counted with the table’s.
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== '') say(text.trim());
        }}
        style={{ display: 'flex', flexWrap: 'wrap', gap: 8, alignItems: 'end' }}
      >
        <TextField label="My bottle" value={text} onChange={setText} />
        <Button type="submit" disabled={act.busy || text.trim() === ''}>
          Say so
        </Button>
        {says !== undefined && (
          <Button tone="quiet" disabled={act.busy} onPress={() => say(null)}>
            It is the same after all
          </Button>
        )}
      </form>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </Disclosure>
  );
}
