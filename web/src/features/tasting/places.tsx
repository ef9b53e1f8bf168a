'use client';
import styled from 'styled-components';
import { arrivals } from '@rose/core/tasting/guest';
import { keysOf } from '@rose/core/wine/keys';
import { counted, listed } from '@rose/core/wine/plural';
import { clockIn } from '@rose/core/wine/day';
import { useHere } from '@/ui/here';
import { MenuButton } from '@/ui/menu';
import { QuarterArcs } from '@/ui/quarter-ring';
import type { Led, People } from '../shared-flight/use-led';

const Grid = styled.ul`
  list-style: none;
  margin: 6px 0 10px;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  gap: 14px 8px;
  li {
    display: grid;
    justify-items: center;
    gap: 4px;
    text-align: center;
    font-size: 0.9375rem;
    min-width: 0;
  }
  li > span {
    max-width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  svg {
    overflow: visible;
  }
  text {
    fill: var(--ink);
    font: 500 14px var(--sans);
  }
  li[data-here='no'] {
    color: var(--soft);
  }
  li[data-here='no'] .done {
    fill: var(--soft);
  }
`;
type Person = People['people'][number];
const quarterNames = ['appearance', 'aroma', 'palate', 'finish'];

/** How far somebody is, as a sentence for who does not see the ring. */
const farInWords = (person: Person) =>
  person.locked ? 'has locked it' : `has looked at ${listed(person.quarters.flatMap((share, i) => (share > 0 ? [quarterNames[i]!] : []))) || 'nothing yet'}`;
/** Everybody at the table, each with a ring of the four quarters of the present glass: how far, never what. */
export function Places({ led }: { led: Led }) {
  const { timeZone } = useHere();
  const { people } = led.people;
  const there = people.filter((person) => !person.left);
  if (there.length === 0) return <p className="soft">Nobody has joined yet. The code stands beside this.</p>;
  const locked = there.filter((person) => person.locked).length;
  const away = there.filter((person) => !person.here && person.hereAt !== null);
  const waiting = there.filter((person) => person.waits);
  const said = [
    ...('place' in led.state.program[led.state.at]!
      ? [`${locked} of ${counted(there.length, 'guest')} ${locked === 1 || there.length === 1 ? 'has' : 'have'} locked this glass`]
      : []),
    ...(away.length > 3 ? [`${away.length} are offline, their phones keep their notes`] : []),
    ...(away.length > 3 ? [] : away).map((person) => `${person.name} is offline since ${clockIn(person.hereAt!, timeZone)}, their phone keeps their notes`),
    ...waiting.map((person) => `${person.name} asks for you, or for a minute more`),
  ];
  const told = there.flatMap((person) => {
    const bent = keysOf(arrivals).filter((key) => key !== 'eaten' && person.arrival?.[key] === true);
    return [
      ...(person.card?.allergies === undefined ? [] : [`Seat ${person.seat}, ${person.name}, says: ${person.card.allergies}.`]),
      ...(bent.length === 0 ? [] : [`Seat ${person.seat}: ${listed(bent)}.`]),
    ];
  });
  return (
    <>
      <Grid aria-label="At the table">
        {there.map((person) => (
          <li key={person.id} data-here={person.here || person.hereAt === null ? 'yes' : 'no'}>
            <MenuButton
              quiet
              label={`Seat ${person.seat}, ${person.name}, ${farInWords(person)}`}
              entries={[
                {
                  id: 'remove',
                  says: 'Ask them to leave: their device is let in no more',
                  danger: true,
                  off: !led.leads,
                  does: () => void led.act('remove', { participantId: person.id }),
                },
              ]}
            >
              <svg width="60" height="60" viewBox="-30 -30 60 60" aria-hidden>
                <QuarterArcs radius={25} thick={4} shares={person.quarters} now={(at) => person.quarters[at]! < 1} />
                <text textAnchor="middle" dominantBaseline="central">
                  {person.waits ? '!' : person.here || person.hereAt === null ? (person.locked ? '✓' : person.seat) : 'off'}
                </text>
              </svg>
            </MenuButton>
            <span>
              {person.name}
              {person.simulated ? ' (simulated)' : ''}
            </span>
          </li>
        ))}
      </Grid>
      <p className="soft" aria-live="polite">
        {said.join(' · ')}
      </p>
      {told.length > 0 && (
        <p className="soft">
          <strong>Told to you alone:</strong> {told.join(' ')}
        </p>
      )}
    </>
  );
}
