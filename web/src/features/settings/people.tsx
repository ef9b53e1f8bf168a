'use client';
import { useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { roles, type Role } from '@/contract/roles';
import { labelsOf } from '@rose/core/wine/keys';
import { useActAndRead } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Disclosure } from '@/ui/disclosure';
import { TextField, Trouble } from '@/ui/field';
import { useDays, useMay } from '@/ui/here';
import { SelectField } from '@/ui/select-field';
import { SettingsPage } from './settings-page';

type Letter = AnswerOf<'mail', 'list'>['letters'][number];
const roleNames = labelsOf(roles);

/** Who belongs to the venue and what their part is; who is invited; and in the demo the letters of its simulated post. */
export function PeoplePage({ people, letters }: { people: AnswerOf<'member', 'list'>; letters: readonly Letter[] }) {
  const act = useActAndRead();
  const inviting = useActAndRead();
  const mayInvite = useMay('people.edit');
  const days = useDays();
  const [email, setEmail] = useState('');
  const [part, setPart] = useState<Role>('host');
  const [leaving, setLeaving] = useState('');
  return (
    <SettingsPage says="Who works here; guests of a tasting need no account">
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
      <section>
        <h2>Members and invitations</h2>
        {people.members.map((member) => (
          <div className="row" key={member.userId}>
            <span>
              {member.name}
              <br />
              <span className="soft">{member.email}</span>
            </span>
            {mayInvite ? (
              <SelectField
                hideLabel
                label={`Part of ${member.name}`}
                value={member.role}
                onChange={(role) => void act.run(() => call(contract.member.setRole, { userId: member.userId, role }))}
                options={roleNames}
              />
            ) : (
              <span>{member.role}</span>
            )}
            {mayInvite ? (
              <Button size="small" label={`Remove ${member.name}`} onPress={() => setLeaving(member.userId)}>
                Remove
              </Button>
            ) : (
              <span />
            )}
            {leaving === member.userId && (
              <div role="alert" className="leaving">
                {member.name} can no longer come in; their tokens stop; their notes stay here.{' '}
                <Button size="small" tone="danger" onPress={() => void act.run(() => call(contract.member.remove, { userId: member.userId }))}>
                  Remove {member.name}
                </Button>{' '}
                <Button size="small" onPress={() => setLeaving('')}>
                  Keep
                </Button>
              </div>
            )}
          </div>
        ))}
        {people.invitations.map((open) => (
          <div className="row" key={open.id}>
            <span>
              {open.email}
              <br />
              <span className="soft">
                invited as {open.role}, until {days.said(open.expiresAt)}
              </span>
            </span>
            <span />
            <Button size="small" onPress={() => void act.run(() => call(contract.member.revokeInvitation, { id: open.id }))}>
              Withdraw
            </Button>
          </div>
        ))}
        {mayInvite && (
          <ActForm
            act={inviting}
            className="few"
            onSubmit={() => {
              void inviting.run(async () => {
                await call(contract.member.invite, { email, role: part });
                setEmail('');
              });
            }}
          >
            <div className="grow">
              <TextField label="Invite by email" type="email" value={email} onChange={setEmail} name="email" />
            </div>
            <SelectField label="as" value={part} onChange={setPart} options={roleNames} />
            <Button type="submit">Invite</Button>
          </ActForm>
        )}
      </section>
      {letters.length > 0 && (
        <section>
          <h2>Letters sent</h2>
          <p className="soft">The simulated post of the demo: nothing leaves this machine.</p>
          {letters.map((letter) => (
            <Disclosure
              key={letter.id}
              says={
                <>
                  {letter.subject}, to {letter.to}
                </>
              }
            >
              <pre>{letter.body}</pre>
            </Disclosure>
          ))}
        </section>
      )}
    </SettingsPage>
  );
}
