'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { glassColour, rimInWords } from '@rose/core/appearance/colour';
import { petalsOfNote } from '@rose/core/rose/rose';
import { dayInWords } from '@rose/core/wine/day';
import { glassTitle, momentInWords, type NoteDocument } from '@rose/core/wine/note';
import { quarters, type Quarter } from '@rose/core/wine/observables';
import type { NoteView } from '@/contract/answers';
import { SaveState } from '@/ui/document/save-state';
import type { OpenDocument } from '@/ui/document/use-document';
import { Glass } from '@/ui/glass';
import { Rose } from '@/ui/rose';
import { Watch, type WatchControl } from '@/ui/stopwatch';
import { WayBack } from '@/ui/way-back';
import { lookedAt, quarterName } from './quarters';

const Compass = dynamic(() => import('@/ui/quarter-ring').then((module) => module.Compass), { ssr: false });

/** The glass as it is recorded so far: whose it is, its compass, its colour, and the watch. */
export function GlassAside({
  note,
  doc,
  open,
  quarter,
  wide,
  go,
  watch,
}: {
  note: NoteView;
  doc: NoteDocument;
  open: OpenDocument<NoteDocument>;
  quarter: Quarter;
  wide: boolean;
  go: (to: Quarter) => void;
  watch: WatchControl;
}) {
  const colour = glassColour(doc.observed);
  const title = glassTitle(note);
  return (
    <aside aria-label="The glass">
      <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
      <span className="soft">
        {note.tasting.kind === 'solo' ? `Assessed by ${note.taster}, ${dayInWords(note.day)}` : `${note.tasting.name} · ${note.taster}`}
        {note.moment !== 'first' && ` · ${momentInWords(note.moment, doc.food)}`}
        {note.secondVersion && '. Changed after the label was in sight: calls and statistics read it as it stood before.'}
      </span>
      <div className="head">
        <h1>
          {note.wine === null ? (
            title
          ) : (
            <Link className="plain" href={`/wines/${note.wine.id}`}>
              {title}
            </Link>
          )}
        </h1>
        {!wide && (
          <span className="phone-only">
            <Glass stops={colour?.stops} size={54} tilt label={colour === undefined ? 'no colour recorded' : `The glass as recorded: ${colour.inWords}`} />
            <Rose size={56} title={`What you recorded of ${title}`} petals={petalsOfNote(doc)} />
          </span>
        )}
      </div>
      {note.wine !== null && note.wine.serve !== '' && (
        <span className="soft">
          Serve at {note.wine.serve}.{' '}
          <Link className="opening" href={`/wines/${note.wine.id}#opening`}>
            How to open it
          </Link>
        </span>
      )}
      <div className="state">
        <SaveState open={open} />
      </div>
      <div className="compass">
        {wide && (
          <Compass
            size={252}
            title={`What you recorded of ${title}`}
            petals={petalsOfNote(doc)}
            quarters={quarters.slice(0, 4).map((entry) => ({
              key: entry,
              label: quarterName[entry].toLowerCase(),
              done: lookedAt(doc, entry),
              current: entry === quarter,
              onPress: () => go(entry),
            }))}
          />
        )}
      </div>
      <div className="look desk-only">
        <Glass stops={colour?.stops} size={104} tilt label={colour === undefined ? 'no colour recorded' : `The glass as recorded: ${colour.inWords}`} />
        <span>
          {doc.observed.hue === undefined ? (
            <span className="soft">Choose a hue, and the glass is drawn.</span>
          ) : (
            <>
              <strong>{colour!.inWords}</strong>
              <br />
              <span className="soft">{rimInWords(doc.observed) ?? 'core to rim over white'}</span>
            </>
          )}
        </span>
      </div>
      <div className="desk-only">
        <Watch watch={watch} />
      </div>
    </aside>
  );
}
