'use client';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { facts, namedFact, type FactId, type WineDocument } from '@rose/core/wine/facts';
import { grapesAsText, grapesFromText, placeFromText } from '@rose/core/wine/from-text';
import { factOf } from '@rose/core/wine/stated';
import { fold } from '@rose/core/wine/search-folding';
import { generalStyles, styleOf } from '@rose/knowledge/styles/index';
import { Choice } from '@/ui/choice';
import { grapesFor } from '@/ui/grape-field';
import { SuggestField } from '@/ui/suggest-field';
import { TextField } from '@/ui/field';
import { MenuButton } from '@/ui/menu';
import { NumberField } from '@/ui/number-field';
import { countryName, countryNames } from '@/ui/place-names';
import type { OpenDocument } from '@/ui/document/use-document';
import type { SetFact } from './set-fact';

const Five = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 2fr) minmax(0, 1fr);
  gap: 16px 18px;
  align-items: start;
  padding: 18px 20px 20px;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--raised);
  .name,
  .colour,
  .taken {
    grid-column: 1 / -1;
  }
  .colour > span {
    display: block;
    font-size: 0.8125rem;
    color: var(--soft);
    margin-bottom: 4px;
  }
  .taken {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: center;
    border-top: 1px solid var(--line);
    padding-top: 12px;
    font-size: 0.9375rem;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: minmax(0, 1fr);
    padding: 14px;
  }
`;
/** The five that are enough to begin with: name, colour, grapes, place and strength; and what the wine is taken for by them. */
export function FiveFields({ open, set, isNew }: { open: OpenDocument<WineDocument>; set: SetFact; isNew: boolean }) {
  const wine = open.document;
  const { style, why } = styleOf(wine.facts);
  const said = factOf(wine.facts, 'takenFor') !== undefined;
  return (
    <Five aria-label="Enough to begin with">
      <div className="name">
        <TextField label="Name" value={wine.name} onChange={(name) => open.change((d) => ({ ...d, name }), 'name')} autoFocus={isNew} />
      </div>
      <div className="colour" id="fact-colour">
        <span>Colour · {facts.colour.hint}</span>
        <Choice
          bare
          name="wine-colour"
          label="Colour"
          options={facts.colour.options}
          value={factOf(wine.facts, 'colour')}
          onChange={(colour) => set('colour', colour)}
        />
      </div>
      <GrapesText wine={wine} set={set} />
      <PlaceText wine={wine} set={set} />
      <div id="fact-abv">
        <NumberField
          label="Strength"
          unit={facts.abv.unit}
          low={facts.abv.low}
          high={facts.abv.high}
          step={0.5}
          value={factOf(wine.facts, 'abv')}
          onChange={(abv) => set('abv', abv)}
        />
      </div>
      <div className="taken">
        <span>
          Taken for: <strong>{style.name}</strong> <span className="soft">({why})</span>
        </span>
        <MenuButton
          label="Take it for another kind"
          entries={[
            ...(said ? [{ id: 'facts', says: 'let the facts decide', does: () => set('takenFor', undefined) }] : []),
            ...generalStyles.map((entry) => ({ id: entry.id, says: entry.name, does: () => set('takenFor', entry.name) })),
          ]}
        >
          another kind
        </MenuButton>
      </div>
    </Five>
  );
}

/** What is typed stays as it was typed until the field is left; what it says is kept at once. */
function useTyped(stands: string) {
  const [typed, setTyped] = useState<string | null>(null);
  return { text: typed ?? stands, type: setTyped, leave: () => setTyped(null) };
}
function GrapesText({ wine, set }: { wine: WineDocument; set: SetFact }) {
  const { text, type, leave } = useTyped(grapesAsText(factOf(wine.facts, 'grapes') ?? []));
  const write = (next: string) => {
    type(next);
    const grapes = grapesFromText(next);
    set('grapes', grapes.length === 0 ? undefined : grapes);
  };
  // The last grape of several is the one that is being written.
  const done = text.slice(0, text.lastIndexOf(',') + 1);
  const found = grapesFor(text.slice(done.length));
  return (
    <div id="fact-grapes">
      <SuggestField
        label="Grapes"
        hint="with shares if you know them"
        placeholder="Merlot 60, Cabernet Franc"
        text={text}
        onText={write}
        onLeave={leave}
        found={found}
        onPick={(name) => write(`${done}${done === '' ? '' : ' '}${name}`)}
      />
    </div>
  );
}
function PlaceText({ wine, set }: { wine: WineDocument; set: SetFact }) {
  const names = useMemo(() => Object.entries(countryNames()), []);
  const called = useMemo(() => {
    const codes = new Map(names.map(([code, name]) => [fold(name), code]));
    // A code is one in capitals: "It" may be the beginning of a name.
    return (name: string) => codes.get(fold(name)) ?? names.find(([code]) => code === name)?.[0];
  }, [names]);
  const country = factOf(wine.facts, 'country');
  const stands = [factOf(wine.facts, 'region'), country === undefined ? undefined : countryName(country)].filter((part) => part !== undefined).join(', ');
  const { text, type, leave } = useTyped(stands);
  const write = (next: string) => {
    type(next);
    const place = placeFromText(next, called);
    // What stays as it is, is not written: somebody else may be changing it.
    if (place.region !== (factOf(wine.facts, 'region') ?? '')) set('region', place.region === '' ? undefined : place.region);
    if (place.country !== (country ?? '')) set('country', place.country === '' ? undefined : place.country);
  };
  const done = text.slice(0, text.lastIndexOf(',') + 1);
  const last = fold(text.slice(done.length));
  const found = last.length < 2 ? [] : names.filter(([, name]) => fold(name).startsWith(last) && fold(name) !== last).slice(0, 6);
  return (
    <div id="fact-region">
      <SuggestField
        label="Place"
        hint="region, country"
        placeholder="Piedmont, Italy"
        text={text}
        onText={write}
        onLeave={leave}
        found={found.map(([id, name]) => ({ id, name }))}
        onPick={(code) => write(`${done}${done === '' ? '' : ' '}${countryName(code)}`)}
      />
    </div>
  );
}
/** The facts of the five, shown there and not among the rest. */
export const inFive: ReadonlySet<FactId> = new Set(['colour', 'abv', 'takenFor']);
/** A stated fact in few words, for the line of a fold. */
export const inShort = (wine: WineDocument, id: FactId): string => {
  const value = factOf(wine.facts, id);
  return value === undefined ? '' : namedFact(id, value);
};
