'use client';
import styled from 'styled-components';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import { ToggleGroup } from '@/ui/toggle-group';

/** How much of a glass is asked. One record: a change of depth hides questions, it never drops an answer. */
export const depths = { quick: 'Quick', twelve: 'Twelve', guided: 'Guided', full: 'Full' } as const;
export type Depth = keyof typeof depths;
/** The depth this device was last used at; the next glass starts there. */
export function keptDepth(): Depth {
  const kept = keptOnDevice('depth');
  return kept !== undefined && kept in depths ? (kept as Depth) : 'full';
}
export const keepDepth = (depth: Depth): void => keepOnDevice('depth', depth);

const Room = styled.div`
  margin: 0 0 14px;
`;
export const DepthSwitch = ({ depth, onChange }: { depth: Depth; onChange: (depth: Depth) => void }) => (
  <Room>
    <ToggleGroup label="How much is asked" options={depths} value={depth} onChange={onChange} />
  </Room>
);
