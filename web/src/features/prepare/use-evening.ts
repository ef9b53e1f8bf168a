'use client';
import { useEffect, useState } from 'react';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { EveningInput, VenueFacts } from '@rose/knowledge/evening/evening';
import type { Moment, WholeEvening } from '@rose/knowledge/evening/whole';
import { solve } from '@/workers/solve';

/** Plans the evening in a worker whenever something it depends on changes; the last plan stays in sight while the next is made. */
export function useEvening(flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, moment: Moment) {
  const [whole, setWhole] = useState<WholeEvening | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [trouble, setTrouble] = useState('');
  const [again, setAgain] = useState(0);
  const question = JSON.stringify({ flight: { ...flight, checks: {}, remark: '', goals: [] }, wines, venue, moment });
  useEffect(() => {
    const controller = new AbortController();
    const input = JSON.parse(question) as { flight: FlightDocument; wines: EveningInput[]; venue: VenueFacts; moment: Moment };
    setProgress(0);
    setTrouble('');
    solve('evening', input, { signal: controller.signal, onProgress: setProgress })
      .then(setWhole, (error: Error) => error.name !== 'AbortError' && setTrouble(`${error.message} What you see is the plan before.`))
      .finally(() => setProgress(null));
    return () => controller.abort();
  }, [question, again]);
  return { whole, progress, trouble, retry: () => setAgain((n) => n + 1) };
}
