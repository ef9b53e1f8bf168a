'use client';
import { useRef, type ReactNode } from 'react';
import { mergeProps } from 'react-aria/mergeProps';
import { useFocusRing } from 'react-aria/useFocusRing';
import { useTab, useTabList, useTabPanel } from 'react-aria/useTabList';
import { Item } from 'react-stately/Item';
import { useTabListState, type TabListState } from 'react-stately/useTabListState';
import styled from 'styled-components';

interface OneTab<K extends string> {
  readonly id: K;
  readonly shows: ReactNode;
}
type Strip = TabListState<OneTab<string>>;

/** Tabs over what one of them shows; how the strip looks is its place's own. */
export function TabsOver<K extends string>({
  label,
  tabs,
  at,
  go,
  className,
  children,
}: {
  label: string;
  tabs: readonly OneTab<K>[];
  at: K;
  go: (to: K) => void;
  className?: string;
  children: ReactNode;
}) {
  const said = {
    'aria-label': label,
    items: tabs,
    selectedKey: at,
    // Only the keys of the tabs can be chosen.
    onSelectionChange: (key: string | number) => go(String(key) as K),
    children: (tab: OneTab<K>) => (
      <Item key={tab.id} textValue={tab.id}>
        {tab.shows}
      </Item>
    ),
  };
  const state = useTabListState<OneTab<K>>(said);
  const ref = useRef<HTMLDivElement>(null);
  const { tabListProps } = useTabList(said, state, ref);
  return (
    <>
      <div {...tabListProps} ref={ref} className={className}>
        {[...state.collection].map((entry) => (
          <Tab key={entry.key} id={entry.key} state={state as unknown as Strip}>
            {entry.rendered}
          </Tab>
        ))}
      </div>
      <Panel key={at} state={state as unknown as Strip}>
        {children}
      </Panel>
    </>
  );
}
function Tab({ id, state, children }: { id: string | number; state: Strip; children: ReactNode }) {
  const ref = useRef<HTMLDivElement>(null);
  const { tabProps, isSelected } = useTab({ key: id }, state, ref);
  const { focusProps, isFocusVisible } = useFocusRing();
  return (
    <div {...mergeProps(tabProps, focusProps)} ref={ref} data-selected={isSelected || undefined} data-focus-visible={isFocusVisible || undefined}>
      {children}
    </div>
  );
}
function Panel({ state, children }: { state: Strip; children: ReactNode }) {
  const ref = useRef<HTMLDivElement>(null);
  const { tabPanelProps } = useTabPanel({}, state, ref);
  return (
    <div {...tabPanelProps} ref={ref}>
      {children}
    </div>
  );
}

const Line = styled.div`
  > [role='tablist'] {
    display: flex;
    flex-wrap: wrap;
    gap: 0 22px;
    border-bottom: 1px solid var(--line);
    margin-bottom: 16px;
  }
  > [role='tablist'] > [role='tab'] {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    color: var(--soft);
    cursor: pointer;
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
    outline: none;
  }
  > [role='tablist'] > [role='tab']:hover {
    color: var(--ink);
  }
  > [role='tablist'] > [role='tab'][data-selected] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--madder);
  }
  > [role='tablist'] > [role='tab'][data-focus-visible] {
    outline: 2px solid var(--madder);
    outline-offset: -2px;
    border-radius: 6px;
  }
  > [role='tabpanel'] {
    outline: none;
  }
  @media print {
    > [role='tablist'] {
      display: none;
    }
  }
`;
/** Parts of one page, one of them in sight. */
export const PageTabs = <K extends string>({
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
}) => (
  <Line>
    <TabsOver label={label} tabs={(Object.keys(names) as K[]).map((id) => ({ id, shows: names[id] }))} at={at} go={go}>
      {children}
    </TabsOver>
  </Line>
);
