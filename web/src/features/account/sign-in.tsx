'use client';
import Link from 'next/link';
import { useState, type FormEvent, type ReactNode } from 'react';
import styled from 'styled-components';
import { useAct } from '@/ui/act';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextField, Trouble } from '@/ui/field';
import { Mark } from '@/ui/frame';

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
  hr {
    border: 0;
    border-top: 1px solid var(--line);
    width: 100%;
    margin: 6px 0;
  }
`;

/** Moves on with a fresh page, so that the server sees the new cookies. */
const go = (to: string) => window.location.assign(to);

function Door({ title, children, onSubmit }: { title: string; children: ReactNode; onSubmit: () => void }) {
  return (
    <Room id="main">
      <form
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          onSubmit();
        }}
        noValidate
      >
        <div className="brand">
          <Mark /> Rose Compass
        </div>
        <h1>{title}</h1>
        {children}
      </form>
    </Room>
  );
}
const problemLine = (act: ReturnType<typeof useAct>, fields: readonly string[]) =>
  act.problem !== null && !fields.some((field) => act.of(field) !== undefined) ? <Trouble role="alert">{act.problem.message}</Trouble> : null;

export function ComeIn({ demo, next }: { demo: boolean; next: string }) {
  const act = useAct();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Door
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
      {problemLine(act, ['email', 'password'])}
      <TextField label="Email" type="email" autoComplete="username" inputMode="email" value={email} onChange={setEmail} error={act.of('email')} />
      <TextField label="Password" type="password" autoComplete="current-password" value={password} onChange={setPassword} error={act.of('password')} />
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
  const set = (field: keyof typeof form) => (value: string) => setForm({ ...form, [field]: value });
  return (
    <Door
      title={invitation === undefined ? 'Make an account' : 'You are invited'}
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.signUp, {
            name: form.name,
            email: form.email,
            password: form.password,
            ...(invitation === undefined ? { venue: form.venue } : { invitation }),
          });
          go('/cellar');
        })
      }
    >
      {problemLine(act, ['name', 'email', 'password', 'venue'])}
      <TextField label="Your name" autoComplete="name" value={form.name} onChange={set('name')} error={act.of('name')} />
      <TextField label="Email" type="email" autoComplete="username" inputMode="email" value={form.email} onChange={set('email')} error={act.of('email')} />
      <TextField
        label="Password"
        hint="at least ten characters"
        type="password"
        autoComplete="new-password"
        value={form.password}
        onChange={set('password')}
        error={act.of('password')}
      />
      {invitation === undefined && (
        <TextField label="Venue" hint="where you pour: a school, a bar, your kitchen" value={form.venue} onChange={set('venue')} error={act.of('venue')} />
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
      title={`Welcome, ${name}`}
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.member.accept, { code });
          go('/cellar');
        })
      }
    >
      {problemLine(act, [])}
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
      title="A new password"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.askReset, { email });
          setSent(true);
        })
      }
    >
      {problemLine(act, ['email'])}
      {sent ? (
        <p role="status">If there is an account with this address, a letter with a link is on its way. It holds for an hour.</p>
      ) : (
        <>
          <TextField label="Email" type="email" autoComplete="username" value={email} onChange={setEmail} error={act.of('email')} />
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
      title="Set a new password"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.account.reset, { code, password });
          go('/come-in');
        })
      }
    >
      {act.problem !== null && act.of('password') === undefined && <Trouble role="alert">{act.problem.message}</Trouble>}
      <TextField
        label="New password"
        hint="at least ten characters"
        type="password"
        autoComplete="new-password"
        value={password}
        onChange={setPassword}
        error={act.of('password')}
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
  return (
    <Door
      title="Name your venue"
      onSubmit={() =>
        void act.run(async () => {
          await call(contract.venue.create, { name });
          go('/cellar');
        })
      }
    >
      {problemLine(act, ['name'])}
      <TextField label="Venue" hint="where you pour" value={name} onChange={setName} error={act.of('name')} />
      <Button type="submit" tone="strong" disabled={act.busy}>
        Open it
      </Button>
    </Door>
  );
}
