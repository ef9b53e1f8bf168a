'use client';
import { v4 } from 'uuid';
import type { PairingWine } from '@rose/core/pairing/dish-fit';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { verdictNames, type Verdict } from '@rose/core/pairing/verdict';
import { dayInWords } from '@rose/core/wine/day';
import { Choice } from '@/ui/choice';
import { useDays } from '@/ui/here';

type Tried = NonNullable<DishDocument['tries']>[number];

/** What was found of a wine with this dish: today’s verdict is given and taken back by one tap, those of other days stand below. */
export function TriedIt({
  dish,
  wine,
  full,
  change,
}: {
  dish: DishDocument;
  wine: PairingWine;
  /** No more tries are kept. */
  full: boolean;
  /** Undefined for who may only read. */
  change: ((next: (d: DishDocument) => DishDocument) => void) | undefined;
}) {
  const days = useDays();
  const on = days.today();
  const tries = (dish.tries ?? []).filter((one) => one.wine.id === wine.id);
  const today = tries.find((one) => one.on === on);
  const before = tries.filter((one) => one !== today);
  const say = (verdict: Verdict | undefined) =>
    change?.((d) => {
      const others = (d.tries ?? []).filter(({ id }) => id !== today?.id);
      if (verdict === undefined) return { ...d, tries: others };
      const found: Tried = {
        id: today?.id ?? v4(),
        wine: {
          id: wine.id,
          name: wine.name,
          loads: wine.loads,
          colour: wine.colour,
          echoes: [...new Set(wine.echoes)],
          ...(wine.fortified === undefined ? {} : { fortified: wine.fortified }),
        },
        parts: d.parts.map(({ id: _, ...part }) => part),
        verdict,
        on,
      };
      return { ...d, tries: [...others, found] };
    });
  if (change === undefined && tries.length === 0) return null;
  return (
    <div style={{ margin: '14px 0' }}>
      {change !== undefined &&
        (full && today === undefined ? (
          <p className="soft">No more tries of this dish are kept.</p>
        ) : (
          <>
            <p style={{ margin: '0 0 6px' }}>Tried it today? Say how it went.</p>
            <Choice<Verdict>
              bare
              name={`tried-${wine.id}`}
              label={`How ${wine.name} went with it today`}
              options={verdictNames}
              value={today?.verdict}
              onChange={say}
            />
          </>
        ))}
      {before.length > 0 && (
        <p className="soft" style={{ marginTop: 8 }}>
          Tried before: {before.map((one) => `${dayInWords(one.on)}, ${verdictNames[one.verdict]}`).join('; ')}.
        </p>
      )}
    </div>
  );
}
