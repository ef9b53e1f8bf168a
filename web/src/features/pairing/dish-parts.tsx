'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { dishAxisLabel, plateAxes } from '@rose/core/pairing/dish';
import { signed } from '@rose/core/wine/search-folding';
import { alternatives, cooking, ingredient, wayOfCooking, type ComposedDish } from '@rose/knowledge/pairing';
import { BareButton, Button } from '@/ui/button';
import { BareField } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { kindOf, nameOf } from './part-names';

const Parts = styled.ul`
  list-style: none;
  margin: 10px 0 14px;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    border-bottom: 1px solid var(--line);
  }
  .row {
    display: grid;
    grid-template-columns: 82px minmax(0, 1fr) 92px;
    gap: 10px;
    align-items: center;
    padding: 4px 0;
  }
  .kind {
    color: var(--soft);
    font-size: 0.875rem;
  }
  button.name {
    all: unset;
    cursor: pointer;
    font-weight: 650;
    padding: 9px 0;
  }
  button.name:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  input {
    width: 64px;
    min-height: 40px;
    text-align: right;
    border: 1px solid transparent;
    border-radius: 8px;
    background: transparent;
    padding: 0 6px;
  }
  input:hover,
  input:focus {
    border-color: var(--line);
    background: var(--raised);
  }
  .open {
    border: 1px solid var(--madder);
    border-radius: 12px;
    padding: 4px 12px 12px;
    margin: 4px -12px;
  }
  .swaps {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 6px;
  }
  .shift {
    font-size: 0.8125rem;
    color: var(--soft);
  }
`;
const ways = Object.fromEntries(cooking.map(({ id, name }) => [id, name]));
/** A row with a way of cooking of its own, or with none for ''. */
function cookedBy({ cooked: _, ...row }: DishDocument['parts'][number], way: string): DishDocument['parts'][number] {
  return way === '' ? row : { ...row, cooked: [way] };
}
type Change = (next: (dish: DishDocument) => DishDocument, field?: string) => void;

/** The parts of a dish with their grams; each opens to say how it moves the plate and what could stand in for it. */
export function DishParts({ dish, shares, mayEdit, change }: { dish: DishDocument; shares: ComposedDish['shares']; mayEdit: boolean; change: Change }) {
  const [openPart, setOpenPart] = useState<string | null>(null);
  const put = (rowId: string, part: string) =>
    change((d) => ({
      ...d,
      parts: d.parts.map((row) => (row.id === rowId ? { id: rowId, part, ...(row.cooked === undefined ? {} : { cooked: row.cooked }) } : row)),
    }));
  return (
    <Parts>
      {dish.parts.map((row, at) => {
        const found = ingredient(row.part);
        const gives = shares.find((entry) => entry.at === at)?.gives ?? wayOfCooking(row.part)?.adds;
        const moved =
          gives === undefined
            ? []
            : plateAxes
                .map((axis) => ({ axis, by: gives[axis] ?? 0 }))
                .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
                .filter((entry) => Math.abs(entry.by) >= 3)
                .slice(0, 3);
        return (
          <li key={row.id}>
            <div className={row.id === openPart ? 'open' : ''}>
              <div className="row">
                <span className="kind">{kindOf(row.part)}</span>
                <BareButton className="name" expanded={row.id === openPart} onPress={() => setOpenPart(row.id === openPart ? null : row.id)}>
                  {nameOf(row.part)}
                </BareButton>
                {found === undefined ? (
                  <span />
                ) : (
                  <label>
                    <BareField
                      inputMode="numeric"
                      label={`${found.name}, grams a guest`}
                      value={String(row.grams ?? found.portion)}
                      readOnly={!mayEdit}
                      onChange={(text) => {
                        const grams = Number(text.replace(/[^0-9.]/g, ''));
                        if (Number.isFinite(grams) && grams <= 2000)
                          change((d) => ({ ...d, parts: d.parts.map((entry) => (entry.id === row.id ? { ...entry, grams } : entry)) }), `grams.${row.id}`);
                      }}
                    />{' '}
                    g
                  </label>
                )}
              </div>
              {row.id === openPart && (
                <>
                  <div className="shift">
                    {moved.length === 0 ? 'moves the plate little' : moved.map((entry) => `${dishAxisLabel[entry.axis]} ${signed(entry.by)}`).join(' · ')}
                  </div>
                  {mayEdit && (
                    <div className="swaps">
                      <SelectField
                        label="Swap it for"
                        value=""
                        empty="choose"
                        options={Object.fromEntries(alternatives(row.part).map((other) => [other, nameOf(other)]))}
                        onChange={(other) => other !== '' && put(row.id, other)}
                      />
                      {found !== undefined && (
                        <SelectField
                          label="Cooked"
                          value={row.cooked?.[0] ?? ''}
                          empty={found.kind === 'base' ? 'as the plate is' : 'as it comes'}
                          options={ways}
                          onChange={(way) =>
                            change((d) => ({
                              ...d,
                              parts: d.parts.map((entry) => (entry.id === row.id ? cookedBy(entry, way) : entry)),
                            }))
                          }
                        />
                      )}
                      <Button size="small" onPress={() => change((d) => ({ ...d, parts: d.parts.filter((entry) => entry.id !== row.id) }))}>
                        Leave it out
                      </Button>
                    </div>
                  )}
                </>
              )}
            </div>
          </li>
        );
      })}
    </Parts>
  );
}
