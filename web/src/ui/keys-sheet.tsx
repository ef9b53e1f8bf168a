'use client';
import { Dialog } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import styled from 'styled-components';
import { Button, Key } from './button';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
`;
const Sheet = styled(Modal)`
  position: fixed;
  right: 18px;
  top: 64px;
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 14px;
  padding: 18px 22px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  min-width: 220px;
  max-width: min(360px, calc(100vw - 36px));
  [role='dialog'] {
    outline: none;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 7px 16px;
    margin: 10px 0 0;
    font-size: 0.875rem;
    align-items: center;
  }
  dt,
  dd {
    margin: 0;
  }
`;
/** The keys of a page, over it: the focus stays within until it is closed, and goes back to where it was. */
export const KeysSheet = ({ keys, close }: { keys: Readonly<Record<string, string>>; close: () => void }) => (
  <Veil isOpen onOpenChange={close} isDismissable>
    <Sheet>
      <Dialog aria-label="Keys">
        <h3>Keys</h3>
        <dl>
          {Object.entries({ ...keys, w: 'white page', '?': 'this list', esc: 'close' }).map(([key, does]) => (
            <div key={key} style={{ display: 'contents' }}>
              <dt>
                <Key>{key}</Key>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        <div style={{ marginTop: 14 }}>
          <Button size="small" onPress={close}>
            Close
          </Button>
        </div>
      </Dialog>
    </Sheet>
  </Veil>
);
