'use client';
import styled from 'styled-components';
import { ToggleGroup } from '@/ui/toggle-group';

/** How much of a glass is asked. One record: a change of depth hides questions, it never drops an answer. */
export const depths = { quick: 'Quick', twelve: 'Twelve', guided: 'Guided', full: 'Full' } as const;
export type Depth = keyof typeof depths;
/** The depth this device was last used at; the next glass starts there. */
export function keptDepth(): Depth {
  try {
    const kept = localStorage.getItem('depth');
    return kept !== null && kept in depths ? (kept as Depth) : 'full';
  } catch {
    return 'full';
  }
}
export function keepDepth(depth: Depth): void {
  try {
    localStorage.setItem('depth', depth);
  } catch {
    // Without storage the choice holds for this page.
  }
}

const Room = styled.div`
  margin: 0 0 14px;
`;
export const DepthSwitch = ({ depth, onChange }: { depth: Depth; onChange: (depth: Depth) => void }) => (
  <Room>
    <ToggleGroup label="How much is asked" options={depths} value={depth} onChange={onChange} />
  </Room>
);
