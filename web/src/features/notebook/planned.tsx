'use client';
import Link from 'next/link';
import { momentInWords } from '@rose/core/wine/note';
import type { AnswerOf } from '@/contract/answers';
import { useBell } from '@/ui/bell';
import { useHere } from '@/ui/here';
import { dueInWords } from '@/ui/due-in-words';

/** Glasses to look at again, before all else: each with its minute, and a bell when it comes. */
export function Planned({ looks }: { looks: AnswerOf<'note', 'planned'>['looks'] }) {
  const { timeZone } = useHere();
  const now = useBell(looks.map(({ due }) => due));
  return (
    <section aria-label="Look again" style={{ borderLeft: '3px solid var(--madder)', padding: '2px 0 2px 14px', margin: '0 0 18px' }}>
      <ul style={{ listStyle: 'none', margin: 0, padding: 0, display: 'grid', gap: 6 }}>
        {looks.map(({ planId, noteId, title, moment, food, due }) => {
          const here = Date.parse(due) <= now;
          return (
            <li key={planId} role={here ? 'alert' : undefined}>
              <Link href={`/notes/${noteId}`}>{title}</Link>, {momentInWords(moment, food ?? undefined)}:{' '}
              {here ? <strong>now</strong> : dueInWords(due, now, timeZone)}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
