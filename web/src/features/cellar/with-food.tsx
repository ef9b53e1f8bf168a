'use client';
import styled from 'styled-components';
import { courses } from '@rose/knowledge/dishes/index';
import type { AnswerOf } from '@/contract/answers';
import { named } from '@/ui/looks';
import { useStartFrom } from '@/ui/start-dish';
import { BareButton } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { useMay } from '@/ui/here';

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
/** What to eat with a wine: dishes by course, cheeses, and what to stay away from, each with its reason. */
export function WithFood({ food }: { food: Offered }) {
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
      {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
    </section>
  );
}
