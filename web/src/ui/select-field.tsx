'use client';
import { ChevronDown } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import { Label } from 'react-aria-components/Label';
import { ListBox as Options, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select, SelectValue } from 'react-aria-components/Select';
import styled from 'styled-components';
import { Hint, type Labelled } from './field';
import { labelled, overPage, ring, rowOver, writtenInto } from './looks';

const Wrap = styled(Select)`
  display: grid;
  gap: 4px;
  min-width: 0;
  ${labelled}
` as typeof Select;
const Trigger = styled(Button)`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  ${writtenInto}
  color: var(--ink);
  font: inherit;
  text-align: start;
  cursor: pointer;
  > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  &[data-focus-visible] {
    ${ring}
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  svg {
    flex: none;
    color: var(--soft);
  }
`;
/** The list a field opens, over the page. */
export const OptionList = styled(Popover)`
  min-width: var(--trigger-width);
  max-width: min(480px, calc(100vw - 24px));
  overflow: auto;
  ${overPage}
  padding: 6px;
  [role='option'] {
    ${rowOver}
  }
  [role='option'][data-selected] {
    font-weight: 650;
  }
`;

export { Options };
/** No option: the key of what `empty` says. */
const none = '';

/** One of a list that opens. Nothing chosen stays nothing where `empty` says what that means. */
export function SelectField<K extends string, E extends string | undefined = undefined>({
  label,
  hint,
  error,
  value,
  onChange,
  options,
  empty,
  hideLabel,
}: Labelled & {
  hideLabel?: boolean;
  value: NoInfer<K> | '';
  /** Only what stands among the options, or nothing where `empty` says what that is. */
  onChange: (value: E extends string ? K | '' : K) => void;
  options: Readonly<Partial<Record<K, string>>>;
  empty?: E;
}) {
  const rows = [...(empty === undefined ? [] : [[none, empty] as const]), ...Object.entries<string | undefined>(options)];
  return (
    <Wrap
      {...(hideLabel === true ? { 'aria-label': label } : {})}
      value={value}
      isInvalid={error !== undefined}
      onChange={(key) => onChange(String(key) as K)}
      placeholder="choose"
    >
      {hideLabel !== true && (
        <Label className="label">
          {label}
          <Hint>{hint}</Hint>
        </Label>
      )}
      <Trigger>
        <SelectValue />
        <ChevronDown size={16} aria-hidden />
      </Trigger>
      {error !== undefined && <div className="error">{error}</div>}
      <OptionList>
        <Options>
          {rows.map(([key, word]) => (
            <ListBoxItem key={key} id={key} textValue={word ?? key}>
              {word}
            </ListBoxItem>
          ))}
        </Options>
      </OptionList>
    </Wrap>
  );
}
