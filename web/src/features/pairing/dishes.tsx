'use client';
import { capital, counted, listed } from '@rose/core/wine/plural';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { dishAxisLabel, plateAxes, type DishAxis } from '@rose/core/pairing/dish';
import { keysOf } from '@rose/core/wine/keys';
import { diets } from '@rose/knowledge/kitchen/index';
import { allergens } from '@rose/knowledge/pairing/index';
import type { AnswerOf, DishFilters } from '@/contract/answers';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { Frame, Page } from '@/ui/frame';
import { Rose } from '@/ui/rose';
import { useMay } from '@/ui/here';
import { Filters, useWholeList } from '@/ui/list-page';
import { CheckBoxes } from '@/ui/check-boxes';
import { SheetOverPage } from '@/ui/sheet';
import { ForAFlight } from './for-a-flight';
import { FromWine } from './from-wine';
import { InWords } from './in-words';
import { dietNames } from './part-names';
import { StartFrom } from './start-from';

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 0 34px;
  border-top: 1px solid var(--line);
  li {
    display: grid;
  }
  a {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 14px;
    align-items: center;
    padding: 14px 0;
    border-bottom: 1px solid var(--line);
    text-decoration: none;
  }
  a:hover .name {
    text-decoration: underline;
  }
  .name {
    font: 500 1.25rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    display: block;
    font-size: 0.8125rem;
  }
`;
/** Other ways to begin than a line, side by side where there is room. */
const Beginnings = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(340px, 100%), 1fr));
  gap: 14px 24px;
  align-items: start;
`;
const Menus = styled.ul`
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  li {
    border-top: 1px solid var(--line);
    padding: 10px 0;
  }
  a {
    font: 500 1.25rem/1.2 var(--serif);
  }
  .soft {
    display: block;
    font-size: 0.875rem;
  }
`;
const Without = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-bottom: 14px;
`;
const allergenIds = keysOf(allergens);
export const platePetals = (taste: Readonly<Record<DishAxis, number>>) => plateAxes.map((key) => ({ key, label: dishAxisLabel[key], value: taste[key] }));

export function Dishes({
  dishes,
  menus,
  flights,
  filters,
}: AnswerOf<'dish', 'list'> & AnswerOf<'menu', 'list'> & { flights: readonly { readonly id: string; readonly name: string }[]; filters: DishFilters }) {
  const page = useWholeList('/pairing', dishes, filters);
  const { asked } = page;
  const [choosing, setChoosing] = useState(false);
  const narrowed = Object.keys(filters).length > 0;
  const without = allergenIds.filter((id) => asked.without?.split(',').includes(id));
  const eats = keysOf(diets).filter((id) => asked.diets?.split(',').includes(id));
  const told = [...eats.map((id) => dietNames[id]), ...without.map((id) => `without ${allergens[id]}`)];
  const router = useRouter();
  const mayEdit = useMay('dish.edit');
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>Table</h1>
          <span className="soft">
            {narrowed ? `${counted(dishes.length, 'dish')} of what you asked for` : `${counted(dishes.length, 'dish')}, each built from its parts`}
          </span>
          {mayEdit && (
            <div className="actions">
              <ButtonLink href="/pairing/tried">Tried</ButtonLink>
              <ButtonLink href="/pairing/cheese">Cheese board</ButtonLink>
              <Button onPress={() => router.push(`/pairing/menus/${v7()}?new`)}>Plan a menu</Button>
              <Button tone="strong" onPress={() => router.push(`/pairing/${v7()}?new`)}>
                Build a dish
              </Button>
            </div>
          )}
        </div>
        <div style={{ display: 'grid', gap: 14, marginBottom: 18 }}>
          {mayEdit && <InWords />}
          <Beginnings>
            <FromWine />
            {mayEdit && <StartFrom />}
            {mayEdit && <ForAFlight flights={flights} />}
          </Beginnings>
        </div>
        {menus.length > 0 && !narrowed && (
          <section aria-label="Menus" style={{ marginBottom: 22 }}>
            <h2>Menus</h2>
            <Menus>
              {menus.map((menu) => (
                <li key={menu.id}>
                  <Link href={`/pairing/menus/${menu.id}`} prefetch={false}>
                    {menu.name}
                  </Link>
                  <span className="soft">
                    {counted(menu.courses.length, 'course')} for {counted(menu.guests, 'guest')}
                    {menu.courses.length > 0 && `: ${menu.courses.join(', ')}`}
                  </span>
                </li>
              ))}
            </Menus>
          </section>
        )}
        {(narrowed || dishes.length > 0) && (
          <>
            <Filters page={page} hint="name" />
            <Without>
              <Button size="small" onPress={() => setChoosing(true)}>
                {told.length === 0 ? 'A diet, or without an allergen' : capital(listed(told))}
              </Button>
              {told.length > 0 && <span className="soft">Only what the parts are known to hold is left out: ask the kitchen before somebody eats.</span>}
            </Without>
          </>
        )}
        {choosing && (
          <SheetOverPage label="Without" close={() => setChoosing(false)}>
            <CheckBoxes label="Without" options={allergens} value={without} onChange={(ids) => page.ask({ without: ids.join(',') })} />
            <CheckBoxes label="Way of eating" options={dietNames} value={eats} onChange={(ids) => page.ask({ diets: ids.join(',') })} />
            <Button tone="strong" onPress={() => setChoosing(false)}>
              Show what fits
            </Button>
          </SheetOverPage>
        )}
        {dishes.length === 0 && narrowed ? (
          <p className="soft">No dish fits this. Take a word or an allergen away.</p>
        ) : dishes.length === 0 ? (
          <p className="soft">No dishes yet. Build one from its parts, and see which wines fit it and why.</p>
        ) : (
          <List>
            {dishes.map((dish) => (
              <li key={dish.id}>
                <Link href={`/pairing/${dish.id}`} prefetch={false}>
                  <Rose petals={platePetals(dish.taste)} size={92} tone="grey" title={dish.name} />
                  <span>
                    <span className="name">{dish.name}</span>
                    <small>{counted(dish.parts, 'part')}</small>
                    <small>{dish.allergens.length === 0 ? 'none of the fourteen allergens' : `allergens: ${dish.allergens.join(', ')}`}</small>
                  </span>
                </Link>
              </li>
            ))}
          </List>
        )}
      </Page>
    </Frame>
  );
}
