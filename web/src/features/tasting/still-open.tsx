'use client';
import { counted, listed } from '@rose/core/wine/plural';
import { OpenedBottles, type Opened } from './opened';
import { wineTitle } from '../shared-flight/wine-title';
import type { Led } from '../shared-flight/use-led';

/** What is still open when an evening is closed: nothing of it is lost, and each is said once. */
export function StillOpen({ led, opened }: { led: Led; opened: Opened }) {
  const { state, people } = led;
  const there = people.people.filter((person) => !person.left && !person.simulated);
  const away = there.filter((person) => !person.here && person.hereAt !== null).length;
  const covered = state.blind === 'open' ? [] : state.glasses.filter((glass) => !glass.rejected && !glass.revealed).map((glass) => wineTitle(state, glass));
  const lines = [
    covered.length === 0 ? '' : `${listed(covered)} ${covered.length === 1 ? 'is' : 'are'} still covered: after the close nothing can be uncovered.`,
    away === 0 ? '' : `${counted(away, 'phone')} ${away === 1 ? 'is' : 'are'} offline: what they still hold goes up when they are back, after the close too.`,
    people.doubts.length === 0
      ? ''
      : `${listed(people.doubts.map((doubt) => wineTitle(state, { id: doubt.glassId, place: doubt.place })))} ${people.doubts.length === 1 ? 'was doubted and stands' : 'were doubted and stand'}.`,
  ].filter((line) => line !== '');
  return (
    <div>
      <p>
        {counted(there.length, 'guest')} came. {lines.length === 0 ? 'Nothing is left open.' : ''}
      </p>
      {lines.map((line) => (
        <p key={line} className="soft">
          {line}
        </p>
      ))}
      <OpenedBottles opened={opened} />
    </div>
  );
}
