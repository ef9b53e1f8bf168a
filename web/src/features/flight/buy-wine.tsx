'use client';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { FlightWineEntry } from '@rose/core/flight/flight';
import { generalStyles } from '@rose/knowledge/styles/index';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';
import { Disclosure } from '@/ui/disclosure';

/** A wine that is not in the cellar yet, by a description and the general style it should have. */
export function BuyWine({ currency, onAdd }: { currency: string; onAdd: (entry: FlightWineEntry) => void }) {
  const [name, setName] = useState('');
  const [style, setStyle] = useState(generalStyles[0]!.id);
  const [merchant, setMerchant] = useState('');
  const [price, setPrice] = useState<number | undefined>(undefined);
  return (
    <Disclosure says={<span className="soft">A wine still to buy</span>}>
      <form
        style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))', gap: 10, alignItems: 'end' }}
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() === '') return;
          onAdd({
            id: v7(),
            buy: {
              name: name.trim(),
              style,
              ...(price === undefined ? {} : { priceMinor: Math.round(price * 100) }),
              ...(merchant.trim() === '' ? {} : { merchant: merchant.trim() }),
            },
          });
          setName('');
          setPrice(undefined);
          setMerchant('');
        }}
      >
        <TextField label="What to look for" value={name} onChange={setName} placeholder="a salty white from an island" />
        <SelectField
          label="In the style of"
          value={style}
          onChange={setStyle}
          options={Object.fromEntries(generalStyles.map((entry) => [entry.id, entry.name]))}
        />
        <NumberField label="Price at most" unit={currency} low={0} high={100_000} value={price} onChange={setPrice} />
        <TextField label="Merchant" value={merchant} onChange={setMerchant} />
        <Button type="submit">Add it</Button>
      </form>
    </Disclosure>
  );
}
