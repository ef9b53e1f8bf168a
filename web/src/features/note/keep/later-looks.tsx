'use client';
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { v7 } from 'uuid';
import { momentInWords, pendingPlans, type Moment, type NoteDocument, type Plan } from '@rose/core/wine/note';
import type { NoteView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { useBell } from '@/ui/bell';
import { Button } from '@/ui/button';
import { TextField, Trouble } from '@/ui/field';
import { useHere } from '@/ui/here';
import { NumberField } from '@/ui/number-field';
import type { ChangeNote } from '../observation';
import { dueInWords } from '@/ui/due-in-words';

/** Minutes after which people look again. Common practice. */
const airMinutes = [30, 60, 120] as const;
const minute = 60_000;
const day = 24 * 60 * minute;

/** Later looks at the glass: set for a minute, opened when they are due. Nothing is opened before somebody asks for it. */
export function LaterLooks({ note, doc, change, flush }: { note: NoteView; doc: NoteDocument; change: ChangeNote; flush: () => Promise<void> }) {
  const router = useRouter();
  const { timeZone } = useHere();
  const [food, setFood] = useState('');
  const [minutes, setMinutes] = useState<number | undefined>(20);
  const [trouble, setTrouble] = useState('');
  const taken = [{ moment: note.moment }, ...note.moments];
  const pending = pendingPlans(doc.plans, taken);
  const now = useBell(pending.map(({ due }) => due));
  const free = (moment: Plan['moment']) => ![...taken, ...pending].some((other) => other.moment === moment);
  const plan = (moment: Plan['moment'], after: number, bite?: string) =>
    change((d) => ({
      ...d,
      plans: [
        ...(d.plans ?? []).filter((other) => other.moment !== moment),
        { id: v7(), moment, due: new Date(Date.now() + after).toISOString(), ...(bite === undefined ? {} : { food: bite }) },
      ],
    }));
  const takeBack = (id: string) => change((d) => ({ ...d, plans: (d.plans ?? []).filter((other) => other.id !== id) }));
  const open = (moment: Moment, noteId: string, bite?: string) => {
    setTrouble('');
    void flush()
      .then(() => call(contract.note.moment, { id: note.id, noteId, moment, ...(bite === undefined ? {} : { food: bite }) }))
      .then(
        ({ id }) => router.push(`/notes/${id}`),
        (error: Error) => setTrouble(error.message),
      );
  };
  const bite = food.trim();
  return (
    <section aria-label="Look again" style={{ display: 'grid', gap: 10 }}>
      {pending.length > 0 && (
        <ul style={{ listStyle: 'none', margin: 0, padding: 0, display: 'grid', gap: 8 }}>
          {pending.map(({ id, moment, due, food: eaten }) => (
            <li key={id} style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 10px', alignItems: 'center' }}>
              <span role={Date.parse(due) <= now ? 'alert' : undefined}>
                {Date.parse(due) <= now ? (
                  <strong>It is time: look again, {momentInWords(moment, eaten)}.</strong>
                ) : (
                  `Look again, ${momentInWords(moment, eaten)}: ${dueInWords(due, now, timeZone)}.`
                )}
              </span>
              {note.mayEdit && (
                <>
                  <Button size="small" label={`Open it now: ${momentInWords(moment, eaten)}`} onPress={() => open(moment, id, eaten)}>
                    Open it now
                  </Button>
                  <Button size="small" tone="quiet" label={`Take back: ${momentInWords(moment, eaten)}`} onPress={() => takeBack(id)}>
                    Take back
                  </Button>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
      {pending.length > 0 && (
        <p className="soft">
          A bell rings while this page or the notebook is open. Otherwise the glass stands first in the notebook with its minute, and in the{' '}
          <a href={`/api/v1/notes/${note.id}/files/ics`} download>
            calendar file
          </a>
          .
        </p>
      )}
      {note.mayEdit && free('air') && (
        <div className="again">
          <span className="soft">Look again in</span>
          {airMinutes.map((after) => (
            <Button key={after} size="small" label={`Look again in ${after} min`} onPress={() => plan('air', after * minute)}>
              {after} min
            </Button>
          ))}
        </div>
      )}
      {note.mayEdit && free('food') && (
        <div className="again" style={{ alignItems: 'end' }}>
          <TextField label="After a bite of" placeholder="roast lamb" value={food} onChange={(text) => setFood(text.slice(0, 80))} />
          <span style={{ width: 120 }}>
            <NumberField label="in" unit="min" low={0} high={600} value={minutes} onChange={setMinutes} />
          </span>
          <Button size="small" disabled={bite === ''} label="Set it: look again after the bite" onPress={() => plan('food', (minutes ?? 0) * minute, bite)}>
            Set it
          </Button>
        </div>
      )}
      {note.mayEdit && free('next') && (
        <div className="again">
          <Button size="small" onPress={() => plan('next', day)}>
            Look again tomorrow
          </Button>
        </div>
      )}
      {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
    </section>
  );
}
