'use client';
import { useState } from 'react';
import { ComboBox } from 'react-aria-components/ComboBox';
import { Header } from 'react-aria-components/Header';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem, ListBoxSection } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { fold } from '@rose/core/wine/text';
import { cooking, ingredients, partKinds, type PartKind } from '@rose/knowledge/pairing';

const Picker = styled(ComboBox)`
  display: grid;
  gap: 4px;
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
const Drop = styled(Popover)`
  width: var(--trigger-width);
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  overflow: auto;
  max-height: 340px;
  header {
    padding: 10px 14px 2px;
    font-size: 12.5px;
    color: var(--soft);
  }
`;
const Item = styled(ListBoxItem)`
  padding: 8px 14px;
  cursor: pointer;
  outline: none;
  min-height: 38px;
  &[data-focused] {
    background: var(--sunk);
  }
`;

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
      <Drop>
        <ListBox renderEmptyState={() => <p style={{ padding: '8px 14px', margin: 0 }}>No part like that.</p>}>
          {groups.map((group) => (
            <ListBoxSection key={group.kind} id={group.kind}>
              <Header>{group.kind}</Header>
              {group.items.map((entry) => (
                <Item key={entry.id} id={entry.id} textValue={entry.name}>
                  {entry.name}
                </Item>
              ))}
            </ListBoxSection>
          ))}
        </ListBox>
      </Drop>
    </Picker>
  );
}
