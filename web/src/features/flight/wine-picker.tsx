'use client';
import { useEffect, useState } from 'react';
import { ComboBox } from 'react-aria-components/ComboBox';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import type { WineSummary } from '@/server/cellar/queries';
import { api } from '@/ui/api';

const Picker = styled(ComboBox)`
  display: grid;
  gap: 4px;
  max-width: 520px;
  label {
    font-size: 13px;
    color: var(--soft);
  }
  input {
    min-height: 44px;
    width: 100%;
    padding: 8px 12px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
`;
const Choices = styled(Popover)`
  width: var(--trigger-width);
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  overflow: auto;
  max-height: 320px;
`;
const ChoiceItem = styled(ListBoxItem)`
  padding: 9px 14px;
  cursor: pointer;
  outline: none;
  min-height: 40px;
  &[data-focused] {
    background: var(--sunk);
  }
  small {
    color: var(--soft);
    margin-left: 8px;
  }
`;

/** Finds a wine of the cellar by name, maker, grape or place, and hands its id on. */
export function WinePicker({ taken, onPick }: { taken: readonly string[]; onPick: (id: string) => void }) {
  const [text, setText] = useState('');
  const [found, setFound] = useState<readonly WineSummary[]>([]);
  useEffect(() => {
    const controller = new AbortController();
    const timer = setTimeout(
      () =>
        void api<{ items: WineSummary[] }>('GET', '/wines', { query: { q: text, limit: 20 }, signal: controller.signal }).then(
          (page) => setFound(page.items),
          () => undefined,
        ),
      150,
    );
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [text]);
  const items = found.filter((wine) => !taken.includes(wine.id));
  return (
    <Picker
      aria-label="Add a wine"
      items={items}
      inputValue={text}
      onInputChange={setText}
      selectedKey={null}
      allowsEmptyCollection
      menuTrigger="focus"
      onSelectionChange={(key) => {
        if (key === null) return;
        onPick(String(key));
        setText('');
      }}
    >
      <Label>Add a wine from the cellar</Label>
      <Input placeholder="name, maker, grape or place" />
      <Choices>
        <ListBox<WineSummary> renderEmptyState={() => <p style={{ padding: '8px 14px', margin: 0 }}>No wine like that in the cellar.</p>}>
          {(wine) => (
            <ChoiceItem id={wine.id} textValue={wine.name}>
              {wine.name}
              <small>{[wine.grapes, wine.vintage].filter((part) => part !== '').join(' · ')}</small>
            </ChoiceItem>
          )}
        </ListBox>
      </Choices>
    </Picker>
  );
}
