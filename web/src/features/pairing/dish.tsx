'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { ComboBox } from 'react-aria-components/ComboBox';
import { Header } from 'react-aria-components/Header';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem, ListBoxSection } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { dishShape } from '@rose/core/document/merge';
import type { DishDocument } from '@rose/core/pairing/document';
import { dishAxisLabel, plateAxes } from '@rose/core/pairing/dish';
import { wineWeight, type Fit, type FitClass, type PairingWine } from '@rose/core/pairing/fit';
import { fitTitle, fitWording } from '@rose/core/pairing/wording';
import { sentence } from '@rose/core/wine/reason';
import { fold, list, signed } from '@rose/core/wine/text';
import {
  advise,
  allergens,
  alternatives,
  cooking,
  fitClasses,
  ingredient,
  ingredients,
  partKinds,
  styleWines,
  wayOfCooking,
  worthOffering,
  type Allergen,
  type PartKind,
  type Swap,
} from '@rose/knowledge/pairing';
import { api } from '@/ui/api';
import { Button } from '@/ui/button';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { SelectField, TextField } from '@/ui/field';
import { Frame } from '@/ui/frame';
import { Reasons } from '@/ui/reasons';
import { Rose } from '@/ui/rose';
import { solve } from '@/workers/solve';

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
    font-size: 14px;
  }
  h1 {
    font-size: 34px;
  }
  @media (max-width: 1160px) {
    grid-template-columns: 1fr 1fr;
    > :last-child {
      grid-column: 1 / -1;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 760px) {
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
  font-size: 14px;
  line-height: 1.45;
`;
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
    font-size: 14px;
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
    font-size: 13px;
    color: var(--soft);
  }
`;
const Fits = styled.ol`
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    border-bottom: 1px solid var(--line);
  }
  li > button {
    all: unset;
    display: grid;
    grid-template-columns: minmax(0, 1fr) 54px;
    gap: 12px;
    width: 100%;
    padding: 10px 6px;
    box-sizing: border-box;
    cursor: pointer;
    align-items: center;
  }
  li > button:hover,
  li > button[aria-pressed='true'] {
    background: var(--raised);
  }
  li > button:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: -2px;
  }
  .name {
    font: 500 19px/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .why {
    font-size: 14px;
  }
  .up {
    color: var(--sea);
  }
  .down {
    color: var(--madder);
  }
  .n {
    font: 600 24px/1 var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
    font-variant-numeric: lining-nums;
  }
`;
const Classes = styled.dl`
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 6px 14px;
  font-size: 14px;
  margin: 8px 0 0;
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
  button {
    all: unset;
    cursor: pointer;
    font-weight: 600;
    text-decoration: underline;
    text-underline-offset: 3px;
    text-decoration-color: var(--line);
  }
`;
const Picker = styled(ComboBox)`
  display: grid;
  gap: 4px;
  label {
    font-size: 13px;
    color: var(--soft);
  }
  input {
    min-height: 44px;
    width: 100%;
    padding: 8px 12px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
`;
const Drop = styled(Popover)`
  width: var(--trigger-width);
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  overflow: auto;
  max-height: 340px;
  header {
    padding: 10px 14px 2px;
    font-size: 12.5px;
    color: var(--soft);
  }
`;
const Item = styled(ListBoxItem)`
  padding: 8px 14px;
  cursor: pointer;
  outline: none;
  min-height: 38px;
  &[data-focused] {
    background: var(--sunk);
  }
`;

const nameOf = (part: string) => ingredient(part)?.name ?? wayOfCooking(part)?.name ?? part;
const kindOf = (part: string) => (wayOfCooking(part) !== undefined ? 'Cooking' : partKinds[ingredient(part)?.kind ?? 'base']);
const round = Math.round;

export function DishPage({
  venue,
  mayEdit,
  flights,
  id,
  revision,
  document,
}: {
  venue: string;
  mayEdit: boolean;
  flights: readonly { id: string; name: string }[];
  id: string;
  revision: number;
  document: DishDocument;
}) {
  const router = useRouter();
  const open = useDocument({ kind: 'dish', id, path: `/dishes/${id}`, document, revision, shape: dishShape });
  const dish = open.document;
  const [among, setAmong] = useState('styles');
  const [wines, setWines] = useState<readonly PairingWine[]>(styleWines);
  const [chosen, setChosen] = useState<string | null>(null);
  const [openPart, setOpenPart] = useState<string | null>(null);
  const [swap, setSwap] = useState<Swap | null | undefined>(undefined);
  const [trouble, setTrouble] = useState('');
  const [deleted, setDeleted] = useState(false);
  useEffect(() => {
    if (among === 'styles') {
      setWines(styleWines);
      return;
    }
    const controller = new AbortController();
    api<{ wines: PairingWine[] }>('GET', '/pairing-wines', { query: { among }, signal: controller.signal }).then(
      (found) => setWines(found.wines),
      (error: Error) => !controller.signal.aborted && setTrouble(error.message),
    );
    return () => controller.abort();
  }, [among]);
  const parts = useMemo(() => dish.parts.map(({ part, grams }) => ({ part, ...(grams === undefined ? {} : { grams }) })), [dish.parts]);
  const advice = useMemo(() => advise(parts, wines), [parts, wines]);
  const byId = useMemo(() => new Map(wines.map((wine) => [wine.id, wine])), [wines]);
  const shown = advice.ranked.find((fit) => fit.wine === chosen) ?? advice.ranked[0];
  const over = shown === undefined ? undefined : byId.get(shown.wine);
  // The smallest swap is searched in a worker once the hand is still.
  useEffect(() => {
    setSwap(undefined);
    if (parts.length === 0 || wines.length < 2) return;
    const controller = new AbortController();
    const timer = setTimeout(
      () =>
        solve('swap', { parts, wines }, { signal: controller.signal }).then(
          (found) => setSwap(found ?? null),
          () => undefined,
        ),
      400,
    );
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [parts, wines]);
  const change = (next: (d: DishDocument) => DishDocument, field = '') => mayEdit && open.change(next, field);
  const add = (part: string) => change((d) => ({ ...d, parts: [...d.parts, { id: v4(), part }] }));
  const put = (rowId: string, part: string) => change((d) => ({ ...d, parts: d.parts.map((row) => (row.id === rowId ? { id: rowId, part } : row)) }));
  if (deleted)
    return (
      <Frame venue={venue}>
        <Grid>
          <div style={{ gridColumn: '1 / -1' }}>
            <h1>{dish.name} is deleted</h1>
            <p style={{ display: 'flex', gap: 10 }}>
              <Button tone="strong" onPress={() => void api('POST', `/dishes/${id}/returns`, { body: {} }).then(() => setDeleted(false))}>
                Bring it back
              </Button>
              <Button onPress={() => router.push('/table')}>To the table</Button>
            </p>
          </div>
        </Grid>
      </Frame>
    );
  return (
    <Frame venue={venue}>
      <Grid>
        <section aria-label="The dish">
          <Link className="soft" href="/table">
            Table
          </Link>
          <h1>{dish.name.trim() === '' ? 'A new dish' : dish.name}</h1>
          <div style={{ display: 'flex', gap: 12, alignItems: 'center', flexWrap: 'wrap' }}>
            <SaveState open={open} />
            <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
              Undo
            </Button>
            {mayEdit && open.revision > 0 && (
              <Button
                size="small"
                tone="quiet"
                onPress={() =>
                  void api('DELETE', `/dishes/${id}`).then(
                    () => setDeleted(true),
                    (error: Error) => setTrouble(error.message),
                  )
                }
              >
                Delete
              </Button>
            )}
          </div>
          <Caution>
            <strong>Allergens:</strong>{' '}
            {advice.dish.allergens.length === 0
              ? 'none of the fourteen in these parts.'
              : `${list(advice.dish.allergens.map((entry) => allergens[entry as Allergen]))}.`}{' '}
            Wine itself contains sulphites, and may carry egg, milk or fish fining. Check labels; this list is only as good as its parts.
          </Caution>
          {trouble !== '' && <p role="alert">{trouble}</p>}
          <Clashes
            open={open}
            label={(path) => (path[0] === 'parts' ? 'A part' : path[0]!)}
            show={(value) => (typeof value === 'object' && value !== null && 'part' in value ? nameOf((value as { part: string }).part) : String(value))}
          />
          {mayEdit && <TextField label="Name" value={dish.name} onChange={(name) => change((d) => ({ ...d, name }), 'name')} />}
          <Parts>
            {dish.parts.map((row) => {
              const found = ingredient(row.part);
              const share = advice.dish.shares.find((entry) => entry.id === row.part);
              const moved =
                share === undefined
                  ? []
                  : plateAxes
                      .map((axis) => ({ axis, by: share.adds[axis] }))
                      .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
                      .filter((entry) => Math.abs(entry.by) >= 3)
                      .slice(0, 3);
              return (
                <li key={row.id}>
                  <div className={row.id === openPart ? 'open' : ''}>
                    <div className="row">
                      <span className="kind">{kindOf(row.part)}</span>
                      <button
                        type="button"
                        className="name"
                        aria-expanded={row.id === openPart}
                        onClick={() => setOpenPart(row.id === openPart ? null : row.id)}
                      >
                        {nameOf(row.part)}
                      </button>
                      {found === undefined ? (
                        <span />
                      ) : (
                        <label>
                          <input
                            inputMode="numeric"
                            aria-label={`${found.name}, grams a guest`}
                            value={row.grams ?? found.portion}
                            readOnly={!mayEdit}
                            onChange={(event) => {
                              const grams = Number(event.target.value.replace(/[^0-9.]/g, ''));
                              if (Number.isFinite(grams) && grams <= 2000)
                                change(
                                  (d) => ({ ...d, parts: d.parts.map((entry) => (entry.id === row.id ? { ...entry, grams } : entry)) }),
                                  `grams.${row.id}`,
                                );
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
          {mayEdit && <AddPart onAdd={add} />}
        </section>
        <section aria-label="The plate">
          <p className="soft" style={{ textAlign: 'center' }}>
            The plate{over === undefined ? '' : `, with ${over.name} laid over`}
          </p>
          <div style={{ display: 'grid', placeItems: 'center' }}>
            <Rose
              size={360}
              labels
              tone="grey"
              title="The plate"
              petals={plateAxes.map((key) => ({
                key,
                label: dishAxisLabel[key],
                value: advice.dish.taste[key],
                ...(over === undefined || parts.length === 0 ? {} : { outline: wineOnPlate(over)[key] ?? null }),
              }))}
            />
          </div>
          <p className="soft">
            Bitterness {round(advice.dish.taste.bitterness)} and protein {round(advice.dish.taste.protein)} of 100. The line is the wine’s weight, acid and
            sweetness, where the plate has the same bearing.
          </p>
          {parts.length > 0 && (
            <>
              <h3 style={{ marginTop: 18 }}>The smallest change that changes the best</h3>
              <p>
                {swap === undefined ? (
                  'Trying every swap.'
                ) : swap === null ? (
                  'No single swap unseats the best wine.'
                ) : (
                  <>
                    <strong>{nameOf(swap.out)}</strong> for <strong>{nameOf(swap.into)}</strong>, and <strong>{byId.get(swap.best.wine)?.name}</strong> is best,
                    with {round(swap.best.fit)}. The plate moves by {swap.distance.toFixed(1)}.
                  </>
                )}
              </p>
              {swap !== undefined && swap !== null && mayEdit && (
                <p style={{ marginTop: 8 }}>
                  <Button
                    size="small"
                    onPress={() => {
                      const row = dish.parts.find((entry) => entry.part === swap.out);
                      if (row !== undefined) put(row.id, swap.into);
                    }}
                  >
                    Try it
                  </Button>
                </p>
              )}
            </>
          )}
        </section>
        <section aria-label="Fits">
          <div style={{ display: 'flex', alignItems: 'end', justifyContent: 'space-between', gap: 16 }}>
            <h2>Fits</h2>
            <div style={{ width: 220 }}>
              <SelectField
                label="Out of"
                value={among}
                onChange={setAmong}
                options={{
                  styles: `${styleWines.length} general styles`,
                  cellar: 'the cellar',
                  ...Object.fromEntries(flights.map((flight) => [`flight:${flight.id}`, flight.name])),
                }}
              />
            </div>
          </div>
          {parts.length === 0 ? (
            <p className="soft">Add the first part of the dish.</p>
          ) : (
            <>
              <Fits>
                {advice.ranked.slice(0, 6).map((fit) => (
                  <li key={fit.wine}>
                    <button type="button" aria-pressed={fit.wine === shown?.wine} onClick={() => setChosen(fit.wine)}>
                      <span>
                        <span className="name">{byId.get(fit.wine)?.name}</span>
                        <span className="why" style={{ display: 'block' }}>
                          {brief(fit)}
                        </span>
                      </span>
                      <span className="n">{round(fit.fit)}</span>
                    </button>
                  </li>
                ))}
              </Fits>
              <h3 style={{ margin: '20px 0 0' }}>The best of every class</h3>
              <Classes>
                {(Object.keys(fitClasses) as FitClass[]).map((kind) => {
                  const best = advice.byClass[kind];
                  return (
                    <div key={kind} style={{ display: 'contents' }}>
                      <dt>{fitClasses[kind]}</dt>
                      <dd>
                        {best === undefined ? (
                          'none in this list'
                        ) : best.offered ? (
                          <>
                            <button type="button" onClick={() => setChosen(best.best.wine)}>
                              {byId.get(best.best.wine)?.name}
                            </button>{' '}
                            {round(best.best.fit)}
                          </>
                        ) : (
                          `none: even ${byId.get(best.best.wine)?.name} reaches ${round(best.best.fit)}, below ${worthOffering}${worst(best.best)}`
                        )}
                      </dd>
                    </div>
                  );
                })}
              </Classes>
              {shown !== undefined && (
                <>
                  <h3 style={{ margin: '22px 0 6px' }}>
                    Why {round(shown.fit)} for {over?.name}
                  </h3>
                  <Reasons
                    totalLabel="together"
                    total={shown.fit}
                    digits={1}
                    lines={shown.reasons.map((reason) => ({
                      id: reason.id,
                      title: fitTitle[reason.id],
                      text: sentence(fitWording, reason),
                      push: reason.push,
                      source: reason.source,
                    }))}
                  />
                </>
              )}
              {advice.avoid.length > 0 && (
                <>
                  <h3 style={{ margin: '22px 0 4px', color: 'var(--madder)' }}>Stay away</h3>
                  {advice.avoid.slice(0, 4).map((fit) => (
                    <p key={fit.wine} style={{ fontSize: 14 }}>
                      <strong>{byId.get(fit.wine)?.name}</strong>, {round(fit.fit)}: {sentence(fitWording, hardest(fit))}
                    </p>
                  ))}
                </>
              )}
            </>
          )}
        </section>
      </Grid>
    </Frame>
  );
}

const hardest = (fit: Fit) => [...fit.reasons].sort((a, b) => a.push - b.push)[0]!;
const worst = (fit: Fit) => (hardest(fit).push < -3 ? ` (${fitTitle[hardest(fit).id]})` : '');
function brief(fit: Fit) {
  const told = fit.reasons.filter((reason) => reason.id !== 'start' && Math.abs(reason.push) >= 2).slice(0, 3);
  return told.map((reason, i) => (
    <span key={reason.id}>
      {i > 0 && ' · '}
      <span className={reason.push > 0 ? 'up' : 'down'}>
        {fitTitle[reason.id]} {signed(reason.push)}
      </span>
    </span>
  ));
}
/** Where wine and plate have the same bearing, the wine's own value. */
const wineOnPlate = (wine: PairingWine): Partial<Record<string, number>> => ({
  weight: wineWeight(wine.loads),
  acid: wine.loads.acidity,
  sweetness: wine.loads.sweetness,
});

const everyPart = [
  ...ingredients.map((entry) => ({ id: entry.id, name: entry.name, kind: partKinds[entry.kind] as string })),
  ...cooking.map((entry) => ({ id: entry.id, name: entry.name, kind: 'Cooking' })),
];
function AddPart({ onAdd }: { onAdd: (part: string) => void }) {
  const [text, setText] = useState('');
  const wanted = fold(text);
  const found = everyPart.filter(
    (entry) =>
      wanted === '' ||
      fold(entry.name)
        .split(' ')
        .some((word) => word.startsWith(wanted)) ||
      fold(entry.name).includes(wanted),
  );
  const groups = [...(Object.keys(partKinds) as PartKind[]).map((kind) => partKinds[kind] as string), 'Cooking']
    .map((kind) => ({ kind, items: found.filter((entry) => entry.kind === kind) }))
    .filter((group) => group.items.length > 0);
  return (
    <Picker
      aria-label="Add a part"
      inputValue={text}
      onInputChange={setText}
      selectedKey={null}
      menuTrigger="focus"
      allowsEmptyCollection
      onSelectionChange={(key) => {
        if (key !== null) {
          onAdd(String(key));
          setText('');
        }
      }}
    >
      <Label>Add a part: base, cooking, fat, sauce, seasoning, garnish, side</Label>
      <Input placeholder="octopus, charred on coals, olive oil" />
      <Drop>
        <ListBox renderEmptyState={() => <p style={{ padding: '8px 14px', margin: 0 }}>No part like that.</p>}>
          {groups.map((group) => (
            <ListBoxSection key={group.kind} id={group.kind}>
              <Header>{group.kind}</Header>
              {group.items.map((entry) => (
                <Item key={entry.id} id={entry.id} textValue={entry.name}>
                  {entry.name}
                </Item>
              ))}
            </ListBoxSection>
          ))}
        </ListBox>
      </Drop>
    </Picker>
  );
}
