'use client';
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
  return { run, busy, problem, errors, of: (field: string) => errors[field] };
}
export type Act = ReturnType<typeof useAct>;
