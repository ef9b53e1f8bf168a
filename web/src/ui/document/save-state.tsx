'use client';
import styled from 'styled-components';
import type { Clash } from '@rose/core/document/merge';
import { Button } from '../button';
import type { OpenDocument } from './use-document';

/** A line that says where what was written is now, with a mark beside the words. */
export const StateLine = styled.span`
  display: inline-flex;
  align-items: baseline;
  gap: 6px;
  font-size: 0.8125rem;
  color: var(--soft);
  &::before {
    content: '';
    width: 8px;
    height: 8px;
    border-radius: 50%;
    align-self: center;
    background: var(--sea);
    flex: none;
  }
  &[data-state='waiting']::before,
  &[data-state='sending']::before {
    background: transparent;
    border: 1.5px solid var(--soft);
  }
  &[data-state='device'],
  &[data-state='refused'],
  &[data-state='unkept'] {
    color: var(--amber);
    &::before {
      background: var(--amber);
      border-radius: 1px;
      transform: rotate(45deg);
    }
  }
`;

/** Where what was written is now, in words. Never a modal. */
export function SaveState<D>({ open }: { open: OpenDocument<D> }) {
  const time = open.savedAt === null ? '' : ` ${open.savedAt.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`;
  const says = {
    saved: open.revision === 0 ? 'Nothing to save yet' : `Saved${time}`,
    waiting: 'On this device, will send',
    sending: 'Sending',
    device: 'On this device, will send when there is a connection',
    refused: open.refusal ?? '',
    unkept: 'Only in this page: the browser keeps nothing. Do not close it.',
  }[open.state];
  return (
    <StateLine data-state={open.state} role="status" aria-live="polite">
      {says}
    </StateLine>
  );
}

const Box = styled.section`
  border-left: 3px solid var(--amber);
  padding: 8px 14px;
  margin: 12px 0;
  font-size: 0.875rem;
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
    display: grid;
    gap: 8px;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
`;

/** Fields that two people changed at once: both values, and a choice. The one on the server stands until then. */
export function Clashes<D>({
  open,
  label,
  show,
}: {
  open: OpenDocument<D>;
  label: (path: readonly string[]) => string;
  show: (value: unknown, path: readonly string[]) => string;
}) {
  if (open.clashes.length === 0) return null;
  const say = (clash: Clash, value: unknown) => (value === undefined ? 'nothing' : show(value, clash.path));
  return (
    <Box aria-label="Changed in two places">
      <strong>Changed in two places at once.</strong> The value of the other stands until you choose.
      <ul>
        {open.clashes.map((clash) => (
          <li key={clash.path.join('/')}>
            <span>{label(clash.path)}:</span>
            <Button size="small" onPress={() => open.settle(clash, 'mine')}>
              {say(clash, clash.mine)} here
            </Button>
            <Button size="small" onPress={() => open.settle(clash, 'theirs')}>
              {say(clash, clash.theirs)} there
            </Button>
          </li>
        ))}
      </ul>
    </Box>
  );
}
