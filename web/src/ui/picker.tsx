'use client';
import { ComboBox } from 'react-aria-components/ComboBox';
import { ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';

/** A field that finds something by typing: the box, its list and an item of it. */
export const Picker = styled(ComboBox)`
  display: grid;
  gap: 4px;
  max-width: 560px;
  label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
  input {
    min-height: 46px;
    width: 100%;
    padding: 8px 14px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
` as typeof ComboBox;
export const PickerList = styled(Popover)`
  /* The library hides a list until it has found its place, and on a phone it sometimes never says that it has: it is shown where it is. */
  opacity: 1 !important;
  clip: auto !important;
  clip-path: none !important;
  mask-image: none !important;
  width: var(--trigger-width);
  max-height: 340px;
  overflow: auto;
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  header {
    padding: 10px 14px 2px;
    font-size: 0.78125rem;
    color: var(--soft);
  }
`;
export const PickerItem = styled(ListBoxItem)`
  padding: 9px 14px;
  min-height: 40px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--sunk);
  }
  small {
    color: var(--soft);
    margin-left: 8px;
  }
`;
