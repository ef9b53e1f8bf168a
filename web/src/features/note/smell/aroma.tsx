'use client';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { fates, layers, strengths, withObservation, type Chip, type Fate, type Layer, type NoteDocument, type Strength } from '@rose/core/wine/note';
import { labelInWords } from '@rose/core/wine/observables';
import { rowsSaid, saidInWords } from '@rose/knowledge/sensations/said';
import { originsInWords } from '@rose/knowledge/smells/origins';
import { chipName, completions, descriptor, descriptorOrigins, families, familyTerm, type Completion, type FamilyId } from '@rose/knowledge/smells/index';
import { BareButton, Button, Key } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { useKey } from '@/ui/keys';
import { Picker } from '@/ui/picker';
import { SelectField } from '@/ui/select-field';
import type { ChangeNote as Change, SetObservation } from '../observation';
import { withChip, withoutChip } from './chips';
import { useOwnWords } from './own-words';
import { Fields } from '../fields';

const PromptDeck = dynamic(() => import('./smell-deck').then((module) => module.PromptDeck), { ssr: false });

const Chips = styled.ul`
  list-style: none;
  margin: 12px 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button.chip {
    border: 1px solid var(--line);
    background: var(--raised);
    border-radius: 20px;
    min-height: 40px;
    padding: 0 14px;
    cursor: pointer;
    display: inline-flex;
    gap: 8px;
    align-items: center;
  }
  button.chip[aria-expanded='true'] {
    border-color: var(--madder);
  }
  small {
    color: var(--soft);
    font-size: 0.78125rem;
  }
  button.chip[data-strength='3'] {
    font-weight: 650;
  }
  button.chip[data-layer='mouth'] {
    border-color: var(--sea);
  }
  button.chip[data-fate='gone'] {
    text-decoration: line-through;
    color: var(--soft);
  }
`;
const Card = styled.div`
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--raised);
  padding: 12px 16px;
  margin: 0 0 14px;
  display: grid;
  gap: 10px;
  .row {
    display: grid;
    gap: 4px;
  }
  .row > span {
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;
/** How a smell is written down: in the taster's own word where that is a whole one, else by the synonym that answered; undefined for its own name. */
function wordFor({ match, by, descriptor: { name } }: Completion, typed: string): string | undefined {
  const word = match === 'whole' ? typed : by;
  return word === undefined || word.toLowerCase() === name.toLowerCase() ? undefined : word.slice(0, 200);
}

/** Smells by typing over names and synonyms; a word the vocabulary does not know is kept as the taster's own. */
export function NameSmell({ label, layer, change }: { label: string; layer: Layer; change: Change }) {
  const [text, setText] = useState('');
  const box = useRef<HTMLInputElement>(null);
  const found = completions(text);
  const own = text.trim();
  const { nearest, learn } = useOwnWords();
  const taught = descriptor(nearest(own) ?? '');
  // The last word that nobody has: it is asked for once what it is nearest to.
  const [unknown, setUnknown] = useState<Chip>();
  // Where the last word went, where that cannot be seen among the smells.
  const [filed, setFiled] = useState('');
  const known = found.map((entry) => ({
    id: entry.descriptor.id,
    name: wordFor(entry, own) ?? entry.descriptor.name,
    says: entry.match === 'near' ? `nearest to it · ${families[entry.descriptor.family].label}` : families[entry.descriptor.family].label,
  }));
  const ownWords = { id: 'own', name: own, says: found.length === 0 ? 'your own words' : 'your own words: no family' };
  // Enter takes the word as it stands, never a longer one.
  // A word of taste, feel or look belongs to a row of the note.
  const rows = rowsSaid(own);
  const rowItems = rows.map((row) => ({ id: `row ${row.id}`, name: own, says: `${labelInWords(row.id)}: ${saidInWords(row)}` }));
  const learnt = taught === undefined ? [] : [{ id: 'taught', name: own, says: `${families[taught.family].label}: so your venue says` }];
  const whole = found[0]?.match === 'whole';
  const items =
    own === '' ? known : whole ? [known[0]!, ...rowItems, ...known.slice(1)] : [...rowItems, ...(learnt.length > 0 ? learnt : [ownWords]), ...known];
  useKey((key, event) => {
    if (key !== '/') return;
    event.preventDefault();
    box.current?.focus();
  });
  const add = (key: string) => {
    const row = rows.find(({ id }) => key === `row ${id}`);
    if (row !== undefined) {
      change((d) => withObservation(d, row.id, row.value));
      setFiled(`Recorded: ${labelInWords(row.id)}: ${saidInWords(row)}.`);
      return setText('');
    }
    setFiled('');
    const entry = found.find(({ descriptor: { id } }) => id === key);
    const words = entry === undefined ? own.slice(0, 200) : wordFor(entry, own);
    const term = entry?.descriptor.id ?? (key === 'taught' ? taught?.id : undefined);
    const chip: Chip = { id: v4(), ...(term === undefined ? {} : { term }), ...(words === undefined ? {} : { words }), layer, strength: 2 };
    // A word twice is one.
    const there = (other: Chip) => other.layer === chip.layer && (chip.term === undefined ? other.words === chip.words : other.term === chip.term);
    change((d) => {
      if (d.chips.some(there)) return d;
      // A word of the nose, named again in the mouth, is the same smell: it has stayed.
      const smelt =
        layer === 'mouth'
          ? d.chips.find((other) => other.layer !== 'mouth' && (chip.term === undefined ? other.words === chip.words : other.term === chip.term))
          : undefined;
      return withChip(smelt === undefined ? chip : { ...smelt, fate: 'stayed' })(d);
    });
    setText('');
    setUnknown(term === undefined ? chip : undefined);
  };
  const file = (chip: Chip, term: string) => {
    change((d) => ({ ...d, chips: d.chips.map((other) => (other.term === undefined && other.words === chip.words ? { ...other, term } : other)) }));
    setUnknown(undefined);
    learn(chip.words!, term).then(
      () => setFiled(`“${chip.words!}” is kept for your venue.`),
      (error: Error) => setFiled(`“${chip.words!}” is filed in this note, but not kept for your venue: ${error.message} Type it again later to keep it.`),
    );
  };
  return (
    <>
      <Picker
        label={label}
        hint={<Key>/</Key>}
        placeholder="sour cherry, wet stone, grandmother’s cupboard"
        text={text}
        onText={setText}
        opens="input"
        found={items}
        onPick={add}
        box={box}
      />
      {filed !== '' && (
        <p role="status" style={{ margin: '6px 0 0', color: 'var(--soft)', fontSize: '0.875rem' }}>
          {filed}
        </p>
      )}
      {unknown !== undefined && <NearestTo chip={unknown} onFile={(term) => file(unknown, term)} onLeave={() => setUnknown(undefined)} />}
    </>
  );
}
/** Asks once what a word of one's own is nearest to; left alone, it stays a word of nobody's family. */
function NearestTo({ chip, onFile, onLeave }: { chip: Chip; onFile: (term: string) => void; onLeave: () => void }) {
  return (
    <div
      role="group"
      aria-label={`What ${chip.words!} is nearest to`}
      style={{ display: 'flex', flexWrap: 'wrap', gap: 8, alignItems: 'end', margin: '8px 0' }}
    >
      <SelectField
        label={`“${chip.words!}” is nearest to`}
        value=""
        empty="which family?"
        onChange={(term) => term !== '' && onFile(term)}
        options={Object.fromEntries(Object.entries(families).map(([id, { label }]) => [familyTerm(id as FamilyId), label]))}
      />
      <Button size="small" tone="quiet" onPress={onLeave}>
        nothing of these
      </Button>
    </div>
  );
}

/** Family and usual origin of a term. */
function ofTerm(term: string): string {
  const found = descriptor(term);
  return found === undefined ? '' : `${families[found.family].label}; usually from ${descriptorOrigins[found.origin]}`;
}
/** The plain explanation of a term, fetched when a chip is opened. */
function Explained({ id }: { id: string }) {
  const [text, setText] = useState<string>();
  useEffect(() => {
    let there = true;
    void import('@rose/knowledge/smells/explained').then(
      (module) => there && setText(module.explained[id]),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [id]);
  return text === undefined ? null : <p style={{ margin: 0, fontSize: '0.9375rem' }}>{text}</p>;
}

export function ChipList({ chips, change, withFate }: { chips: readonly Chip[]; change: Change; withFate: boolean }) {
  const [openId, setOpenId] = useState<string | null>(null);
  const chip = chips.find((entry) => entry.id === openId);
  return (
    <>
      <Chips aria-label="Smells found">
        {chips.map((entry) => (
          <li key={entry.id}>
            <BareButton
              className="chip"
              marks={{ 'data-strength': entry.strength, 'data-layer': entry.layer, 'data-fate': entry.fate }}
              expanded={entry.id === openId}
              onPress={() => setOpenId(entry.id === openId ? null : entry.id)}
            >
              {chipName(entry)}{' '}
              <small>
                {withFate
                  ? (entry.fate ?? (entry.layer === 'mouth' ? 'new' : 'and now?'))
                  : entry.strength === 2
                    ? layers[entry.layer]
                    : strengths[entry.strength]}
              </small>
            </BareButton>
          </li>
        ))}
      </Chips>
      {chip !== undefined && (
        <Card>
          <strong>
            {chipName(chip)} <span style={{ fontWeight: 400, color: 'var(--soft)' }}>{chip.term === undefined ? 'your own words' : ofTerm(chip.term)}</span>
          </strong>
          {chip.term !== undefined && <Explained id={chip.term} />}
          {withFate && chip.layer !== 'mouth' && (
            <div className="row">
              <span>In the mouth it</span>
              <Choice
                bare
                name={`fate-${chip.id}`}
                label="What became of it in the mouth"
                options={fates}
                value={chip.fate}
                onChange={(fate) =>
                  change(
                    withChip(
                      Object.fromEntries(
                        Object.entries({ ...chip, fate: fate as Fate | undefined }).filter(([, value]) => value !== undefined),
                      ) as unknown as Chip,
                    ),
                  )
                }
              />
            </div>
          )}
          <div className="row">
            <span>How strong</span>
            <Choice
              bare
              name={`strength-${chip.id}`}
              label="How strong"
              options={strengths}
              value={String(chip.strength)}
              onChange={(strength) => strength !== undefined && change(withChip({ ...chip, strength: Number(strength) as Strength }))}
            />
          </div>
          {chip.layer !== 'mouth' && (
            <div className="row">
              <span>When it came</span>
              <Choice
                bare
                name={`layer-${chip.id}`}
                label="When it came"
                options={{ first: layers.first, swirled: layers.swirled, later: layers.later }}
                value={chip.layer}
                onChange={(layer) => layer !== undefined && change(withChip({ ...chip, layer: layer as Layer }))}
              />
            </div>
          )}
          <div>
            <Button
              size="small"
              onPress={() => {
                change(withoutChip(chip.id));
                setOpenId(null);
              }}
            >
              Take it out
            </Button>
          </div>
        </Card>
      )}
    </>
  );
}

export function Aroma({ doc, change, set }: { doc: NoteDocument; change: Change; set: SetObservation }) {
  return (
    <>
      <Fields quarter="aroma" observed={doc.observed} set={set} />
      <h3 style={{ margin: '20px 0 8px' }}>What do you smell?</h3>
      <Smells doc={doc} change={change} />
    </>
  );
}

const layerOf = (sniff: number | undefined, swirled: boolean): Layer =>
  sniff === undefined ? (swirled ? 'swirled' : 'first') : sniff === 1 ? 'first' : sniff === 2 ? 'swirled' : 'later';
const nameIt: Readonly<Record<Layer, string>> = {
  first: 'Name a smell, still glass',
  swirled: 'Name a smell, after the swirl',
  later: 'Name a smell that came later',
  mouth: 'Name a flavour',
};
/** The nose, named or asked for. @param sniff which time smells are asked for, where a routine asks more than once */
export function Smells({ doc, change, sniff }: { doc: NoteDocument; change: Change; sniff?: number | undefined }) {
  const smelt = doc.chips.filter((chip) => chip.layer !== 'mouth');
  const layer = layerOf(sniff, doc.observed.noseSwirled !== undefined);
  const origins = originsInWords(smelt);
  const [deck, setDeck] = useState(() => Object.keys(doc.deck).length > 0);
  return (
    <>
      <NameSmell label={nameIt[layer]} layer={layer} change={change} />
      <ChipList chips={smelt} change={change} withFate={false} />
      {origins !== '' && (
        <p className="soft" style={{ margin: '0 0 10px', fontSize: '0.875rem', color: 'var(--soft)' }}>
          {origins}
        </p>
      )}
      {!deck ? (
        <p>
          <Button onPress={() => setDeck(true)}>It only smells of wine: ask me</Button>
        </p>
      ) : (
        <PromptDeck doc={doc} change={change} layer={layer} />
      )}
    </>
  );
}

/** What became of the nose in the mouth, and what came new. */
export function Flavours({ doc, change }: { doc: NoteDocument; change: Change }) {
  return (
    <>
      <h3 style={{ margin: '20px 0 8px' }}>Flavours</h3>
      <ChipList chips={doc.chips} change={change} withFate />
      <NameSmell label="Name a flavour that is new in the mouth" layer="mouth" change={change} />
    </>
  );
}
