'use client';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Form } from 'react-aria-components/Form';
import type { Act } from './act';
import { Trouble } from './field';

/**
 * The form of an act: what the contract refuses stands beside the field of that name, and the first such field has the focus; what belongs to no field here is
 * said above. What is changed loses its complaint.
 */
export function ActForm({ act, onSubmit, className, children }: { act: Act; onSubmit: () => void; className?: string; children: ReactNode }) {
  const form = useRef<HTMLFormElement>(null);
  const [unplaced, setUnplaced] = useState('');
  const { problem, errors } = act;
  useEffect(() => {
    const names = Object.keys(errors);
    const stray = names.filter((name) => form.current?.querySelector(`[name="${CSS.escape(name)}"]`) == null);
    setUnplaced(problem !== null && (names.length === 0 || stray.length > 0) ? problem.message : '');
    if (names.length > stray.length) form.current?.querySelector<HTMLElement>('input[aria-invalid="true"], textarea[aria-invalid="true"]')?.focus();
  }, [problem, errors]);
  return (
    <Form
      ref={form}
      className={className ?? ''}
      validationBehavior="aria"
      validationErrors={errors}
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
    >
      {unplaced !== '' && <Trouble role="alert">{unplaced}</Trouble>}
      {children}
    </Form>
  );
}
