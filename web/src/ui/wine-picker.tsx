'use client';
import { useEffect, useState } from 'react';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox } from 'react-aria-components/ListBox';
import type { WineSummary } from '@/server/cellar/queries';
import { api } from './api';
import { Picker, PickerItem, PickerList } from './picker';

/** Finds a wine of the cellar by name, maker, grape or place, and hands it on. */
export function WinePicker({ label, taken, onPick }: { label: string; taken: readonly string[]; onPick: (wine: WineSummary) => void }) {
  const [text, setText] = useState('');
  const [found, setFound] = useState<readonly WineSummary[]>([]);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    const controller = new AbortController();
    const timer = setTimeout(
      () =>
        void api<{ items: WineSummary[] }>('GET', '/wines', { query: { q: text, limit: 20 }, signal: controller.signal }).then(
          (page) => {
            setFound(page.items);
            setTrouble('');
          },
          (error: Error) => controller.signal.aborted || setTrouble(error.message),
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
      aria-label={label}
      items={items}
      inputValue={text}
      onInputChange={setText}
      selectedKey={null}
      allowsEmptyCollection
      menuTrigger="focus"
      onSelectionChange={(key) => {
        const picked = found.find((wine) => wine.id === key);
        if (picked === undefined) return;
        onPick(picked);
        setText('');
      }}
    >
      <Label>{label}</Label>
      <Input placeholder="name, maker, grape or place" />
      <PickerList>
        <ListBox<WineSummary>
          renderEmptyState={() => (
            <p style={{ padding: '8px 14px', margin: 0 }}>{trouble === '' ? 'No wine like that in the cellar.' : `The cellar could not be read: ${trouble}`}</p>
          )}
        >
          {(wine) => (
            <PickerItem id={wine.id} textValue={wine.name}>
              {wine.name}
              <small>{[wine.grapes, wine.vintage].filter((part) => part !== '').join(' · ')}</small>
            </PickerItem>
          )}
        </ListBox>
      </PickerList>
    </Picker>
  );
}
