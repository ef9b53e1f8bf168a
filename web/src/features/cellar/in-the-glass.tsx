'use client';
import { counted, withArticle } from '@rose/core/wine/plural';
import Link from 'next/link';
import { windowInWords } from '@rose/core/window/window';
import { bearings } from '@rose/core/wine/observables';
import { Explained } from '@/ui/explained';
import { kindInWords } from '@rose/knowledge/styles/index';
import { Disclosure } from '@/ui/disclosure';
import { Rose } from '@/ui/rose';
import type { NotebookItem } from '@/contract/answers';
import { Entries } from './findings-list';
import type { WineView } from '@/contract/answers';
import { dayInWords } from '@rose/core/wine/day';

/** The wine's structure: expected, and as tasted; its finish, its span and its notes. */
export function InTheGlass({ wine, notes }: { wine: WineView; notes: readonly NotebookItem[] }) {
  return (
    <section aria-label="In the glass">
      <div style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', flexWrap: 'wrap' }}>
        <h2>In the glass</h2>
        <span className="soft">{wine.notes > 0 ? 'filled: as tasted · line: expected' : 'expected'}</span>
      </div>
      <Rose
        size={380}
        labels
        title={`Structure of ${wine.document.name}`}
        petals={bearings.map((key) => ({ key, label: key, value: wine.profile[key]!.value, ...(wine.notes > 0 ? { outline: wine.expected[key]! } : {}) }))}
      />
      <Entries>
        <li>
          <strong>Expect</strong> what {withArticle(kindInWords(wine.style))} gives.
        </li>
        <li>
          <strong>Known from</strong>{' '}
          {(['tasted', 'facts', 'style'] as const)
            .flatMap((from) => {
              const keys = Object.entries(wine.profile).filter(([, known]) => known.from === from);
              const source = from === 'tasted' ? 'tasting' : from === 'facts' ? 'facts' : 'the style';
              return keys.length === 0 ? [] : [`${source}: ${keys.map(([key, known]) => (from === 'facts' ? `${key} (${known.why})` : key)).join(', ')}`];
            })
            .join('; ')}
          .
        </li>
        {wine.finish !== null && (
          <li>
            <strong>Finish</strong>{' '}
            {wine.finish.median === null ? 'not known yet: every watch was broken off' : `about ${wine.finish.median} s, ${wine.finish.word} by the `}
            {wine.finish.median !== null && <Explained word="slow ruler" />}; {counted(wine.finish.notes, 'timed note')}
            {wine.finish.brokenOff > 0 ? `, ${wine.finish.brokenOff} broken off and counted as at least that long` : ''}.
          </li>
        )}
        <li id="opening">
          <strong>Serve</strong> at {wine.serving.band}. <span className="source">{wine.serving.because}.</span>
          <Disclosure says={<span className="soft">How to open it: {wine.serving.closure}</span>}>
            <ol>
              {wine.serving.steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
            {wine.serving.pressure !== null && (
              <p>
                <strong>{wine.serving.pressure}</strong>
              </p>
            )}
            {wine.serving.cautions.map((caution) => (
              <p key={caution} className="caution">
                {caution}
              </p>
            ))}
          </Disclosure>
        </li>
        {wine.window !== null && (
          <li>
            <strong>Drink</strong> {windowInWords(wine.window)}.{' '}
            <span className="source">
              {wine.window.because.map((reason) => reason.text).join('; ')}
              {wine.window.because.length > 0 ? '. ' : ''}A span, not a promise: storage decides.
            </span>
          </li>
        )}
        {notes.map((note) => (
          <li key={note.id}>
            <Link href={`/notes/${note.id}`}>
              {note.taster}, {dayInWords(note.day)}
            </Link>
            {note.quality === null ? '' : `, ${note.quality} of 100`}
            <br />
            <span className="source">
              {note.text.slice(0, 160)}
              {note.text.length > 160 ? '…' : ''}
            </span>
          </li>
        ))}
        {notes.length === 0 && <li className="source">No notes yet. Assess a glass, and the rose fills with what you found.</li>}
      </Entries>
    </section>
  );
}
