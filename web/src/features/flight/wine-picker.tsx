'use client';
import { useEffect, useState } from 'react';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox } from 'react-aria-components/ListBox';
import type { WineSummary } from '@/server/cellar/queries';
import { api } from '@/ui/api';
import { Picker, PickerItem, PickerList } from '@/ui/picker';

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
      <PickerList>
        <ListBox<WineSummary> renderEmptyState={() => <p style={{ padding: '8px 14px', margin: 0 }}>No wine like that in the cellar.</p>}>
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
