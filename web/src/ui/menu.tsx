'use client';
import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from 'react-aria-components/Button';
import { Menu, MenuItem, MenuTrigger, SubmenuTrigger } from 'react-aria-components/Menu';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { overPage, ring, rowOver } from './looks';

const Trigger = styled(Button)`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-height: 36px;
  min-width: 36px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 18px;
  background: var(--raised);
  color: var(--ink);
  font: 500 0.875rem/1.2 var(--sans);
  cursor: pointer;
  &[data-quiet] {
    border-color: transparent;
    background: transparent;
    color: var(--soft);
    min-width: 0;
    padding: 0 4px;
    font-size: 0.78125rem;
  }
  &[data-hovered] {
    border-color: var(--soft);
  }
  &[data-focus-visible] {
    ${ring}
  }
  @media (pointer: coarse) {
    min-height: 44px;
    min-width: 44px;
  }
`;
const Over = styled(Popover)`
  min-width: 190px;
  max-width: min(360px, calc(100vw - 24px));
  overflow: auto;
  ${overPage}
  padding: 6px;
`;
const Entry = styled(MenuItem)`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 14px;
  ${rowOver}
  color: inherit;
  text-decoration: none;
  font-size: 0.9375rem;
  &[data-disabled] {
    color: var(--faint);
    cursor: default;
  }
  &[data-danger] {
    color: var(--madder);
  }
`;
export interface MenuEntry {
  readonly id: string;
  readonly says: string;
  /** What choosing it does; an entry with entries of its own opens those. */
  readonly does?: () => void;
  readonly of?: readonly MenuEntry[];
  /** A file it fetches. */
  readonly fetches?: string;
  readonly off?: boolean;
  readonly danger?: boolean;
}
const Entries = ({ entries, label }: { entries: readonly MenuEntry[]; label: string }) => (
  <Menu aria-label={label}>
    {entries.map(({ id, says, does, of, off, danger, fetches }) =>
      of === undefined ? (
        <Entry
          key={id}
          id={id}
          textValue={says}
          isDisabled={off === true}
          data-danger={danger || undefined}
          {...(does === undefined ? {} : { onAction: does })}
          {...(fetches === undefined ? {} : { href: fetches, download: true })}
        >
          {says}
        </Entry>
      ) : (
        <SubmenuTrigger key={id}>
          <Entry id={id} textValue={says} isDisabled={of.length === 0}>
            {says}
            <ChevronRight size={15} aria-hidden />
          </Entry>
          <Over>
            <Entries entries={of} label={says} />
          </Over>
        </SubmenuTrigger>
      ),
    )}
  </Menu>
);
/** A button that opens a list of acts. */
export const MenuButton = ({
  label,
  children,
  entries,
  quiet = false,
}: {
  label: string;
  children: ReactNode;
  entries: readonly MenuEntry[];
  /** Among words, without a frame of its own. */
  quiet?: boolean;
}) => (
  <MenuTrigger>
    <Trigger aria-label={label} data-quiet={quiet || undefined}>
      {children}
    </Trigger>
    <Over placement="bottom end">
      <Entries entries={entries} label={label} />
    </Over>
  </MenuTrigger>
);
