'use client';
import type { ReactNode } from 'react';
import { Dialog } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import styled from 'styled-components';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
`;
const Paper = styled(Modal)`
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
  max-height: calc(100vh - 90px);
  overflow: auto;
  [role='dialog'] {
    outline: none;
  }
  &[data-place='middle'] {
    right: auto;
    left: 50%;
    transform: translateX(-50%);
    width: min(620px, calc(100vw - 24px));
    max-width: none;
  }
  &[data-place='below'] {
    top: auto;
    right: 0;
    left: 0;
    bottom: 0;
    max-width: none;
    border-radius: 18px 18px 0 0;
  }
`;
/** A sheet over the page: the focus stays within until it is closed, and goes back to where it was. Escape or a press beside it closes it. */
export const SheetOverPage = ({
  label,
  place = 'side',
  close,
  children,
}: {
  label: string;
  place?: 'side' | 'middle' | 'below';
  close: () => void;
  children: ReactNode;
}) => (
  <Veil isOpen onOpenChange={close} isDismissable>
    <Paper data-place={place}>
      <Dialog aria-label={label}>{children}</Dialog>
    </Paper>
  </Veil>
);
