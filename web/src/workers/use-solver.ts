'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { solve } from './solve';
import type { SolverInput, SolverOutput, Solvers } from '@rose/knowledge/solvers/index';

export interface Solving<T> {
  /** Undefined until there is an answer. */
  readonly output: T | undefined;
  /** Share done, 0–1; null when nothing runs. */
  readonly progress: number | null;
  /** A sentence, when it was stopped or broke. */
  readonly trouble: string;
  readonly stop: () => void;
  readonly retry: () => void;
}

/**
 * The answer of a solver, asked again in a worker whenever the question changes; no question, no answer.
 * @param keep the last answer stays in sight while the next is made
 * @param wait milliseconds the question must stand still before it is asked
 */
export function useSolver<K extends keyof Solvers>(
  solver: K,
  input: SolverInput<K> | null,
  { keep = false, wait = 0 }: { keep?: boolean; wait?: number } = {},
): Solving<SolverOutput<K>> {
  const [output, setOutput] = useState<SolverOutput<K> | undefined>(undefined);
  const [progress, setProgress] = useState<number | null>(null);
  const [trouble, setTrouble] = useState('');
  const [asked, setAsked] = useState(0);
  const running = useRef<AbortController>(null);
  const question = input === null ? null : JSON.stringify(input);
  useEffect(() => {
    if (!keep || question === null) setOutput(undefined);
    setTrouble('');
    setProgress(null);
    if (question === null) return;
    let current = true;
    const controller = new AbortController();
    running.current = controller;
    const timer = setTimeout(() => {
      setProgress(0);
      solve(solver, JSON.parse(question) as SolverInput<K>, { signal: controller.signal, onProgress: (share) => current && setProgress(share) })
        .then(
          (found) => current && setOutput(found),
          (error: Error) => current && setTrouble(error.name === 'AbortError' ? 'Stopped before it was done.' : error.message),
        )
        .finally(() => current && setProgress(null));
    }, wait);
    return () => {
      current = false;
      clearTimeout(timer);
      controller.abort();
    };
  }, [solver, question, keep, wait, asked]);
  const stop = useCallback(() => running.current?.abort(), []);
  const retry = useCallback(() => setAsked((n) => n + 1), []);
  return { output, progress, trouble, stop, retry };
}
