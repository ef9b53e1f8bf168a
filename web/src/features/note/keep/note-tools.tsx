'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { moments, type NoteDocument } from '@rose/core/wine/note';
import type { NoteView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { CheckBox } from '@/ui/check-box';
import type { ChangeNote } from '../observation';
import { LaterLooks } from './later-looks';
import { dayInWords } from '@rose/core/wine/day';

const OtherGlass = dynamic(() => import('./other-glass').then((module) => module.OtherGlass), { ssr: false });
const WinePicker = dynamic(() => import('@/ui/wine-picker').then((module) => module.WinePicker), { ssr: false });

const Box = styled.section`
  border-top: 1px solid var(--line);
  margin-top: 18px;
  padding-top: 14px;
  display: grid;
  gap: 10px;
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
    margin: 0;
  }
  .again {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: center;
  }
  .files {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    font-size: 0.875rem;
  }
  .files a {
    min-height: 32px;
    display: inline-flex;
    align-items: center;
  }
`;

/** What can be done with a note besides writing it: uncover the glass, come back to it, lay it beside another, share it, take it along. */
export function Keep({ note, doc, change, flush }: { note: NoteView; doc: NoteDocument; change: ChangeNote; flush: () => Promise<void> }) {
  const [trouble, setTrouble] = useState('');
  const [shared, setShared] = useState(note.shared);
  const act = (run: () => Promise<void>) => () => {
    setTrouble('');
    void flush()
      .then(run)
      .catch((error: Error) => setTrouble(error.message));
  };
  return (
    <Box aria-label="With this note">
      {note.hidden?.mine === true && <Uncover note={note} doc={doc} act={act} />}
      {note.moments.map((other) => (
        <p className="soft" key={other.id}>
          {/* The earlier note is shown when this one is done; a later one when it is done itself. */}
          {doc.done === true && (other.done || note.moment !== 'first') ? (
            <Link
              href={`/notebook/compare?left=${other.tastedAt < note.tastedAt ? other.id : note.id}&right=${other.tastedAt < note.tastedAt ? note.id : other.id}`}
            >
              Lay it over {moments[other.moment]}
            </Link>
          ) : note.moment === 'first' || doc.done === true ? (
            <>
              Your <Link href={`/notes/${other.id}`}>note of {moments[other.moment]}</Link> is begun: once it is done, it can be laid over this one.
            </>
          ) : (
            <>Your note of {moments[other.moment]} stays closed until this one is done: so it leads nobody.</>
          )}
        </p>
      ))}
      <LaterLooks note={note} doc={doc} change={change} flush={flush} />
      <Beside id={note.id} />
      {note.mine && (
        <CheckBox
          checked={shared}
          onChange={(next) =>
            act(async () => {
              await call(contract.note.share, { id: note.id, shared: next });
              setShared(next);
            })()
          }
        >
          The venue’s hosts may read it
        </CheckBox>
      )}
      <span className="files">
        Take it along:
        {(['pdf', 'md', 'json'] as const).map((format) => (
          <a key={format} href={`/api/v1/notes/${note.id}/files/${format}`} download>
            {{ pdf: 'PDF', md: 'Markdown', json: 'JSON' }[format]}
          </a>
        ))}
      </span>
      {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
    </Box>
  );
}

/** Uncovers a hidden glass of one's own. Of a bag one marked oneself, one says which bottle it held. */
function Uncover({ note, doc, act }: { note: NoteView; doc: NoteDocument; act: (run: () => Promise<void>) => () => void }) {
  const [wine, setWine] = useState<{ readonly id: string; readonly name: string }>();
  const known = note.hidden!.named;
  const ready = doc.done === true || doc.observed.quality !== undefined;
  if (!ready) return <p className="soft">The glass is hidden. It can be uncovered after your own mark.</p>;
  return (
    <>
      {!known && (
        <>
          <WinePicker label="Which wine was in the bag?" taken={[]} onPick={setWine} />
          <p aria-live="polite">{wine === undefined ? <span className="soft">Unwrap it, then say.</span> : <strong>{wine.name}</strong>}</p>
        </>
      )}
      <p>
        <Button
          disabled={!known && wine === undefined}
          onPress={act(async () => {
            await call(contract.note.uncover, { id: note.id, ...(known || wine === undefined ? {} : { wineId: wine.id }) });
            window.location.reload();
          })}
        >
          Uncover the glass
        </Button>
      </p>
      <p className="soft">Your note as it stands now is kept for the calls.</p>
    </>
  );
}

/** Another of one's notes to lay this one beside, glass by glass. */
function Beside({ id }: { id: string }) {
  const [others, setOthers] = useState<readonly { id: string; name: string }[]>();
  const [trouble, setTrouble] = useState('');
  const load = () =>
    void call(contract.note.list, { limit: 30, mine: 'yes' }).then(
      (page) =>
        setOthers(
          page.items
            .filter((item) => item.id !== id)
            .map((item) => ({ id: item.id, name: `${item.wine?.name ?? `Glass ${item.code}`}, ${dayInWords(item.day)}` })),
        ),
      (error: Error) => setTrouble(error.message),
    );
  if (others === undefined)
    return (
      <p>
        <Button size="small" onPress={load}>
          Beside another glass
        </Button>
        {trouble !== '' && <Trouble role="alert">Your other notes could not be read: {trouble} Press again.</Trouble>}
      </p>
    );
  return <OtherGlass id={id} others={others} />;
}
