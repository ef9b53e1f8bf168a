'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { schools } from '@rose/core/order/ordering-rules';
import type { OwnRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import type { VenueSettings } from '@/contract/venue-settings';
import type { AnswerOf } from '@/contract/answers';
import { useAct } from '@/ui/act';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button, ButtonLink } from '@/ui/button';
import { dropAllDrafts } from '@/ui/document/unsaved-writing';
import { TextField, Trouble } from '@/ui/field';
import { CountryField, CurrencyField, TimeZoneField } from '@/ui/finder-field';
import { SelectField } from '@/ui/select-field';
import { StockFields } from '@/features/shared-flight/stock-fields';
import { Frame, Page } from '@/ui/frame';
import { NumberField } from '@/ui/number-field';
import type { Version } from './own-design';
import { Probes } from './probes';
import { useDays, useMay } from '@/ui/here';
import { labelsOf } from '@rose/core/wine/keys';
import { roles, type Role } from '@/contract/roles';
import { Disclosure } from '@/ui/disclosure';

type Who = AnswerOf<'account', 'me'>;
type People = AnswerOf<'member', 'list'>;
type Token = AnswerOf<'token', 'list'>['tokens'][number];
type Letter = AnswerOf<'mail', 'list'>['letters'][number];
const Lay = styled.div`
  columns: 2;
  column-gap: 54px;
  section {
    display: grid;
    gap: 12px;
    min-width: 0;
    break-inside: avoid;
    padding-bottom: 34px;
  }
  h2 {
    border-bottom: 1px solid var(--line);
    padding-bottom: 6px;
  }
  @media (max-width: 53.75em) {
    columns: 1;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 10px;
    align-items: center;
    border-bottom: 1px solid var(--line);
    padding: 6px 0;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  code {
    overflow-wrap: anywhere;
    background: var(--sunk);
    padding: 8px 10px;
    border-radius: 8px;
    display: block;
  }
  pre {
    white-space: pre-wrap;
    font: inherit;
    font-size: 0.875rem;
    margin: 0;
  }
`;
const roleNames = labelsOf(roles);

export function Settings({
  who,
  people,
  tokens,
  letters,
  own,
}: {
  who: Who;
  people: People;
  tokens: readonly Token[];
  letters: readonly Letter[];
  own: readonly Version<OwnRoutine>[];
}) {
  const router = useRouter();
  const act = useAct();
  const maySetVenue = useMay('venue.edit');
  const mayInvite = useMay('people.edit');
  const mayKeepProbes = useMay('probe.edit');
  const days = useDays();
  const [venue, setVenue] = useState({ name: who.venue?.name ?? '', ...who.venue!.settings });
  const [email, setEmail] = useState('');
  const [part, setPart] = useState<Role>('host');
  const [tokenName, setTokenName] = useState('');
  const [made, setMade] = useState('');
  const [room, setRoom] = useState<'' | 'light' | 'dim'>('');
  useEffect(() => {
    const kept = localStorage.getItem('room');
    if (kept === 'light' || kept === 'dim') setRoom(kept);
  }, []);
  const after = async (run: () => Promise<unknown>) => {
    if (await act.run(run)) router.refresh();
  };
  const pickRoom = (value: '' | 'light' | 'dim') => {
    setRoom(value);
    if (value === '') {
      localStorage.removeItem('room');
      delete document.documentElement.dataset['room'];
    } else {
      localStorage.setItem('room', value);
      document.documentElement.dataset['room'] = value;
    }
  };
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>Settings</h1>
          <span className="soft">
            {who.name}, {who.role} of {who.venue?.name}
          </span>
          <Link href="/settings/routines">Routines</Link>
          <Link href="/settings/marks">Ways of giving marks</Link>
        </div>
        {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
        <Lay>
          <section>
            <h2>This screen</h2>
            <SelectField label="Light" value={room} onChange={pickRoom} empty="as the device says" options={{ light: 'light', dim: 'for a dim room' }} />
            <div>
              <Button
                onPress={() =>
                  void act.run(async () => {
                    await call(contract.account.signOut, {});
                    await dropAllDrafts().catch(() => undefined);
                    window.location.assign('/come-in');
                  })
                }
              >
                Sign out everywhere
              </Button>
            </div>
            {who.venues.length > 1 && (
              <SelectField
                label="Venue"
                value={who.venue!.id}
                options={Object.fromEntries(who.venues.map((entry) => [entry.id, entry.name]))}
                onChange={(id) =>
                  void act.run(async () => {
                    await call(contract.venue.enter, { id });
                    window.location.reload();
                  })
                }
              />
            )}
          </section>
          <section>
            <h2>The venue</h2>
            <TextField label="Name" value={venue.name} onChange={(name) => setVenue({ ...venue, name })} error={act.of('name')} />
            <CountryField label="Country" value={venue.country} onChange={(country) => setVenue({ ...venue, country })} error={act.of('country')} />
            <CurrencyField
              label="Currency"
              {...(who.venue!.settings.currency === venue.currency ? {} : { hint: 'bread, cheese, water and ice keep their numbers: look at them again' })}
              value={venue.currency}
              onChange={(currency) => setVenue({ ...venue, currency })}
              error={act.of('currency')}
            />
            <TimeZoneField label="Time zone" value={venue.timeZone} onChange={(timeZone) => setVenue({ ...venue, timeZone })} error={act.of('timeZone')} />
            <SelectField
              label="School of a new flight"
              value={venue.school}
              onChange={(school) => setVenue({ ...venue, school: school as VenueSettings['school'] })}
              options={Object.fromEntries(schools.map((school) => [school.id, school.label]))}
            />
            <SelectField
              label="Routine of a new glass"
              value={venue.routine}
              onChange={(routine) => setVenue({ ...venue, routine })}
              options={Object.fromEntries([...routines.map((entry) => [entry.id, entry.name]), ...own.map((entry) => [entry.id, entry.document.name])])}
            />
            <SelectField
              label="Temperatures in"
              value={venue.temperature}
              onChange={(temperature) => setVenue({ ...venue, temperature: temperature as VenueSettings['temperature'] })}
              options={{ C: '°C', F: '°F' }}
            />
            <SelectField
              label="Pours in"
              value={venue.volume}
              onChange={(volume) => setVenue({ ...venue, volume: volume as VenueSettings['volume'] })}
              options={{ mL: 'mL', oz: 'US fluid ounces' }}
            />
            <h3>What there is for an evening</h3>
            <StockFields stock={venue.stock} unit={venue.temperature} onChange={(stock) => setVenue({ ...venue, stock: stock as VenueSettings['stock'] })} />
            <h3>What it costs</h3>
            <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(140px, 1fr))', gap: 12 }}>
              {(
                [
                  ['bread', 'Bread', 'a kg'],
                  ['cheese', 'Cheese', 'a kg'],
                  ['water', 'Water', 'a litre'],
                  ['ice', 'Ice', 'a kg'],
                ] as const
              ).map(([part, label, of]) => (
                <NumberField
                  key={part}
                  label={label}
                  unit={`${venue.currency} ${of}`}
                  low={0}
                  high={10_000}
                  value={venue.prices[part] / 100}
                  onChange={(value) => value !== undefined && setVenue({ ...venue, prices: { ...venue.prices, [part]: Math.round(value * 100) } })}
                />
              ))}
            </div>
            {maySetVenue ? (
              <div>
                <Button
                  disabled={act.busy}
                  onPress={() => {
                    // Probe readings have acts of their own.
                    const { name, probes: _own, ...settings } = venue;
                    void after(() => call(contract.venue.save, { name, settings }));
                  }}
                >
                  Save the venue
                </Button>
              </div>
            ) : (
              <p className="soft">Only an owner changes these.</p>
            )}
          </section>
          <Probes unit={venue.temperature} mayEdit={mayKeepProbes} />
          <section>
            <h2>People</h2>
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
                    onChange={(role) => void after(() => call(contract.member.setRole, { userId: member.userId, role }))}
                    options={roleNames}
                  />
                ) : (
                  <span>{member.role}</span>
                )}
                {mayInvite ? (
                  <Button
                    size="small"
                    label={`Remove ${member.name}`}
                    onPress={() => void after(() => call(contract.member.remove, { userId: member.userId }))}
                  >
                    Remove
                  </Button>
                ) : (
                  <span />
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
                <Button size="small" onPress={() => void after(() => call(contract.member.revokeInvitation, { id: open.id }))}>
                  Withdraw
                </Button>
              </div>
            ))}
            {mayInvite && (
              <form
                onSubmit={(event) => {
                  event.preventDefault();
                  void after(async () => {
                    await call(contract.member.invite, { email, role: part });
                    setEmail('');
                  });
                }}
                style={{ display: 'grid', gridTemplateColumns: '1fr 120px auto', gap: 10, alignItems: 'end' }}
              >
                <TextField label="Invite by email" type="email" value={email} onChange={setEmail} error={act.of('email')} />
                <SelectField label="as" value={part} onChange={setPart} options={roleNames} />
                <Button type="submit">Invite</Button>
              </form>
            )}
          </section>
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
                <Button size="small" onPress={() => void after(() => call(contract.token.revoke, { id: token.id }))}>
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
            <form
              onSubmit={(event) => {
                event.preventDefault();
                void after(async () => {
                  setMade((await call(contract.token.create, { name: tokenName })).token);
                  setTokenName('');
                });
              }}
              style={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 10, alignItems: 'end' }}
            >
              <TextField label="A new token for" value={tokenName} onChange={setTokenName} placeholder="my spreadsheet" />
              <Button type="submit">Make it</Button>
            </form>
          </section>
          <section>
            <h2>Take it with you</h2>
            <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
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
        </Lay>
      </Page>
    </Frame>
  );
}
