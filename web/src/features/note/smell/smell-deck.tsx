'use client';
import styled from 'styled-components';
import type { Layer, NoteDocument } from '@rose/core/wine/note';
import { enoughQuestions, nextFamily } from '@rose/knowledge/archetypes/index';
import { families, familyTerm, type FamilyId } from '@rose/knowledge/smells/index';
import { Button } from '@/ui/button';
import { withChip, withoutChip } from './chips';
import type { ChangeNote } from '../observation';

const List = styled.ul`
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 10px;
    align-items: center;
    border: 1px solid var(--line);
    border-radius: 12px;
    padding: 10px 14px;
    background: var(--raised);
  }
  li[data-now='true'] {
    border-color: var(--madder);
  }
  small {
    display: block;
    color: var(--soft);
  }
  .answers {
    display: flex;
    gap: 6px;
  }
`;
const says = { no: 'no', trace: 'a trace', yes: 'yes' } as const;
type Said = keyof typeof says;

/**
 * "Do you get this?" for those who only smell wine: one family at a time, the next the one whose answer is expected to tell most after what was answered.
 * It reads nothing but the note.
 */
export function PromptDeck({ doc, change, layer }: { doc: NoteDocument; change: ChangeNote; layer: Layer }) {
  const answered = (Object.keys(families) as FamilyId[]).filter((family) => doc.deck[family] !== undefined);
  const next = nextFamily(doc);
  const answer = (family: FamilyId, said: Said) => {
    const id = `deck-${family}`;
    change((d) => {
      const cleared = d.deck[family] === said;
      const answers = Object.fromEntries(Object.entries({ ...d.deck, [family]: said }).filter(([key]) => key !== family || !cleared)) as NoteDocument['deck'];
      const rest = withoutChip(id)({ ...d, deck: answers });
      return cleared || said === 'no' ? rest : withChip({ id, term: familyTerm(family), layer, strength: said === 'trace' ? 1 : 2 })(rest);
    });
  };
  const row = (family: FamilyId, now: boolean) => (
    <li key={family} data-now={now}>
      <span>
        <strong>{families[family].label}</strong>
        <small>{families[family].examples}</small>
      </span>
      <span className="answers">
        {(Object.keys(says) as Said[]).map((said) => (
          <Button key={said} size="small" label={`${families[family].label}: ${said}`} pressed={doc.deck[family] === said} onPress={() => answer(family, said)}>
            {said}
          </Button>
        ))}
      </span>
    </li>
  );
  const nothing = doc.deck['nothing'] === 'yes';
  return (
    <>
      <h3>Do you get…</h3>
      <List>
        {next !== undefined && !nothing && row(next.family, true)}
        {answered.map((family) => row(family, false)).reverse()}
      </List>
      <p style={{ color: 'var(--soft)', marginTop: 8 }}>
        {answered.length >= enoughQuestions
          ? `${answered.length} asked: that is enough to go on with.`
          : next === undefined || nothing
            ? ''
            : 'Each question is the one that would tell most after your answers. '}{' '}
        Smells only of wine? That is fine:{' '}
        <Button
          size="small"
          label={nothing ? 'Ask me again' : 'Nothing yet'}
          onPress={() =>
            change((d) => ({
              ...d,
              deck: nothing
                ? (Object.fromEntries(Object.entries(d.deck).filter(([key]) => key !== 'nothing')) as NoteDocument['deck'])
                : { ...d.deck, nothing: 'yes' },
            }))
          }
        >
          {nothing ? 'ask me again' : 'nothing yet'}
        </Button>{' '}
        is an answer.
      </p>
    </>
  );
}
