'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { listed } from '@rose/core/wine/plural';
import { allergens, type Allergen, type DishPart } from '@rose/knowledge/pairing';
import { adapt, keepsTo, type Diet } from '@rose/knowledge/kitchen/index';
import { Button } from '@/ui/button';
import { CheckBoxes } from '@/ui/check-boxes';
import { SheetOverPage } from '@/ui/sheet';
import { dietNames, nameOf } from './part-names';

const Columns = styled.div`
  columns: 3 170px;
  margin-bottom: 12px;
`;

/** The dish for a guest who must not be given something: what breaks it, what a cook would put in its place, and what has to be asked. */
export function ForAGuest({
  parts,
  open,
  close,
  onTake,
}: {
  parts: readonly DishPart[];
  open: boolean;
  close: () => void;
  onTake: ((parts: readonly DishPart[]) => void) | undefined;
}) {
  const [without, setWithout] = useState<readonly Allergen[]>([]);
  const [eats, setEats] = useState<readonly Diet[]>([]);
  const needs = { allergens: without, diets: eats };
  const { breaks } = keepsTo(parts, needs);
  const made = adapt(parts, needs);
  if (!open) return null;
  return (
    <SheetOverPage label="For a guest" place="middle" close={close}>
      <h2>For a guest who does not eat…</h2>
      <Columns>
        <CheckBoxes label="Way of eating" options={dietNames} value={eats} onChange={setEats} />
      </Columns>
      <Columns>
        <CheckBoxes label="Allergens" options={allergens} value={without} onChange={setWithout} />
      </Columns>
      <div aria-live="polite">
        {without.length + eats.length === 0 ? null : breaks.length === 0 ? (
          <p>
            <strong>Nothing in these parts is against it.</strong>
          </p>
        ) : made.parts === undefined ? (
          <p>
            <strong>Another dish.</strong> No swap keeps the shape of this one:{' '}
            {listed([...new Set(breaks.map(({ part, why }) => `${nameOf(part)} (${why})`))])}.
          </p>
        ) : (
          <ul>
            {made.swaps.map(({ out, into }) => (
              <li key={out}>
                {into === undefined ? (
                  <>
                    leave out <strong>{nameOf(out)}</strong>
                  </>
                ) : (
                  <>
                    <strong>{nameOf(into)}</strong> instead of {nameOf(out)}
                  </>
                )}
              </li>
            ))}
          </ul>
        )}
        {made.ask.length > 0 && (
          <p>Ask the maker or the kitchen: {listed([...new Set(made.ask.map(({ part, why }) => `${nameOf(part)} may hold ${why}`))])}.</p>
        )}
      </div>
      <p className="soft">
        Only as good as the list of parts: a pan, a board or oil that was used before carries traces. Ask the kitchen before somebody eats.
      </p>
      <div style={{ display: 'flex', gap: 10, marginTop: 12 }}>
        {onTake !== undefined && made.parts !== undefined && made.swaps.length > 0 && (
          <Button
            tone="strong"
            onPress={() => {
              onTake(made.parts!);
              close();
            }}
          >
            Swap them in this dish
          </Button>
        )}
        <Button onPress={close}>Close</Button>
      </div>
    </SheetOverPage>
  );
}
