'use client';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { Button as Pressable } from 'react-aria-components/Button';
import styled from 'styled-components';
import { ring } from './looks';

const Look = styled(Pressable)`
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 18px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--raised);
  color: var(--ink);
  font: 600 0.9375rem/1.2 var(--sans);
  cursor: pointer;
  &[data-hovered] {
    border-color: var(--soft);
  }
  &[data-focus-visible] {
    ${ring}
  }
`;

/** Takes a file of one's own. The same file, mended, can be chosen again. */
export const FileButton = ({ children, types, onFile }: { children: string; types: readonly string[]; onFile: (file: File) => void }) => (
  <FileTrigger
    acceptedFileTypes={types}
    onSelect={(files) => {
      const file = files?.[0];
      if (file !== undefined) onFile(file);
    }}
  >
    <Look>{children}</Look>
  </FileTrigger>
);
