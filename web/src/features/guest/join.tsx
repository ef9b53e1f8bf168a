'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { ApiProblem, call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { TextField } from '@/ui/field';
import { GuestFrame } from '@/ui/guest-frame';
import { Invitation } from './invitation';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import { keepOwnKey, newKey, ownKey } from './own-key';

const Form = styled.div`
  form {
    display: grid;
    gap: 14px;
    max-width: 420px;
    margin-top: 14px;
  }
  .allergens {
    border-left: 3px solid var(--amber);
    padding: 4px 12px;
    margin-top: 12px;
  }
`;
type Found = AnswerOf<'guest', 'find'>;

/** Sits down at an evening: a code, or a link that brings it, and a name. */
export function Join({ code: given, linkKey }: { code?: string; linkKey?: string }) {
  const [code, setCode] = useState(given ?? '');
  const [name, setName] = useState('');
  const [found, setFound] = useState<Found>();
  const [keeps, setKeeps] = useState(false);
  const [lost, setLost] = useState(false);
  const [seat] = useState(newKey);
  const look = useAct();
  const sit = useAct();
  const key = linkKey === undefined ? {} : { key: linkKey };
  const find = () => void look.run(async () => setFound(await call(contract.guest.find, { code, ...key })));
  useEffect(() => {
    setName(keptOnDevice('guest-name') ?? '');
    setKeeps(ownKey() !== undefined);
  }, []);
  // A link brings its code: the evening is looked for at once. A code that leads nowhere stands in the field, to be mended there.
  useEffect(() => {
    if (given === undefined) return;
    call(contract.guest.find, { code: given, ...(linkKey === undefined ? {} : { key: linkKey }) }).then(setFound, () => setLost(true));
  }, [given, linkKey]);
  const join = () =>
    sit.run(async () => {
      const own = keeps ? (ownKey() ?? newKey()) : undefined;
      await call(contract.guest.join, { code, ...key, seat, name, ...(own === undefined ? {} : { own }) });
      keepOnDevice('guest-name', name);
      keepOwnKey(own);
      window.location.assign('/seat');
    });
  if (found === undefined)
    return (
      <GuestFrame who="Sit down at a tasting">
        <Form>
          <h1>Which evening?</h1>
          {lost && look.problem === null && (
            <p role="alert">No evening has the code of this link just now. It may be over, or not be open yet: ask the host.</p>
          )}
          <ActForm act={look} onSubmit={find}>
            <TextField label="Code" name="code" value={code} onChange={setCode} hint="seven signs, from the host or the screen" autoFocus />
            <Button tone="strong" type="submit" disabled={look.busy || code.trim() === ''}>
              {look.busy ? 'One moment' : 'Find it'}
            </Button>
          </ActForm>
        </Form>
      </GuestFrame>
    );
  return (
    <GuestFrame who={found.venue}>
      <Form>
        <h1>{found.name}</h1>
        <p className="soft">
          {found.started ? 'It has begun: you taste from the next glass on.' : 'You are in time.'} Your name is for the host and you; nothing else is asked.
        </p>
        {found.invitation !== null && <Invitation invited={found.invitation} />}
        {found.allergens.length > 0 && (
          <p className="allergens">
            These wines hold {listed(found.allergens)}, as far as is known. If you are allergic to any of it, tell the host before you drink.
          </p>
        )}
        {found.drinkingAge !== null && (
          <p className="soft" style={{ marginTop: 10 }}>
            Wine is for people of {found.drinkingAge} and over here, as far as we know; local law decides. Who is younger, drives, is pregnant or takes medicine
            looks and smells with us, and does not drink.
          </p>
        )}
        <ActForm act={sit} onSubmit={() => void join()}>
          <TextField label="Your name" name="name" value={name} onChange={setName} autoComplete="given-name" autoFocus />
          <CheckBox checked={keeps} onChange={setKeeps}>
            Keep a key on this phone, so that I find this evening and the next again
          </CheckBox>
          <Button tone="strong" type="submit" disabled={sit.busy || name.trim() === ''}>
            {sit.busy ? 'One moment' : 'Sit down'}
          </Button>
          {sit.problem instanceof ApiProblem && sit.problem.status === 404 && <p className="soft">The evening may be over. Ask the host for the code.</p>}
        </ActForm>
      </Form>
    </GuestFrame>
  );
}
