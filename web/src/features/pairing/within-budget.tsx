'use client';
import { pourings, type Pouring } from '@rose/core/menu/menu-document';
import { counted } from '@rose/core/wine/plural';
import { NumberField } from '@/ui/number-field';
import { SelectField } from '@/ui/select-field';
import type { Budget } from './budget';

/** How a wine is poured, and the most it may cost so. */
export function WithinBudget({
  budget,
  currency,
  dearer,
  unpriced,
  onChange,
}: {
  budget: Budget;
  currency: string;
  dearer: number;
  unpriced: number;
  onChange: (budget: Budget) => void;
}) {
  const out = [...(dearer === 0 ? [] : [`${counted(dearer, 'dearer one')}`]), ...(unpriced === 0 ? [] : [`${counted(unpriced, 'wine')} without a price`])];
  return (
    <>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, marginTop: 10 }}>
        <div style={{ flex: '1 1 140px' }}>
          <SelectField<Pouring> label="Poured" value={budget.by} options={pourings} onChange={(by) => onChange({ ...budget, by })} />
        </div>
        <div style={{ flex: '1 1 140px' }}>
          <NumberField
            label={budget.by === 'glass' ? `At most, a glass of ${budget.pourMl} mL` : 'At most, a bottle'}
            unit={currency}
            low={0}
            high={100_000}
            value={budget.most === undefined ? undefined : budget.most / 100}
            onChange={(most) => onChange({ ...budget, most: most === undefined ? undefined : Math.round(most * 100) })}
          />
        </div>
      </div>
      {out.length > 0 && <p className="soft">Left out: {out.join(', ')}.</p>}
    </>
  );
}
