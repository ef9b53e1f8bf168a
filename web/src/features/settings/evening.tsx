'use client';
import { StockFields } from '@/features/shared-flight/stock-fields';
import { useMay } from '@/ui/here';
import { NumberField } from '@/ui/number-field';
import { Probes } from './probes';
import { SettingsPage } from './settings-page';
import { useVenue, type Who } from './use-venue';
import { VenueState } from './venue-state';

const bought = [
  ['bread', 'Bread', 'a kg'],
  ['cheese', 'Cheese', 'a kg'],
  ['water', 'Water', 'a litre'],
  ['ice', 'Ice', 'a kg'],
] as const;

/** What there is for an evening: cold, hands, glasses, what is bought for the table, and how fast the venue's own fridge cools. */
export function EveningSettingsPage({ who }: { who: Who }) {
  const mayEdit = useMay('venue.edit');
  const mayKeepProbes = useMay('probe.edit');
  const edited = useVenue(who, mayEdit);
  const { venue, change } = edited;
  return (
    <SettingsPage says="What there is for every evening; a flight can have its own" state={<VenueState edited={edited} mayEdit={mayEdit} />}>
      <section>
        <h2>Cold, hands and glasses</h2>
        <fieldset disabled={!mayEdit}>
          <StockFields stock={venue.stock} unit={venue.temperature} onChange={(stock) => change({ stock })} />
        </fieldset>
      </section>
      <section>
        <h2>What it costs</h2>
        <fieldset disabled={!mayEdit}>
          <div className="fields">
            {bought.map(([part, label, of]) => (
              <NumberField
                key={part}
                label={label}
                unit={`${venue.currency} ${of}`}
                low={0}
                high={10_000}
                step={0.5}
                value={venue.prices[part] / 100}
                onChange={(value) => value !== undefined && change({ prices: { ...venue.prices, [part]: Math.round(value * 100) } })}
              />
            ))}
          </div>
        </fieldset>
      </section>
      <Probes unit={venue.temperature} stock={venue.stock} mayEdit={mayKeepProbes} />
    </SettingsPage>
  );
}
