'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { mostTries, type DishDocument } from '@rose/core/pairing/dish-document';
import { within } from '@rose/core/menu/affordable';
import { noLeaning, type Leaning } from '@rose/core/pairing/leaning';
import { listed } from '@rose/core/wine/plural';
import { advise, allergens, styleWines, type Allergen, type DishPart } from '@rose/knowledge/pairing';
import { cuisineCountries } from '@rose/knowledge/dishes/cuisines';
import { plateAllergens } from '@rose/knowledge/kitchen/index';
import type { MenuWine } from '@rose/knowledge/menu/index';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Deleted } from '@/ui/deleted';
import { DocumentHead } from '@/ui/document/document-head';
import { Clashes } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { TextField } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { Frame } from '@/ui/frame';
import { useSolver } from '@/workers/use-solver';
import { AddPart } from './add-part';
import { DishFits } from './dish-fits';
import { InTheKitchen } from './in-the-kitchen';
import { Leanings } from './leanings';
import { BothWays, LastChange, MoreChoices } from './more-choices';
import { DishParts } from './dish-parts';
import { DishPlate } from './dish-plate';
import { TriedIt } from './tried-it';
import { nameOf } from './part-names';
import { costInWords, noBudget } from './budget';
import { useMay } from '@/ui/here';
import { mostParts, partRows, useMakeDishes } from '@/ui/start-dish';
import { Button } from '@/ui/button';

/** What is not looked at with every dish comes when it is. */
const WithinBudget = dynamic(() => import('./within-budget').then((module) => module.WithinBudget), { ssr: false });
const ForAGuest = dynamic(() => import('./for-a-guest').then((module) => module.ForAGuest), { ssr: false });
const ItsFlight = dynamic(() => import('./its-flight').then((module) => module.ItsFlight), { ssr: false });
const BesideAnother = dynamic(() => import('./beside-another').then((module) => module.BesideAnother), { ssr: false });

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(300px, 380px) minmax(320px, 420px) minmax(0, 1fr);
  max-width: 1400px;
  min-height: calc(100vh - 56px);
  > * {
    padding: 24px 28px 48px;
    border-right: 1px solid var(--line);
    min-width: 0;
  }
  > :last-child {
    border-right: 0;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  h1 {
    font-size: 2.125rem;
  }
  @media (max-width: 72.5em) {
    grid-template-columns: 1fr 1fr;
    > :last-child {
      grid-column: 1 / -1;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 1fr;
    min-height: 0;
    > * {
      border: 0;
      border-bottom: 1px solid var(--line);
      padding: 18px 16px;
    }
  }
`;
const Caution = styled.div`
  border-left: 3px solid var(--amber);
  padding: 6px 14px;
  margin: 12px 0;
  font-size: 0.875rem;
  line-height: 1.45;
`;

export function DishPage({
  flights,
  own,
  besideAtFirst,
  id,
  revision,
  document,
}: {
  flights: readonly { id: string; name: string }[];
  /** What the venue’s own tries make of the rules, where they say something. */
  own: Leaning['own'];
  /** A dish this one is laid beside when the page opens, by id. */
  besideAtFirst?: string | undefined;
  id: string;
  revision: number;
  document: DishDocument;
}) {
  const mayEdit = useMay('dish.edit');
  const mayPlan = useMay('flight.edit');
  const open = useDocument('dish', { id, document, revision });
  const dish = open.document;
  const [among, setAmong] = useState('styles');
  /** The wines of the cellar or of a flight with what they cost; undefined while general styles are looked at. */
  const [list, setList] = useState<{ readonly wines: readonly MenuWine[]; readonly currency: string }>();
  const [budget, setBudget] = useState(noBudget);
  const [chosen, setChosen] = useState<string | null>(null);
  const [trouble, setTrouble] = useState('');
  const router = useRouter();
  const { make, making, trouble: makeTrouble } = useMakeDishes();
  // What a guest must not eat is kept while the page is open.
  const [guest, setGuest] = useState<'asked' | 'told'>();
  const [beside, setBeside] = useState(besideAtFirst !== undefined);
  const [deleted, setDeleted] = useState(false);
  useEffect(() => {
    if (among === 'styles') {
      setList(undefined);
      return;
    }
    const controller = new AbortController();
    call(contract.menu.wines, { among }, { signal: controller.signal }).then(
      setList,
      (error: Error) => !controller.signal.aborted && setTrouble(error.message),
    );
    return () => controller.abort();
  }, [among]);
  const affordable = useMemo(() => (list === undefined ? undefined : within(list.wines, budget)), [list, budget]);
  const wines = useMemo(() => affordable?.wines.map(({ wine }) => wine) ?? styleWines, [affordable]);
  const parts = useMemo(() => dish.parts.map(({ part, grams, cooked }) => ({ part, grams, cooked })), [dish.parts]);
  const [chosenLeaning, setLeaning] = useState(noLeaning);
  const { cuisine = '' } = dish;
  const leaning = useMemo(
    () => (chosenLeaning.school === 'place' ? { ...chosenLeaning, kitchen: cuisineCountries[cuisine] } : chosenLeaning),
    [chosenLeaning, cuisine],
  );
  const advice = useMemo(() => advise(parts, wines, leaning), [parts, wines, leaning]);
  const may = plateAllergens(parts).mayHold;
  const byId = useMemo(() => new Map(wines.map((wine) => [wine.id, wine])), [wines]);
  const shown = advice.ranked.find((fit) => fit.wine === chosen) ?? advice.ranked[0];
  const over = shown === undefined ? undefined : byId.get(shown.wine);
  // The smallest swap is searched in a worker once the hand is still.
  const searching = useSolver('swap', parts.length === 0 || wines.length < 2 ? null : { parts, wines }, { wait: 400 });
  const change = (next: (d: DishDocument) => DishDocument, field = '') => mayEdit && open.change(next, field);
  const add = (more: readonly DishPart[]) => change((d) => ({ ...d, parts: [...d.parts, ...partRows(more)].slice(0, mostParts) }));
  const put = (rowId: string, part: string) => change((d) => ({ ...d, parts: d.parts.map((row) => (row.id === rowId ? { id: rowId, part } : row)) }));
  const costOf = (id: string) => {
    const wine = list?.wines.find((one) => one.wine.id === id);
    return wine === undefined || list === undefined ? undefined : costInWords(wine, budget, list.currency);
  };
  const wineName = (id: string) => byId.get(id)?.name ?? '';
  if (deleted)
    return (
      <Deleted
        name={dish.name}
        bringBack={() => call(contract.dish.restore, { id })}
        list={{ href: '/pairing', label: 'To the table' }}
        onBack={() => setDeleted(false)}
      />
    );
  return (
    <Frame>
      <Grid>
        <section aria-label="The dish">
          <DocumentHead
            steps={[{ href: '/pairing', name: 'Table' }]}
            name={dish.name.trim() === '' ? 'A new dish' : dish.name}
            open={open}
            mayEdit={mayEdit}
            hangsOn={async () => {
              const { flights: round } = await call(contract.dish.hangsOn, { id });
              return round.length === 0
                ? 'No flight is planned round it, and it can be brought back.'
                : `Planned round it: ${listed(round)}. It can be brought back.`;
            }}
            remove={() => call(contract.dish.delete, { id })}
            onDeleted={() => setDeleted(true)}
          />
          <Caution>
            <strong>Allergens:</strong>{' '}
            {advice.dish.allergens.length === 0
              ? 'none of the fourteen in these parts.'
              : `${listed(advice.dish.allergens.map((entry) => allergens[entry as Allergen]))}.`}{' '}
            {may.length === 0 ? '' : `Some makers’ hold ${listed(may.map((entry) => allergens[entry]))}. `}Wine itself contains sulphites, and may carry egg,
            milk or fish fining. Check labels; this list is only as good as its parts.
          </Caution>
          {parts.length > 0 && (
            <p style={{ margin: '8px 0' }}>
              <Button size="small" onPress={() => setGuest('asked')}>
                For a guest who does not eat…
              </Button>
            </p>
          )}
          {parts.length > 0 && guest !== undefined && (
            <ForAGuest
              parts={parts}
              open={guest === 'asked'}
              close={() => setGuest('told')}
              onTake={mayEdit ? (made) => change((d) => ({ ...d, parts: partRows(made) })) : undefined}
            />
          )}
          {trouble !== '' && <p role="alert">{trouble}</p>}
          <Clashes
            open={open}
            label={(path) => (path[0] === 'parts' ? 'A part' : path[0]!)}
            show={(value) => (typeof value === 'object' && value !== null && 'part' in value ? nameOf((value as { part: string }).part) : String(value))}
          />
          {mayEdit && <TextField label="Name" value={dish.name} onChange={(name) => change((d) => ({ ...d, name }), 'name')} />}
          <DishParts dish={dish} shares={advice.dish.shares} mayEdit={mayEdit} change={change} />
          {mayEdit &&
            (dish.parts.length < mostParts ? (
              <AddPart onAdd={add} />
            ) : (
              <p className="soft">A dish has {mostParts} parts at most: leave one out to add another.</p>
            ))}
          {parts.length > 0 && <InTheKitchen parts={parts} />}
          {parts.length > 0 && open.revision > 0 && (
            <p style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 14 }}>
              <Button size="small" onPress={() => setBeside(true)}>
                Beside another dish
              </Button>
              {mayEdit && (
                <Button
                  size="small"
                  disabled={making}
                  onPress={() =>
                    make([{ ...dish, name: `${dish.name}, another way`.slice(0, 200), tries: [] }], ([made]) => router.push(`/pairing/${made}?beside=${id}`))
                  }
                >
                  Try it another way
                </Button>
              )}
            </p>
          )}
          {makeTrouble !== '' && <p role="alert">{makeTrouble}</p>}
          {beside && (
            <BesideAnother
              id={id}
              name={dish.name}
              first={besideAtFirst}
              parts={parts}
              wines={wines}
              leaning={leaning}
              wineName={wineName}
              close={() => setBeside(false)}
            />
          )}
        </section>
        <DishPlate
          dish={advice.dish}
          over={parts.length === 0 ? undefined : over}
          active={parts.length > 0 && wines.length >= 2}
          searching={searching}
          best={byId.get(searching.output?.best.wine ?? '')?.name ?? ''}
          onTry={
            mayEdit
              ? (made) => {
                  const row = dish.parts.find((entry) => entry.part === made.out);
                  if (row !== undefined) put(row.id, made.into);
                }
              : undefined
          }
        />
        <section aria-label="Fits">
          <div style={{ display: 'flex', alignItems: 'end', justifyContent: 'space-between', gap: 16 }}>
            <h2>
              Fits <small className="soft">of 100</small>
            </h2>
            <div style={{ width: 220 }}>
              <SelectField<string>
                label="Out of"
                value={among}
                onChange={setAmong}
                options={{
                  styles: `${styleWines.length} general styles`,
                  cellar: 'the cellar',
                  ...Object.fromEntries<string>(flights.map((flight) => [`flight:${flight.id}`, flight.name])),
                }}
              />
            </div>
          </div>
          {list !== undefined && affordable !== undefined && (
            <WithinBudget budget={budget} currency={list.currency} dearer={affordable.dearer} unpriced={affordable.unpriced} onChange={setBudget} />
          )}
          <Leanings
            leaning={chosenLeaning}
            own={own}
            cuisine={cuisine}
            onChange={setLeaning}
            onCuisine={mayEdit ? (from) => change((d) => ({ ...d, cuisine: from })) : undefined}
          />
          <LastChange parts={parts} wines={wines} />
          {parts.length === 0 ? (
            <p className="soft">Add the first part of the dish.</p>
          ) : (
            <DishFits
              advice={advice}
              shown={shown}
              nameOf={wineName}
              costOf={costOf}
              onChoose={setChosen}
              choices={<MoreChoices parts={parts} advice={advice} leaning={leaning} wines={wines} wineName={wineName} onChoose={setChosen} />}
              flight={
                list === undefined || open.revision === 0 ? null : (
                  <ItsFlight dishId={id} name={dish.name} advice={advice} wines={wines} wineName={wineName} mayPlan={mayPlan} />
                )
              }
              tried={
                over === undefined ? null : (
                  <TriedIt dish={dish} wine={over} full={(dish.tries?.length ?? 0) >= mostTries} change={mayEdit ? (next) => change(next) : undefined} />
                )
              }
              bothWays={
                shown === undefined ? null : (
                  <BothWays
                    parts={parts}
                    advice={advice}
                    leaning={leaning}
                    chosen={shown}
                    wines={wines}
                    wineName={wineName}
                    onChoose={setChosen}
                    onTake={mayEdit ? ({ at, into }) => (at === undefined ? add([{ part: into }]) : put(dish.parts[at]!.id, into)) : undefined}
                  />
                )
              }
            />
          )}
        </section>
      </Grid>
    </Frame>
  );
}
