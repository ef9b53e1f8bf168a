'use client';
import type { Stock } from '@rose/core/flight/flight';
import type { TemperatureUnit } from '@rose/core/wine/measure';
import { glassShapes } from '@rose/knowledge/glasses/index';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/select-field';
import { TemperatureField } from '../../ui/measure-field';
import { NumberField } from '../../ui/number-field';

/** Room, fridge, bucket, freezer, hands and glasses. */
export function StockFields({ stock, unit, onChange }: { stock: Stock; unit: TemperatureUnit; onChange: (stock: Stock) => void }) {
  const set = (next: Partial<Stock>) => onChange({ ...stock, ...next });
  const places = (key: 'fridgePlaces' | 'bucketPlaces' | 'freezerPlaces' | 'hands', label: string, what: string, most: number) => (
    <NumberField
      label={label}
      unit={what}
      low={0}
      high={most}
      value={stock[key]}
      onChange={(value) => value !== undefined && set({ [key]: Math.round(value) })}
    />
  );
  const degrees = (key: 'storeC' | 'roomC' | 'fridgeC', label: string, low: number, high: number) => (
    <TemperatureField
      label={label}
      unit={unit}
      low={low}
      high={high}
      value={stock[key]}
      onChange={(value) => value !== undefined && set({ [key]: Math.round(value * 10) / 10 })}
    />
  );
  const missing = glassShapes.filter((shape) => !stock.glasses.some((glass) => glass.shape === shape.id));
  return (
    <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 12, alignItems: 'end' }}>
      {degrees('storeC', 'Where bottles stand', -10, 45)}
      {degrees('roomC', 'The room', -10, 45)}
      {degrees('fridgeC', 'The fridge', -2, 15)}
      {places('fridgePlaces', 'In the fridge', 'bottles', 500)}
      {places('bucketPlaces', 'In ice buckets', 'bottles', 500)}
      {places('freezerPlaces', 'In the freezer', 'bottles', 100)}
      {places('hands', 'Pairs of hands', 'people', 50)}
      {stock.glasses.map((glass) => (
        <NumberField
          key={glass.shape}
          label={glass.name}
          unit={`${glass.volumeMl} mL`}
          low={0}
          high={10_000}
          value={glass.held}
          onChange={(held) =>
            set({
              glasses:
                held === undefined
                  ? stock.glasses.filter((other) => other !== glass)
                  : stock.glasses.map((other) => (other === glass ? { ...glass, held: Math.round(held) } : other)),
            })
          }
        />
      ))}
      {missing.length > 0 && (
        <SelectField
          label="Another glass shape"
          value=""
          empty="choose one"
          onChange={(id) => {
            const shape = glassShapes.find((entry) => entry.id === id);
            if (shape !== undefined) set({ glasses: [...stock.glasses, { shape: shape.id, name: shape.name, volumeMl: shape.volumeMl, held: 12 }] });
          }}
          options={Object.fromEntries(missing.map((shape) => [shape.id, `${shape.name}, ${shape.volumeMl} mL`]))}
        />
      )}
      {stock.glasses.length === 0 && (
        <Button onPress={() => set({ glasses: [{ shape: 'tasting', name: 'tasting glass', volumeMl: 215, held: 24 }] })}>Add tasting glasses</Button>
      )}
    </div>
  );
}
