'use client';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { facts, namedFact, type FactId, type WineDocument } from '@rose/core/wine/facts';
import { grapesAsText, grapesFromText, placeFromText } from '@rose/core/wine/from-text';
import { factOf } from '@rose/core/wine/stated';
import { fold } from '@rose/core/wine/search-folding';
import { listed } from '@rose/core/wine/plural';
import { termsOnLabel } from '@rose/knowledge/label-terms/index';
import { generalStyles, styleOf } from '@rose/knowledge/styles/index';
import { grapeDoubts } from '@rose/knowledge/grapes/index';
import { examples, styleWithExamples } from '@rose/knowledge/styles/examples';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { grapesFor } from '@/ui/grape-field';
import { SuggestField } from '@/ui/suggest-field';
import { TextField } from '@/ui/field';
import { MenuButton } from '@/ui/menu';
import { NumberField } from '@/ui/number-field';
import { countryName } from '@rose/core/wine/country';
import { countryNames } from '@/ui/place-names';
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
  .doubt {
    margin: 6px 0 0;
    color: var(--amber);
    font-size: 0.8125rem;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: minmax(0, 1fr);
    padding: 14px;
  }
`;
/** The five that are enough to begin with: name, colour, grapes, place and strength; and what the wine is taken for by them. */
export function FiveFields({ open, set, isNew }: { open: OpenDocument<WineDocument>; set: SetFact; isNew: boolean }) {
  const wine = open.document;
  const { style, why, unknown } = styleOf(wine.facts);
  const nothing = unknown && factOf(wine.facts, 'colour') === undefined;
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
      <div id="fact-grapes">
        <GrapesText wine={wine} set={set} />
        {grapeDoubts(wine.facts).map((doubt) => (
          <p className="doubt" key={doubt}>
            {doubt}
          </p>
        ))}
      </div>
      <div id="fact-region">
        <PlaceText wine={wine} set={set} />
      </div>
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
          {nothing ? (
            'Taken for nothing yet: its colour or a grape tells.'
          ) : (
            <>
              Taken for: <strong>{style.name}</strong>
              {examples[style.id] !== undefined && `, as ${examples[style.id]}`} <span className="soft">({why})</span>
            </>
          )}
        </span>
        <MenuButton
          label="Take it for another kind"
          entries={[
            ...(said ? [{ id: 'facts', says: 'let the facts decide', does: () => set('takenFor', undefined) }] : []),
            ...generalStyles.map((entry) => ({ id: entry.id, says: styleWithExamples(entry.id, entry.name), does: () => set('takenFor', entry.name) })),
          ]}
        >
          another kind
        </MenuButton>
      </div>
      <OnTheLabel wine={wine} set={set} />
    </Five>
  );
}

/** What the words of its label mean, and the facts they let one state. */
function OnTheLabel({ wine, set }: { wine: WineDocument; set: SetFact }) {
  return termsOnLabel(wine).map(({ word, means, source, implies }) => (
    <div className="taken" key={word}>
      <span>
        On the label: <strong>{word}</strong>: {means}. <span className="soft">{source}</span>
      </span>
      {implies.length > 0 && (
        <Button size="small" onPress={() => implies.forEach((fact) => set(fact.id, fact.value, fact.origin))}>
          Note {listed(implies.map((fact) => namedFact(fact.id, fact.value)))}
        </Button>
      )}
    </div>
  ));
}

/**
 * Free text of parts with commas between, the last of which is being written: what is typed stays as it was typed until the field is left, and what it says is
 * kept at once.
 */
function TypedParts({
  label,
  hint,
  placeholder,
  stands,
  write,
  completions,
}: {
  label: string;
  hint: string;
  placeholder: string;
  /** What is kept, as text. */
  stands: string;
  write: (text: string) => void;
  /** The names a beginning can become. */
  completions: (begun: string) => readonly { readonly id: string; readonly name: string }[];
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? stands;
  const put = (next: string) => {
    setTyped(next);
    write(next);
  };
  const done = text.slice(0, text.lastIndexOf(',') + 1);
  const found = completions(text.slice(done.length));
  return (
    <SuggestField
      label={label}
      hint={hint}
      placeholder={placeholder}
      text={text}
      onText={put}
      onLeave={() => setTyped(null)}
      found={found}
      onPick={(id) => put(`${done}${done === '' ? '' : ' '}${found.find((entry) => entry.id === id)!.name}`)}
    />
  );
}
const GrapesText = ({ wine, set }: { wine: WineDocument; set: SetFact }) => (
  <TypedParts
    label="Grapes"
    hint="with shares if you know them"
    placeholder="Merlot 60, Cabernet Franc"
    stands={grapesAsText(factOf(wine.facts, 'grapes') ?? [])}
    write={(text) => {
      const grapes = grapesFromText(text);
      set('grapes', grapes.length === 0 ? undefined : grapes);
    }}
    completions={grapesFor}
  />
);
/** So many letters begin a country, and so many countries are offered. */
const [fewest, most] = [2, 6];
function PlaceText({ wine, set }: { wine: WineDocument; set: SetFact }) {
  const names = useMemo(() => Object.entries(countryNames()).map(([id, name]) => ({ id, name, folded: fold(name) })), []);
  // A code is one in capitals: "It" may be the beginning of a name.
  const called = (text: string) => names.find(({ id, folded }) => folded === fold(text) || id === text)?.id;
  const [region, country] = [factOf(wine.facts, 'region'), factOf(wine.facts, 'country')];
  return (
    <TypedParts
      label="Place"
      hint="region, country"
      placeholder="Piedmont, Italy"
      stands={[region, country === undefined ? undefined : countryName(country)].filter((part) => part !== undefined).join(', ')}
      write={(text) => {
        const place = placeFromText(text, called);
        // What stays as it is, is not written: somebody else may be changing it.
        if (place.region !== (region ?? '')) set('region', place.region === '' ? undefined : place.region);
        if (place.country !== (country ?? '')) set('country', place.country === '' ? undefined : place.country);
      }}
      completions={(begun) => {
        const start = fold(begun);
        return start.length < fewest ? [] : names.filter(({ folded }) => folded.startsWith(start) && folded !== start).slice(0, most);
      }}
    />
  );
}
/** The facts of the five, shown there and not among the rest. */
export const inFive: ReadonlySet<FactId> = new Set(['colour', 'abv', 'takenFor']);
/** Those of them that have fields of their own among the rest too: shares one by one, country and region apart. Who is led to one is led to the five. */
export const alsoInFive: ReadonlySet<FactId> = new Set(['grapes', 'region', 'country']);
/** A stated fact in few words, for the line of a fold. */
export const inShort = (wine: WineDocument, id: FactId): string => {
  const value = factOf(wine.facts, id);
  return value === undefined ? '' : namedFact(id, value);
};
