'use client';
import { ChevronDown } from 'lucide-react';
import { useMemo } from 'react';
import { Button } from 'react-aria-components/Button';
import { ComboBox } from 'react-aria-components/ComboBox';
import { FieldError } from 'react-aria-components/FieldError';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBoxItem } from 'react-aria-components/ListBox';
import { ListLayout, Virtualizer } from 'react-aria-components/Virtualizer';
import styled from 'styled-components';
import { ComboLook } from './combo-look';
import { Hint, type Labelled } from './field';
import { countryNames, currencyNames, zoneNames } from './place-names';
import { OptionList, Options } from './select-field';

/** Hundreds of entries: those in sight are drawn. */
const LongOptions = styled(Options)`
  height: 300px;
  max-height: 50vh;
  overflow: auto;
  [role='option'] {
    height: 44px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
` as typeof Options;
interface Told extends Labelled {
  readonly value: string;
  /** A key of the list, or nothing where the field was emptied. */
  readonly onChange: (value: string) => void;
  /** The field of the contract it is. */
  readonly name?: string;
}

/** One of a long list, found by typing a part of its name or its code. What is typed and found nowhere is not taken. */
function Finder({ label, hint, error, value, onChange, name, names }: Told & { names: () => Readonly<Record<string, string>> }) {
  const rows = useMemo(() => {
    const all = names();
    // What an import brought and no list knows stays what it is.
    const known = value === '' || value in all ? all : { ...all, [value]: value };
    return Object.entries(known).map(([id, name]) => ({ id, text: name === id.replaceAll('_', ' ') ? name : `${name}, ${id}` }));
  }, [names, value]);
  return (
    <ComboLook>
      <ComboBox
        defaultItems={rows}
        value={value === '' ? null : value}
        onChange={(key) => onChange(key === null ? '' : String(key))}
        {...(error === undefined ? {} : { isInvalid: true })}
        {...(name === undefined ? {} : { name })}
        validationBehavior="aria"
        menuTrigger="input"
      >
        <Label className="label">
          {label}
          <Hint>{hint}</Hint>
        </Label>
        <div className="box">
          <Input onFocus={(event) => event.target.select()} />
          <Button>
            <ChevronDown size={16} aria-hidden />
          </Button>
        </div>
        <FieldError className="error">{error}</FieldError>
        <OptionList>
          <Virtualizer layout={ListLayout} layoutOptions={{ rowSize: 44 }}>
            <LongOptions<(typeof rows)[number]>>
              {(row) => (
                <ListBoxItem id={row.id} textValue={row.text}>
                  {row.text}
                </ListBoxItem>
              )}
            </LongOptions>
          </Virtualizer>
        </OptionList>
      </ComboBox>
    </ComboLook>
  );
}
export const CountryField = (told: Told) => <Finder {...told} names={countryNames} />;
export const CurrencyField = (told: Told) => <Finder {...told} names={currencyNames} />;
export const TimeZoneField = (told: Told) => <Finder {...told} names={zoneNames} />;
