import { useEffect } from 'react';

/** Kinds of input that take no letters. */
const noLetters = ['radio', 'checkbox', 'range', 'button'];
/** Whether a key pressed here writes something. */
export function takesLetters(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !noLetters.includes(target.type);
  return target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName);
}
/** A single key pressed while no field takes letters and no sheet lies over the page. */
export function useKey(on: (key: string, event: KeyboardEvent) => void): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (takesLetters(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      on(event.key, event);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}
