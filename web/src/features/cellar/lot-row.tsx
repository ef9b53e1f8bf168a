'use client';
import type { Lot, WineDocument } from '@rose/core/wine/facts';
import { Button } from '@/ui/button';
import type { OpenDocument } from '@/ui/document/use-document';
import { DayField } from '@/ui/date-field';
import { TextField } from '@/ui/field';
import { CurrencyField } from '@/ui/finder-field';
import { NumberField } from '@/ui/number-field';

/** A lot of bottles: size, number, price, merchant. */
export function LotRow({ lot, currency, open }: { lot: Lot; currency: string; open: OpenDocument<WineDocument> }) {
  const set = (next: Partial<Lot>) =>
    open.change(
      (d) => ({
        ...d,
        lots: d.lots.map((entry) =>
          entry.id === lot.id
            ? (Object.fromEntries(Object.entries({ ...entry, ...next }).filter(([, value]) => value !== undefined)) as unknown as Lot)
            : entry,
        ),
      }),
      `lot.${lot.id}`,
    );
  return (
    <div className="lot">
      <NumberField
        label="size"
        unit="mL"
        low={20}
        high={30000}
        value={lot.formatMl}
        onChange={(value) => value !== undefined && set({ formatMl: Math.round(value) })}
      />
      <NumberField label="held" unit="bottles" low={0} high={100000} value={lot.held} onChange={(value) => set({ held: Math.round(value ?? 0) })} />
      <NumberField
        label="price"
        unit="each"
        low={0}
        high={1000000}
        value={lot.priceMinor === undefined ? undefined : lot.priceMinor / 100}
        onChange={(value) =>
          set(
            value === undefined ? { priceMinor: undefined, currency: undefined } : { priceMinor: Math.round(value * 100), currency: lot.currency ?? currency },
          )
        }
      />
      {lot.priceMinor === undefined ? (
        <span />
      ) : (
        <CurrencyField label="currency" value={lot.currency ?? currency} onChange={(value) => value !== '' && set({ currency: value })} />
      )}
      <TextField label="merchant" value={lot.merchant ?? ''} onChange={(value) => set({ merchant: value === '' ? undefined : value })} />
      <DayField label="bought" value={lot.bought ?? ''} onChange={(value) => set({ bought: value === '' ? undefined : value })} />
      <Button size="small" label="Remove these bottles" onPress={() => open.change((d) => ({ ...d, lots: d.lots.filter((entry) => entry.id !== lot.id) }))}>
        ×
      </Button>
    </div>
  );
}
