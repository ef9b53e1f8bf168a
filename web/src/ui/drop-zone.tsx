'use client';
import type { ReactNode } from 'react';
import { DropZone as Aria, type DropZoneProps } from 'react-aria-components/DropZone';
import { Text } from 'react-aria-components/Text';
import styled from 'styled-components';
import { FileButton } from './file-button';

const Zone = styled(Aria)`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding: 20px 22px;
  border: 1.5px dashed var(--soft);
  border-radius: 14px;
  color: var(--soft);
  outline: none;
  &[data-drop-target],
  &[data-focus-visible] {
    border-color: var(--madder);
    background: var(--raised);
  }
`;
/** A file dropped here, pasted here, or chosen. */
export function DropZone({ label, types, onFile, children }: { label: string; types: readonly string[]; onFile: (file: File) => void; children: ReactNode }) {
  const dropped: NonNullable<DropZoneProps['onDrop']> = (event) => {
    const item = event.items.find((entry) => entry.kind === 'file');
    if (item?.kind === 'file') void item.getFile().then(onFile);
  };
  return (
    <Zone onDrop={dropped}>
      <FileButton types={types} onFile={onFile}>
        {label}
      </FileButton>
      <Text slot="label">{children}</Text>
    </Zone>
  );
}
