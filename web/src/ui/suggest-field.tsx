'use client';
import { ComboBox } from 'react-aria-components/ComboBox';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBoxItem } from 'react-aria-components/ListBox';
import { ComboLook } from './combo-look';
import { Hint, type Labelled } from './field';
import { OptionList, Options } from './select-field';

interface Found {
  readonly id: string;
  readonly name: string;
}
/** Free text with completions: what is typed is kept as it stands, and a completion is taken by arrows and Enter, or a press. */
export function SuggestField({
  label,
  hint,
  error,
  placeholder,
  text,
  onText,
  onLeave,
  found,
  onPick,
}: Labelled & {
  placeholder?: string;
  text: string;
  onText: (text: string) => void;
  /** The field was left. */
  onLeave?: () => void;
  found: readonly Found[];
  onPick: (id: string) => void;
}) {
  return (
    <ComboLook>
      <ComboBox
        items={found}
        inputValue={text}
        value={null}
        onInputChange={onText}
        onChange={(key) => key !== null && onPick(String(key))}
        allowsCustomValue
        menuTrigger="input"
        isInvalid={error !== undefined}
      >
        <Label className="label">
          {label}
          <Hint>{hint}</Hint>
        </Label>
        <Input {...(placeholder === undefined ? {} : { placeholder })} {...(onLeave === undefined ? {} : { onBlur: onLeave })} />
        {error !== undefined && <div className="error">{error}</div>}
        <OptionList>
          <Options<Found>>
            {(row) => (
              <ListBoxItem id={row.id} textValue={row.name}>
                {row.name}
              </ListBoxItem>
            )}
          </Options>
        </OptionList>
      </ComboBox>
    </ComboLook>
  );
}
