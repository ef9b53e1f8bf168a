'use client';
import { useState } from 'react';
import { Header } from 'react-aria-components/Header';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxSection } from 'react-aria-components/ListBox';
import { fold } from '@rose/core/wine/text';
import { cooking, ingredients, partKinds, type PartKind } from '@rose/knowledge/pairing';
import { Picker, PickerItem, PickerList } from '@/ui/picker';

const everyPart = [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, kind: partKinds[entry.kind] as string })),
  ...cooking.map((entry) => ({ id: entry.id, name: entry.name, kind: 'Cooking' })),
];
/** Finds a part by a word of its name and hands its id on. */
export function AddPart({ onAdd }: { onAdd: (part: string) => void }) {
  const [text, setText] = useState('');
  const wanted = fold(text);
  const found = everyPart.filter(
    (entry) =>
      wanted === '' ||
      fold(entry.name)
        .split(' ')
        .some((word) => word.startsWith(wanted)) ||
      fold(entry.name).includes(wanted),
  );
  const groups = [...(Object.keys(partKinds) as PartKind[]).map((kind) => partKinds[kind] as string), 'Cooking']
    .map((kind) => ({ kind, items: found.filter((entry) => entry.kind === kind) }))
    .filter((group) => group.items.length > 0);
  return (
    <Picker
      aria-label="Add a part"
      inputValue={text}
      onInputChange={setText}
      selectedKey={null}
      menuTrigger="focus"
      allowsEmptyCollection
      onSelectionChange={(key) => {
        if (key !== null) {
          onAdd(String(key));
          setText('');
        }
      }}
    >
      <Label>Add a part: base, cooking, fat, sauce, seasoning, garnish, side</Label>
      <Input placeholder="octopus, charred on coals, olive oil" />
      <PickerList>
        <ListBox renderEmptyState={() => <p style={{ padding: '8px 14px', margin: 0 }}>No part like that.</p>}>
          {groups.map((group) => (
            <ListBoxSection key={group.kind} id={group.kind}>
              <Header>{group.kind}</Header>
              {group.items.map((entry) => (
                <PickerItem key={entry.id} id={entry.id} textValue={entry.name}>
                  {entry.name}
                </PickerItem>
              ))}
            </ListBoxSection>
          ))}
        </ListBox>
      </PickerList>
    </Picker>
  );
}
