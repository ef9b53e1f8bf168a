'use client';
import type { ReactNode } from 'react';
import { Button } from 'react-aria-components/Button';
import { Dialog, DialogTrigger } from 'react-aria-components/Dialog';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { glossary } from './glossary';
import { overPage, ring } from './looks';

const Word = styled(Button)`
  display: inline;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: help;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  &[data-focus-visible] {
    ${ring}
    border-radius: 4px;
  }
`;
const Over = styled(Popover)`
  max-width: min(340px, calc(100vw - 24px));
  ${overPage}
  padding: 14px 18px;
  font-size: 0.9375rem;
  line-height: 1.45;
  [role='dialog'] {
    outline: none;
  }
  p {
    margin: 0;
  }
`;
/** A word of the field with its one line of explanation a press away. */
export const Explained = ({ word, children }: { word: keyof typeof glossary; children?: ReactNode }) => (
  <DialogTrigger>
    <Word>{children ?? word}</Word>
    <Over>
      <Dialog aria-label={word}>
        <p>{glossary[word]}</p>
      </Dialog>
    </Over>
  </DialogTrigger>
);
