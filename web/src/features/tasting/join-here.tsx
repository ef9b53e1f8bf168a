'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { encode } from 'uqr';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Disclosure } from '@/ui/disclosure';
import { Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import type { HostState } from '../shared-flight/use-led';

const Box = styled.div`
  .code {
    font: 600 1.75rem/1.2 var(--sans);
    letter-spacing: 0.12em;
    margin: 6px 0;
  }
  svg.picture {
    width: 180px;
    height: 180px;
    background: #fff;
    display: block;
    margin: 10px 0;
  }
  .link {
    overflow-wrap: anywhere;
    font-size: 0.8125rem;
    color: var(--soft);
  }
`;
/** A code as it is read out: in two parts. */
const spoken = (code: string) => `${code.slice(0, 3)}-${code.slice(3)}`;

/** A picture of a text that a phone's camera reads (ISO/IEC 18004), dark on white in any light. */
export function PictureCode({ text, label }: { text: string; label: string }) {
  const { data, size } = encode(text, { border: 2 });
  const path = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return (
    <svg className="picture" viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} shapeRendering="crispEdges">
      <path d={path} fill="#000" />
    </svg>
  );
}
/** How guests come in: a code, a link, a picture; and where it leads, with what to do when no phone can reach it. */
export function JoinHere({ state, addresses, open }: { state: HostState; addresses: readonly string[]; open: boolean }) {
  const [at, setAt] = useState(addresses[0] ?? '');
  const [here, setHere] = useState('');
  useEffect(() => setHere(window.location.origin), []);
  const from = at === '' ? here : at;
  const { joinCode, joinKey } = state;
  if (joinCode === null || joinKey === null || from === '') return null;
  const link = `${from}/join/${joinCode}?k=${joinKey}`;
  return (
    <Box>
      <h2>Guests join</h2>
      <div className="code" aria-label={`The code is ${[...joinCode].join(' ')}`}>
        {spoken(joinCode)}
      </div>
      <p className="link">
        at <strong>{from.replace(/^https?:\/\//, '')}/join</strong>
      </p>
      {addresses.length === 0 && (
        <p className="soft" style={{ marginTop: 6 }}>
          No phone can reach this address: the house is open to this machine alone. Start it with <code>HOST=0.0.0.0 npm start</code> and it listens on this
          network; with <code>ROSE_ORIGIN=https://your.name</code> links carry the name people know it by.
        </p>
      )}
      {addresses.length > 1 && (
        <SelectField
          label="This machine has several addresses"
          value={at}
          onChange={setAt}
          options={Object.fromEntries(addresses.map((address) => [address, address]))}
        />
      )}
      <Disclosure open={open} says="Picture code and link">
        <PictureCode text={link} label={`A picture code for ${link}`} />
        <p className="link">{link}</p>
      </Disclosure>
      {open && <Rehearsal id={state.id} />}
    </Box>
  );
}
/** A table of simulated guests, to try an evening before it. */
function Rehearsal({ id }: { id: string }) {
  const act = useAct();
  const [asked, setAsked] = useState(false);
  return (
    <p style={{ marginTop: 12 }}>
      <Button
        size="small"
        disabled={act.busy || asked}
        onPress={() => void act.run(() => call(contract.tasting.rehearse, { id, guests: 20, seed: 7 })).then((done) => setAsked(done))}
      >
        {asked ? 'They are coming' : 'Rehearse with 20 simulated guests'}
      </Button>{' '}
      <span className="soft">They are marked, and count in no result.</span>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </p>
  );
}
