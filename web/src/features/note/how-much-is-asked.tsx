'use client';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import { ToggleButtonGroup } from 'react-aria-components/ToggleButtonGroup';
import styled from 'styled-components';

/** How much of a glass is asked. One record: a change of depth hides questions, it never drops an answer. */
export const depths = { quick: 'Quick', guided: 'Guided', full: 'Full' } as const;
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

const Switch = styled(ToggleButtonGroup)`
  display: inline-flex;
  border: 1px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
  margin: 0 0 14px;
  button {
    border: 0;
    background: none;
    min-height: 44px;
    padding: 0 16px;
    cursor: pointer;
    color: var(--soft);
    font-size: 0.875rem;
  }
  button + button {
    border-left: 1px solid var(--line);
  }
  button[data-selected] {
    color: var(--ink);
    font-weight: 650;
    background: var(--sunk);
  }
`;

export function DepthSwitch({ depth, onChange }: { depth: Depth; onChange: (depth: Depth) => void }) {
  return (
    <Switch aria-label="How much is asked" disallowEmptySelection selectedKeys={[depth]} onSelectionChange={(keys) => onChange([...keys][0] as Depth)}>
      {(Object.keys(depths) as Depth[]).map((entry) => (
        <ToggleButton key={entry} id={entry}>
          {depths[entry]}
        </ToggleButton>
      ))}
    </Switch>
  );
}
