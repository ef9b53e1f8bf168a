'use client';
import type { Stock } from '@rose/core/flight/flight';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import { Button } from '@/ui/button';
import { StockFields } from '@/features/shared-flight/stock-fields';

/** What this evening has to work with: the venue's own, or different for once. */
export function StockForm({
  stock,
  own,
  venue,
  mayEdit,
  onChange,
}: {
  stock: Stock;
  own: boolean;
  venue: VenueFacts;
  mayEdit: boolean;
  onChange: (stock: Stock | null) => void;
}) {
  return (
    <section aria-label="Fridge, bucket, hands">
      <p className="soft">
        {own ? 'Different from the venue’s own, for this evening only. ' : 'The venue’s own, as set in the settings. A change here is for this evening only. '}
        {own && mayEdit && (
          <Button size="small" onPress={() => onChange(null)}>
            Back to the venue’s own
          </Button>
        )}
      </p>
      {mayEdit && <StockFields stock={stock} unit={venue.temperature} onChange={onChange} />}
      {stock.freezerPlaces > 0 && <p>The freezer is only a last way out: set a timer each time, never longer than 45 minutes. A forgotten bottle bursts.</p>}
    </section>
  );
}
