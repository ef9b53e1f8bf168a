'use client';
import type { ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components/Tabs';
import styled from 'styled-components';

const Strip = styled(TabList)`
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
  border-bottom: 1px solid var(--line);
  margin-bottom: 16px;
  [role='tab'] {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    color: var(--soft);
    cursor: pointer;
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
    outline: none;
  }
  [role='tab'][data-hovered] {
    color: var(--ink);
  }
  [role='tab'][data-selected] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--madder);
  }
  [role='tab'][data-focus-visible] {
    outline: 2px solid var(--madder);
    outline-offset: -2px;
    border-radius: 6px;
  }
  @media print {
    display: none;
  }
`;
/** Parts of one page, one of them in sight. */
export function PageTabs<K extends string>({
  label,
  names,
  at,
  go,
  children,
}: {
  label: string;
  names: Readonly<Record<K, string>>;
  at: K;
  go: (to: K) => void;
  children: ReactNode;
}) {
  return (
    <Tabs selectedKey={at} onSelectionChange={(key) => go(String(key) as K)}>
      <Strip aria-label={label}>
        {Object.entries<string>(names).map(([id, name]) => (
          <Tab key={id} id={id}>
            {name}
          </Tab>
        ))}
      </Strip>
      <TabPanel id={at}>{children}</TabPanel>
    </Tabs>
  );
}
