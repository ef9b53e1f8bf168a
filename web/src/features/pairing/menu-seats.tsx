'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import { keysOf } from '@rose/core/wine/keys';
import { listed } from '@rose/core/wine/plural';
import { diets } from '@rose/knowledge/kitchen/index';
import { dietNames } from './part-names';
import { allergens, type Allergen } from '@rose/knowledge/pairing';
import { BareButton, Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { CheckBoxes } from '@/ui/check-boxes';
import { named } from '@/ui/looks';
import { NumberField } from '@/ui/number-field';
import { SheetOverPage } from '@/ui/sheet';

const List = styled.ul`
  list-style: none;
  margin: 6px 0;
  padding: 0;
  li {
    border-top: 1px solid var(--line);
    padding: 8px 0;
    display: flex;
    gap: 10px;
    align-items: baseline;
    justify-content: space-between;
  }
  span > button {
    ${named}
  }
`;
const Columns = styled.div`
  columns: 3 170px;
  margin: 10px 0;
`;
type Seat = MenuDocument['seats'][number];
const known = <K extends string>(table: Readonly<Record<K, unknown>>, ids: readonly string[]): readonly K[] => keysOf(table).filter((id) => ids.includes(id));
const needsInWords = ({ allergens: without, diets: eats, drinks }: Seat): string => {
  const said = [
    ...known(diets, eats).map((id) => dietNames[id]),
    ...known(allergens, without).map((id) => `no ${allergens[id]}`),
    ...(drinks ? [] : ['no alcohol to drink']),
  ];
  return said.length === 0 ? 'nothing said yet' : listed(said);
};

/** Who must not be given what, seat by seat. */
export function MenuSeats({ menu, mayEdit, change }: { menu: MenuDocument; mayEdit: boolean; change: (next: (m: MenuDocument) => MenuDocument) => void }) {
  const [editing, setEditing] = useState<string | null>(null);
  const seat = menu.seats.find(({ id }) => id === editing);
  const seatIs = (next: (seat: Seat) => Seat) => change((m) => ({ ...m, seats: m.seats.map((one) => (one.id === editing ? next(one) : one)) }));
  const add = () => {
    const taken = new Set(menu.seats.map((one) => one.seat));
    const free = Array.from({ length: menu.guests }, (_, i) => i + 1).find((number) => !taken.has(number));
    if (free === undefined) return;
    const id = v4();
    change((m) => ({ ...m, seats: [...m.seats, { id, seat: free, allergens: [], diets: [], drinks: true }] }));
    setEditing(id);
  };
  return (
    <>
      <h2>Who must not be given something</h2>
      <List>
        {menu.seats
          .toSorted((a, b) => a.seat - b.seat)
          .map((one) => (
            <li key={one.id}>
              <span>
                {mayEdit ? <BareButton onPress={() => setEditing(one.id)}>Seat {one.seat}</BareButton> : `Seat ${one.seat}`}: {needsInWords(one)}
                {one.seat > menu.guests && <span className="soft"> (no such seat: {menu.guests} guests)</span>}
              </span>
              {mayEdit && (
                <Button
                  size="small"
                  label={`Seat ${one.seat}: take away`}
                  onPress={() => change((m) => ({ ...m, seats: m.seats.filter(({ id }) => id !== one.id) }))}
                >
                  Take away
                </Button>
              )}
            </li>
          ))}
      </List>
      <p className="soft">
        No names are kept here, only seats. Ask each guest, and the kitchen, before somebody eats: this list is only as good as the parts of a dish.
      </p>
      {mayEdit && menu.seats.length < menu.guests && (
        <p style={{ marginTop: 8 }}>
          <Button onPress={add}>A seat with needs</Button>
        </p>
      )}
      {seat !== undefined && (
        <SheetOverPage label={`Seat ${seat.seat}`} place="middle" close={() => setEditing(null)}>
          <h2>Seat {seat.seat}</h2>
          <NumberField
            label="Seat"
            unit=""
            value={seat.seat}
            low={1}
            high={menu.guests}
            onChange={(number) => number !== undefined && seatIs((one) => ({ ...one, seat: Math.round(number) }))}
          />
          <Columns>
            <CheckBoxes
              label="Way of eating"
              options={dietNames}
              value={known(diets, seat.diets)}
              onChange={(ids) => seatIs((one) => ({ ...one, diets: [...ids] }))}
            />
          </Columns>
          <Columns>
            <CheckBoxes<Allergen>
              label="Allergens"
              options={allergens}
              value={known(allergens, seat.allergens)}
              onChange={(ids) => seatIs((one) => ({ ...one, allergens: [...ids] }))}
            />
          </Columns>
          <CheckBox checked={!seat.drinks} onChange={(dry) => seatIs((one) => ({ ...one, drinks: !dry }))}>
            drinks no alcohol
          </CheckBox>
          <p style={{ marginTop: 12 }}>
            <Button tone="strong" onPress={() => setEditing(null)}>
              Done
            </Button>
          </p>
        </SheetOverPage>
      )}
    </>
  );
}
