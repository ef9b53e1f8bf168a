'use client';
import { useState } from 'react';
import { Button } from './button';
import { ButtonLink } from './button-link';
import { Trouble } from './field';
import { Frame, Page } from './frame';

/** What stands in the place of something that was just deleted: the way back. */
export function Deleted({
  name,
  list,
  stays,
  bringBack,
  onBack,
}: {
  name: string;
  list: { href: string; label: string };
  stays?: string;
  bringBack: () => Promise<unknown>;
  onBack: () => void;
}) {
  const [trouble, setTrouble] = useState('');
  return (
    <Frame>
      <Page>
        <h1>{name} is deleted</h1>
        {stays !== undefined && <p>{stays}</p>}
        {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
        <p style={{ display: 'flex', gap: 10, marginTop: 14 }}>
          <Button tone="strong" onPress={() => void bringBack().then(onBack, (error: Error) => setTrouble(error.message))}>
            Bring it back
          </Button>
          <ButtonLink href={list.href}>{list.label}</ButtonLink>
        </p>
      </Page>
    </Frame>
  );
}
