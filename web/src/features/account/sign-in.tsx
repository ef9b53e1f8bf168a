'use client';
import Link from 'next/link';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { useAct, type Act } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { CountryField, CurrencyField, TimeZoneField } from '@/ui/finder-field';
import { Mark } from '@/ui/mark';
import { Rose } from '@/ui/rose';
import { bearings } from '@rose/core/wine/observables';
import { currencyOf } from './currency-of';
import type { Place } from './place-of-device';

const Room = styled.main`
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 24px;
  form,
  .card {
    width: min(420px, 100%);
    display: grid;
    gap: 14px;
  }
  .brand {
    display: flex;
    gap: 10px;
    align-items: center;
    font: 500 1.375rem var(--serif);
    font-variant-numeric: lining-nums;
  }
  h1 {
    font-size: 2.125rem;
    margin-bottom: 4px;
  }
  .soft {
    color: var(--soft);
  }
  .also {
    display: flex;
    gap: 18px;
    font-size: 0.875rem;
    flex-wrap: wrap;
  }
  .place,
  .two {
    display: grid;
    gap: 14px;
  }
  .two {
    grid-template-columns: 1fr 1fr;
  }
  @media (max-width: 30em) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  hr {
    border: 0;
    border-top: 1px solid var(--line);
    width: 100%;
    margin: 6px 0;
  }
`;

const What = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 420px);
  gap: 30px 90px;
  align-items: center;
  max-width: 1080px;
  width: 100%;
  .is {
    display: grid;
    gap: 26px;
    justify-items: start;
  }
  .sentence {
    font: 500 1.875rem/1.25 var(--serif);
    margin: 0;
  }
  figure {
    margin: 0;
    width: min(420px, 100%);
    justify-self: center;
  }
  figcaption {
    color: var(--soft);
    font-size: 0.875rem;
    text-align: center;
    margin-top: 6px;
  }
  @media (max-width: 53.75em) {
    grid-template-columns: minmax(0, 1fr);
    justify-items: center;
    .is {
      display: contents;
    }
    .is > .brand {
      order: -3;
    }
    .sentence {
      order: -2;
      font-size: 1.375rem;
      text-align: center;
    }
    form {
      order: -1;
    }
    figure {
      width: 230px;
    }
  }
`;
/** An invented white: what the drawing on the first page is of. */
const shownWine = { acidity: 78, sweetness: 8, bubbles: 0, tannin: 6, alcohol: 46, body: 38, intensity: 62, length: 70 };

/** Says in a sentence and a picture what this is for, beside the way in. */
function FirstPage({ children }: { children: ReactNode }) {
  return (
    <Room id="main">
      <What>
        <div className="is">
          <div className="brand">
            <Mark /> Rose Compass
          </div>
          <p className="sentence">
            Plan a wine tasting, taste and write down every glass, and choose the food: the reckoning is done for you, with its reasons, and the last word is
            yours.
          </p>
          <figure>
            <Rose
              size={400}
              labels
              title="The structure of a dry, sharp, long white"
              petals={bearings.map((key) => ({ key, label: key, value: shownWine[key] }))}
            />
            <figcaption>A wine as a compass: a dry, sharp, long white.</figcaption>
          </figure>
        </div>
        {children}
      </What>
    </Room>
  );
}

/** Moves on with a fresh page, so that the server sees the new cookies. */
const go = (to: string) => window.location.assign(to);

function Door({ title, act, first = false, children, onSubmit }: { title: string; act: Act; first?: boolean; children: ReactNode; onSubmit: () => void }) {
  const form = (
    <ActForm act={act} onSubmit={onSubmit}>
      {!first && (
        <div className="brand">
          <Mark /> Rose Compass
        </div>
      )}
      <h1>{title}</h1>
      {children}
    </ActForm>
  );
  return first ? <FirstPage>{form}</FirstPage> : <Room id="main">{form}</Room>;
}

/** Where the venue is: what the clock of this device speaks for stands there already, to be changed. */
function PlaceFields({ place, onChange }: { place: Place; onChange: (place: Place) => void }) {
  return (
    <div className="place">
      <CountryField
        label="Country"
        hint="for its law and its money"
        value={place.country}
        onChange={(country) => onChange({ ...place, country, currency: currencyOf(country) ?? place.currency })}
        name="country"
      />
      <div className="two">
        <CurrencyField label="Currency" value={place.currency} onChange={(currency) => onChange({ ...place, currency })} name="currency" />
        <TimeZoneField label="Time zone" value={place.timeZone} onChange={(timeZone) => onChange({ ...place, timeZone })} name="timeZone" />
      </div>
    </div>
  );
}
/** The place this device speaks for, once it is known: the server cannot know it. */
function usePlace(): [Place, (place: Place) => void] {
  const [place, setPlace] = useState<Place>({ country: '', currency: '', timeZone: '' });
  useEffect(() => {
    void import('./place-of-device').then(({ placeOfDevice }) => setPlace((now) => (now.timeZone === '' ? placeOfDevice() : now)));
  }, []);
  return [place, setPlace];
}
export function ComeIn({ demo, next }: { demo: boolean; next: string }) {
  const act = useAct();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Door
      act={act}
      first
      title="Come in"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.signIn, { email, password });
          go(next);
        })
      }
    >
      {demo && (
        <>
          <Button
            tone="strong"
            disabled={act.busy}
            onPress={() =>
              void act.run(async () => {
                await call(contract.demo.comeIn, {});
                go(next);
              })
            }
          >
            Come in as the demo’s host
          </Button>
          <p className="soft">The Lantern Quay Tasting Room: invented wines, people and prices. Try anything.</p>
          <hr />
        </>
      )}
      <TextField label="Email" type="email" autoComplete="username" inputMode="email" value={email} onChange={setEmail} name="email" />
      <TextField label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} name="password" />
      <Button type="submit" tone={demo ? 'plain' : 'strong'} disabled={act.busy}>
        Sign in
      </Button>
      <div className="also">
        <Link href="/sign-up">Make an account</Link>
        <Link href="/forgot">Forgot the password?</Link>
      </div>
    </Door>
  );
}

export function SignUp({ invitation }: { invitation?: string }) {
  const act = useAct();
  const [form, setForm] = useState({ name: '', email: '', password: '', venue: '' });
  const [place, setPlace] = usePlace();
  const set = (field: keyof typeof form) => (value: string) => setForm({ ...form, [field]: value });
  return (
    <Door
      act={act}
      title={invitation === undefined ? 'Make an account' : 'You are invited'}
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.signUp, {
            name: form.name,
            email: form.email,
            password: form.password,
            ...(invitation === undefined ? { venue: form.venue, place } : { invitation }),
          });
          go('/');
        })
      }
    >
      <TextField label="Your name" autoComplete="name" value={form.name} onChange={set('name')} name="name" />
      <TextField label="Email" type="email" autoComplete="username" inputMode="email" value={form.email} onChange={set('email')} name="email" />
      <TextField
        label="Password"
        hint="at least ten characters"
        type="password"
        autoComplete="new-password"
        value={form.password}
        onChange={set('password')}
        name="password"
      />
      {invitation === undefined && (
        <>
          <TextField label="Venue" hint="where you pour: a school, a bar, your kitchen" value={form.venue} onChange={set('venue')} name="venue" />
          <PlaceFields place={place} onChange={setPlace} />
        </>
      )}
      <Button type="submit" tone="strong" disabled={act.busy}>
        Make the account
      </Button>
      <div className="also">
        {invitation === undefined ? (
          <Link href="/come-in">I have one</Link>
        ) : (
          <Link href={`/come-in?next=/invitation/${invitation}`}>I have an account: sign in</Link>
        )}
      </div>
    </Door>
  );
}

export function AcceptInvitation({ code, name }: { code: string; name: string }) {
  const act = useAct();
  return (
    <Door
      act={act}
      title={`Welcome, ${name}`}
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.member.accept, { code });
          go('/');
        })
      }
    >
      <p className="soft">You are signed in. Take up the invitation with this account?</p>
      <Button type="submit" tone="strong" disabled={act.busy}>
        Join the venue
      </Button>
    </Door>
  );
}

export function Forgot() {
  const act = useAct();
  const [email, setEmail] = useState('');
  const [sent, setSent] = useState(false);
  return (
    <Door
      act={act}
      title="A new password"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.askReset, { email });
          setSent(true);
        })
      }
    >
      {sent ? (
        <p role="status">If there is an account with this address, a letter with a link is on its way. It holds for an hour.</p>
      ) : (
        <>
          <TextField label="Email" type="email" autoComplete="username" value={email} onChange={setEmail} name="email" />
          <Button type="submit" tone="strong" disabled={act.busy}>
            Send the letter
          </Button>
        </>
      )}
      <div className="also">
        <Link href="/come-in">Back</Link>
      </div>
    </Door>
  );
}

export function Reset({ code }: { code: string }) {
  const act = useAct();
  const [password, setPassword] = useState('');
  return (
    <Door
      act={act}
      title="Set a new password"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.reset, { code, password });
          go('/come-in');
        })
      }
    >
      <TextField
        label="New password"
        hint="at least ten characters"
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={setPassword}
        name="password"
      />
      <Button type="submit" tone="strong" disabled={act.busy}>
        Set it
      </Button>
    </Door>
  );
}

export function NewVenue() {
  const act = useAct();
  const [name, setName] = useState('');
  const [place, setPlace] = usePlace();
  return (
    <Door
      act={act}
      title="Name your venue"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.venue.create, { name, place });
          go('/');
        })
      }
    >
      <TextField label="Venue" hint="where you pour" value={name} onChange={setName} name="name" />
      <PlaceFields place={place} onChange={setPlace} />
      <Button type="submit" tone="strong" disabled={act.busy}>
        Open it
      </Button>
    </Door>
  );
}
