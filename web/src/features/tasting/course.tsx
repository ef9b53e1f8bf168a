'use client';
import styled from 'styled-components';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { minutesAt } from '@rose/core/tasting/run';
import type { Stop } from '@rose/core/tasting/program';
import type { HostState } from '../shared-flight/use-led';

const Line = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 3px;
  li {
    min-width: 0;
    font-size: 0.8125rem;
    color: var(--soft);
  }
  i {
    display: block;
    height: 8px;
    background: var(--line);
    margin-bottom: 4px;
  }
  li[data-is='over'] i {
    background: var(--ink);
  }
  li[data-is='now'] i {
    background: var(--madder);
  }
  span {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: clip;
    display: block;
  }
`;
const short = (stop: Stop): string => {
  switch (stop.kind) {
    case 'pour':
      return placeLetter(stop.place);
    case 'rest':
      return 'pause';
    case 'reveal':
      return '◆';
    default:
      return '';
  }
};
/** Parts of the evening as one line: each wine with its steps, each pause, each reveal. */
function parts(state: HostState) {
  const all: { key: number; label: string; minutes: number; from: number; to: number }[] = [];
  for (const [at, stop] of state.program.entries()) {
    const minutes = minutesAt(state.program, state, at);
    const last = all.at(-1);
    if ((stop.kind === 'step' || stop.kind === 'again') && last !== undefined) {
      last.minutes += minutes;
      last.to = at;
    } else if (stop.kind !== 'end') all.push({ key: at, label: short(stop), minutes, from: at, to: at });
  }
  return all;
}

/** The evening as a line: what is over, what is on, what is to come, each as wide as its minutes. */
export const Course = ({ state }: { state: HostState }) => (
  <Line aria-label="The course of the evening">
    {parts(state).map((part) => (
      <li key={part.key} style={{ flex: part.minutes }} data-is={state.at > part.to ? 'over' : state.at >= part.from ? 'now' : 'later'}>
        <i />
        <span>{part.label}</span>
      </li>
    ))}
  </Line>
);
