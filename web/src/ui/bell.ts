'use client';
import { useEffect, useState } from 'react';

/** Two strokes of a small bell; silent where a browser lets no page sound before it was touched. */
function strike(): void {
  try {
    const audio = new AudioContext();
    for (const [at, pitch] of [
      [0, 1320],
      [0.35, 990],
    ] as const) {
      const [tone, loudness] = [audio.createOscillator(), audio.createGain()];
      tone.frequency.value = pitch;
      loudness.gain.setValueAtTime(0.25, audio.currentTime + at);
      loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 1.2);
      tone.connect(loudness).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 1.3);
    }
    setTimeout(() => void audio.close(), 2_500);
  } catch {
    // The line on the page says it too.
  }
}

/** Browsers hold no timer longer than this; the page looks again then. */
const longest = 3_600_000;
/** The time, as it is at each of these instants and not between; a bell is struck at each that comes while the page is open. */
export function useBell(dues: readonly string[]): number {
  const [now, setNow] = useState(() => Date.now());
  const next = dues.map((due) => Date.parse(due)).filter((due) => due > now);
  const soonest = next.length === 0 ? undefined : Math.min(...next);
  useEffect(() => {
    if (soonest === undefined) return;
    const wait = soonest - Date.now();
    const timer = setTimeout(
      () => {
        if (wait <= longest) strike();
        setNow(Date.now());
      },
      Math.max(0, Math.min(wait, longest)),
    );
    return () => clearTimeout(timer);
  }, [soonest, now]);
  return now;
}
