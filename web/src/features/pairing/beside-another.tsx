'use client';
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { dishAxes, dishAxisLabel } from '@rose/core/pairing/dish';
import { bandOf, shownFit, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { Leaning } from '@rose/core/pairing/leaning';
import { listed } from '@rose/core/wine/plural';
import { signed } from '@rose/core/wine/search-folding';
import { advise, type DishPart } from '@rose/knowledge/pairing';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { SelectField } from '@/ui/select-field';
import { SheetOverPage } from '@/ui/sheet';

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  margin: 12px 0;
  th,
  td {
    text-align: left;
    padding: 8px 10px 8px 0;
    border-top: 1px solid var(--line);
    vertical-align: top;
  }
  td {
    font-variant-numeric: tabular-nums;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;
/** Wines at the top of either dish that are shown, and points of an axis that are told. */
const first = 5;
const told = 4;

/** Two dishes side by side: how their plates differ, and what that does to the wines at the top of either. */
export function BesideAnother({
  id,
  name,
  first: atFirst,
  parts,
  wines,
  leaning,
  wineName,
  close,
}: {
  id: string;
  name: string;
  first: string | undefined;
  parts: readonly DishPart[];
  wines: readonly PairingWine[];
  leaning: Leaning;
  wineName: (wine: string) => string;
  close: () => void;
}) {
  const [dishes, setDishes] = useState<AnswerOf<'dish', 'list'>['dishes']>([]);
  const [chosen, setChosen] = useState(atFirst ?? '');
  const [other, setOther] = useState<AnswerOf<'dish', 'get'>>();
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    call(contract.dish.list, {}).then(
      (answer) => setDishes(answer.dishes.filter((dish) => dish.id !== id && dish.parts > 0)),
      (error: Error) => setTrouble(error.message),
    );
  }, [id]);
  useEffect(() => {
    if (chosen === '') return;
    const asked = new AbortController();
    call(contract.dish.get, { id: chosen }, { signal: asked.signal }).then(setOther, (error: Error) => !asked.signal.aborted && setTrouble(error.message));
    return () => asked.abort();
  }, [chosen]);
  const compared = useMemo(() => {
    if (other === undefined) return undefined;
    const [here, there] = [advise(parts, wines, leaning), advise(other.document.parts, wines, leaning)];
    const fitThere = new Map(there.ranked.map((fit) => [fit.wine, fit.fit]));
    const fitHere = new Map(here.ranked.map((fit) => [fit.wine, fit.fit]));
    const shownWines = [...new Set([...here.ranked.slice(0, first), ...there.ranked.slice(0, first)].map(({ wine }) => wine))];
    return {
      rows: shownWines.map((wine) => ({ wine, here: fitHere.get(wine)!, there: fitThere.get(wine)! })).sort((a, b) => b.here - a.here),
      moved: dishAxes.flatMap((axis) => {
        const by = Math.round(here.dish.taste[axis] - there.dish.taste[axis]);
        return Math.abs(by) < told ? [] : [`${dishAxisLabel[axis]} ${signed(by)}`];
      }),
    };
  }, [other, parts, wines, leaning]);
  const figure = (fit: number) => (
    <>
      {Math.round(shownFit(fit))}
      <small>{bandOf(fit).name}</small>
    </>
  );
  return (
    <SheetOverPage label="Beside another dish" place="middle" close={close}>
      <h2>{name} beside another dish</h2>
      <SelectField<string>
        label="The other dish"
        value={chosen}
        onChange={setChosen}
        options={{ ...(chosen === '' ? { '': 'choose one' } : {}), ...Object.fromEntries(dishes.map((dish) => [dish.id, dish.name])) }}
      />
      {trouble !== '' && <p role="alert">{trouble}</p>}
      {compared !== undefined && other !== undefined && (
        <>
          <p style={{ marginTop: 12 }}>
            {compared.moved.length === 0 ? 'The two plates taste alike.' : `Beside ${other.document.name} this plate has, of 100: ${listed(compared.moved)}.`}
          </p>
          <Table>
            <caption className="soft" style={{ textAlign: 'left' }}>
              The wines at the top of either, fits of 100
            </caption>
            <thead>
              <tr>
                <th scope="col">Wine</th>
                <th scope="col">{name}</th>
                <th scope="col">{other.document.name}</th>
                <th scope="col">Points of the score between them</th>
              </tr>
            </thead>
            <tbody>
              {compared.rows.map(({ wine, here, there }) => (
                <tr key={wine}>
                  <th scope="row">{wineName(wine)}</th>
                  <td>{figure(here)}</td>
                  <td>{figure(there)}</td>
                  <td>{signed(Math.round(here - there))}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </>
      )}
    </SheetOverPage>
  );
}
