'use client';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { ApiProblem } from './api';

/** One act: a form, one POST, errors beside their fields. The other way to save. */
export function useAct() {
  const [problem, setProblem] = useState<ApiProblem | Error | null>(null);
  const [busy, setBusy] = useState(false);
  const run = async (act: () => Promise<unknown>) => {
    setBusy(true);
    setProblem(null);
    try {
      await act();
      return true;
    } catch (error) {
      setProblem(error as Error);
      return false;
    } finally {
      setBusy(false);
    }
  };
  const errors = useMemo(() => (problem instanceof ApiProblem ? problem.byField() : {}), [problem]);
  return { run, busy, problem, errors };
}
/** An act after which the page is read anew. */
export function useActAndRead() {
  const router = useRouter();
  const act = useAct();
  const run = async (does: () => Promise<unknown>) => {
    const done = await act.run(does);
    if (done) router.refresh();
    return done;
  };
  return { ...act, run };
}
export type Act = ReturnType<typeof useAct>;
