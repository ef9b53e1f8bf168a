'use client';
import styled from 'styled-components';

const White = styled.button`
  position: fixed;
  inset: 0;
  z-index: 100;
  background: #ffffff;
  border: 0;
  cursor: pointer;
  color: #6b6e70;
  font: 400 0.8125rem var(--sans);
  display: flex;
  align-items: flex-end;
  justify-content: center;
  padding: 18px;
`;
/** A full screen of neutral white to look at a glass against. */
export const WhitePage = ({ close }: { close: () => void }) => (
  <White autoFocus onClick={close} aria-label="A white page to look at a glass; press to close">
    hold the glass in front · tap to close
  </White>
);
