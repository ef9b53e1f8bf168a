'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { conditions, type NoteDocument } from '@rose/core/wine/note';
import { ideaInWords, where } from './judge/idea-words';
import { Disclosure } from '@/ui/disclosure';
import type { IdeaIn } from './judge/ideas';
import type { ChangeNote } from './observation';

const IdeaForm = dynamic(() => import('./judge/ideas').then((module) => module.IdeaForm), { ssr: false });
const CircumstancesForm = dynamic(() => import('./judge/ideas').then((module) => module.CircumstancesForm), { ssr: false });

const Box = styled.div`
  margin: 14px 0 0;
  border-top: 1px solid var(--line);
  .disclosure-line {
    min-height: 44px;
    padding: 10px 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
  .disclosure-line strong {
    color: var(--ink);
    font-weight: 600;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px;
  }
  .sure {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin: 10px 0;
  }
`;
/** A part of the note most glasses do not need: its line is there at once, its form comes when it is opened. */
function Drawer({ title, says, open = false, children }: { title: string; says: string; open?: boolean; children: ReactNode }) {
  return (
    <Box>
      <Disclosure
        open={open}
        says={
          <>
            <strong>{title}</strong> {says}
          </>
        }
      >
        {children}
      </Disclosure>
    </Box>
  );
}
/** An idea of what is in the glass, left with one tap of certainty, before the first look and after each quarter; each stays as it was given. */
export function Ideas({ doc, at, change, list, open }: IdeaIn & { open?: boolean }) {
  const last = doc.ideas?.at(-1);
  return (
    <Drawer
      title="An idea?"
      open={open === true}
      says={
        last === undefined
          ? `Leave one ${where[at]}; nothing is wrong yet.`
          : `${ideaInWords(last)}${last.certainty === 0 ? '' : `, ${last.certainty} % sure`} ${where[last.at]}`
      }
    >
      <IdeaForm doc={doc} at={at} change={change} {...(list === undefined ? {} : { list })} />
    </Drawer>
  );
}

/** What could bend the reading: how warm the glass is, how long the bottle has been open, and the taster's own state. */
export function CircumstancesNote({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const now = doc.circumstances ?? {};
  const noted = [
    now.glassC === undefined ? '' : `${now.glassC} °C in the glass`,
    now.openMinutes === undefined ? '' : `open for ${now.openMinutes} min`,
    ...(Object.keys(conditions) as (keyof typeof conditions)[]).map((key) => (now[key] === true ? conditions[key] : '')),
  ].filter((part) => part !== '');
  return (
    <Drawer title="Circumstances" says={noted.length === 0 ? 'warmth of the glass, time since opening, coffee, a cold …' : noted.join(', ')}>
      <CircumstancesForm doc={doc} change={change} />
    </Drawer>
  );
}
