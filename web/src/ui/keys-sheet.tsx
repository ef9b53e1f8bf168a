'use client';
import styled from 'styled-components';
import { Button, Key } from './button';
import { SheetOverPage } from './sheet';

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 7px 16px;
  margin: 10px 0 14px;
  font-size: 0.875rem;
  align-items: center;
  div {
    display: contents;
  }
  dt,
  dd {
    margin: 0;
  }
`;
/** The keys of a page, over it. */
export const KeysSheet = ({ keys, close }: { keys: Readonly<Record<string, string>>; close: () => void }) => (
  <SheetOverPage label="Keys" close={close}>
    <h3>Keys</h3>
    <List>
      {Object.entries({ ...keys, g: 'go to anything', 'ctrl z': 'undo', w: 'white page', '?': 'this list', esc: 'close' }).map(([key, does]) => (
        <div key={key}>
          <dt>
            <Key>{key}</Key>
          </dt>
          <dd>{does}</dd>
        </div>
      ))}
    </List>
    <Button size="small" onPress={close}>
      Close
    </Button>
  </SheetOverPage>
);
