'use client';
import styled from 'styled-components';
import { Fragment, useEffect, useRef, useState } from 'react';
import { keysOf } from '@rose/core/wine/keys';
import { listed } from '@rose/core/wine/plural';
import { courses, everydayDishes } from '@rose/knowledge/dishes/index';
import { diets, type Diet } from '@rose/knowledge/kitchen/index';
import { allergens, type Allergen } from '@rose/knowledge/pairing/index';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { CheckBox } from '@/ui/check-box';
import { CheckBoxes } from '@/ui/check-boxes';
import { Disclosure } from '@/ui/disclosure';
import { named } from '@/ui/looks';
import { useStartFrom } from '@/ui/start-everyday';
import { BareButton } from '@/ui/button';
import { TextField, Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { useMay } from '@/ui/here';

const cuisines = Object.fromEntries([...new Set(everydayDishes.map(({ cuisine }) => cuisine))].sort().map((name) => [name, name]));
type Offered = AnswerOf<'pairing', 'food'>;
type Food = Offered['cheeses'][number];
const Courses = styled.dl`
  margin: 8px 0 0;
  dt {
    color: var(--soft);
    font-size: 0.8125rem;
    margin-top: 10px;
  }
  dd {
    margin: 4px 0 0;
  }
  button {
    ${named}
  }
  .why {
    display: block;
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;
const minutesChoices: Readonly<Record<string, string>> = { '30': 'half an hour', '60': 'an hour', '150': 'two and a half hours' };
const needNames = { ...Object.fromEntries(keysOf(diets).map((id) => [id, diets[id].name])) } as Record<Diet, string>;
/** How long a hand must be still before the list is asked for again. */
const still = 350;
/** What to eat with a wine: dishes by course, cheeses, what can be made of what is in the fridge, and what to stay away from, each with its reason. */
export function WithFood({ food: first, ...of }: { food: Offered } & ({ wineId: string; style?: never } | { style: string; wineId?: never })) {
  const { wineId, style } = of;
  const [food, setFood] = useState(first);
  const [have, setHave] = useState('');
  const [minutes, setMinutes] = useState('');
  const [cuisine, setCuisine] = useState('');
  const [season, setSeason] = useState(false);
  const [eats, setEats] = useState<readonly Diet[]>([]);
  const [without, setWithout] = useState<readonly Allergen[]>([]);
  const [refused, setRefused] = useState('');
  const asked = useRef(false);
  useEffect(() => {
    if (!asked.current) {
      asked.current = true;
      return;
    }
    const stop = new AbortController();
    const settled = setTimeout(() => {
      const question = {
        have,
        diets: eats.join(','),
        without: without.join(','),
        season: season ? ('yes' as const) : ('no' as const),
        ...(minutes === '' ? {} : { minutes }),
        ...(cuisine === '' ? {} : { cuisine }),
      };
      const { signal } = stop;
      const asking =
        wineId === undefined
          ? call(contract.pairing.styleFood, { style: style ?? '', ...question }, { signal })
          : call(contract.pairing.food, { id: wineId, ...question }, { signal });
      asking.then(
        (found) => {
          setFood(found);
          setRefused('');
        },
        (error: Error) => !stop.signal.aborted && setRefused(error.message),
      );
    }, still);
    return () => {
      clearTimeout(settled);
      stop.abort();
    };
  }, [wineId, style, have, minutes, cuisine, season, eats, without]);
  const mayEdit = useMay('dish.edit');
  const { start, trouble } = useStartFrom();
  const one = ({ id, name, cuisine, shown, band, because }: Food, dish: boolean) => (
    <dd key={id}>
      {dish && mayEdit ? <BareButton onPress={() => start(id)}>{name}</BareButton> : <strong>{name}</strong>} {Math.round(shown)} of 100, {band}
      <span className="why">
        {cuisine === '' ? '' : `${cuisine} · `}
        {because}.
      </span>
    </dd>
  );
  const offered = food.courses.filter(({ dishes }) => dishes.length > 0);
  return (
    <section aria-label="With food" style={{ marginTop: 26 }}>
      <h2>With food</h2>
      <p className="soft">
        {offered.length === 0
          ? 'None of the everyday dishes is worth offering with it.'
          : 'Out of the everyday dishes; press one to build it at the Table and change it.'}
      </p>
      <Disclosure says="Narrow it: what is in the fridge, diets, time, season">
        <div style={{ display: 'grid', gap: 10, marginTop: 8 }}>
          <TextField label="In the fridge" placeholder="aubergine, feta, minced lamb" value={have} onChange={setHave} />
          <SelectField label="In no more than" value={minutes} empty="any time" options={minutesChoices} onChange={setMinutes} />
          <SelectField label="Kitchen" value={cuisine} empty="any" options={cuisines} onChange={setCuisine} />
          <CheckBox checked={season} onChange={setSeason}>
            only what is in season
          </CheckBox>
          <Disclosure says="Diets and allergens">
            <CheckBoxes label="Way of eating" options={needNames} value={eats} onChange={setEats} />
            <CheckBoxes<Allergen> label="Without" options={allergens} value={without} onChange={setWithout} />
            <p className="soft">Only what the parts are known to hold is left out: ask the kitchen before somebody eats.</p>
          </Disclosure>
        </div>
      </Disclosure>
      {food.notUnderstood.length > 0 && (
        <p role="status" style={{ color: 'var(--amber)' }}>
          Not understood: {food.notUnderstood.map((word) => `“${word}”`).join(', ')}.
        </p>
      )}
      {have.trim() !== '' && (
        <Courses>
          <div>
            <dt>out of what is there</dt>
            {food.fromFridge.length === 0 && <dd className="soft">None of the everyday dishes, with at most two things to buy, goes with this wine.</dd>}
            {food.fromFridge.map((dish) => (
              <Fragment key={dish.id}>
                {one(dish, true)}
                <dd className="why">{dish.lacks.length === 0 ? 'Nothing to buy.' : `To buy: ${listed(dish.lacks)}.`}</dd>
              </Fragment>
            ))}
          </div>
        </Courses>
      )}
      <Courses>
        {offered.map(({ course, dishes }) => (
          <div key={course}>
            <dt>{courses[course]}</dt>
            {dishes.map((dish) => one(dish, true))}
          </div>
        ))}
        {food.cheeses.length > 0 && (
          <div>
            <dt>cheese</dt>
            {food.cheeses.map((cheese) => one(cheese, false))}
          </div>
        )}
        {food.avoid.length > 0 && (
          <div>
            <dt>stay away from</dt>
            {food.avoid.map((dish) => one(dish, false))}
          </div>
        )}
      </Courses>
      {(trouble !== '' || refused !== '') && <Trouble role="alert">{trouble || refused}</Trouble>}
    </section>
  );
}
