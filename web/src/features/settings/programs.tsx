'use client';
import { useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useActAndRead } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { TextField, Trouble } from '@/ui/field';
import { useDays } from '@/ui/here';
import { SettingsPage } from './settings-page';

type Token = AnswerOf<'token', 'list'>['tokens'][number];

/** Tokens for programs, and everything as files. */
export function ProgramsPage({ tokens }: { tokens: readonly Token[] }) {
  const act = useActAndRead();
  const making = useActAndRead();
  const days = useDays();
  const [tokenName, setTokenName] = useState('');
  const [made, setMade] = useState('');
  return (
    <SettingsPage says="Your data in other hands, and by other programs">
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
      <section>
        <h2>For programs</h2>
        <p className="soft">
          The same commands and queries, at <a href="/api/v1/openapi.json">/api/v1/openapi.json</a>. A token acts as you in this venue.
        </p>
        {tokens.map((token) => (
          <div className="row" key={token.id}>
            <span>
              {token.name}
              <br />
              <span className="soft">
                made {days.said(token.createdAt)}, {token.usedAt === null ? 'never used' : `last used ${days.said(token.usedAt)}`}
              </span>
            </span>
            <span />
            <Button size="small" onPress={() => void act.run(() => call(contract.token.revoke, { id: token.id }))}>
              Revoke
            </Button>
          </div>
        ))}
        {made !== '' && (
          <div role="status">
            <p>Copy it now; it is shown once.</p>
            <code>{made}</code>
          </div>
        )}
        <ActForm
          act={making}
          className="few"
          onSubmit={() => {
            void making.run(async () => {
              setMade((await call(contract.token.create, { name: tokenName })).token);
              setTokenName('');
            });
          }}
        >
          <div className="grow">
            <TextField label="A new token for" value={tokenName} onChange={setTokenName} placeholder="my spreadsheet" name="name" />
          </div>
          <Button type="submit">Make it</Button>
        </ActForm>
      </section>
      <section>
        <h2>Take it with you</h2>
        <div className="few">
          <ButtonLink download href="/api/v1/wines/exports/csv">
            Cellar as CSV
          </ButtonLink>
          <ButtonLink download href="/api/v1/wines/exports/json">
            Cellar as JSON
          </ButtonLink>
          <ButtonLink download href="/api/v1/notes/exports/json">
            Notebook as JSON
          </ButtonLink>
        </div>
      </section>
    </SettingsPage>
  );
}
