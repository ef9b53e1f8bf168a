'use client';
import { Ellipsis, GripVertical } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { GridList, GridListItem } from 'react-aria-components/GridList';
import { useDragAndDrop } from 'react-aria-components/useDragAndDrop';
import styled from 'styled-components';
import { predictions, type FlightDocument, type FlightWineEntry, type Prediction } from '@rose/core/flight/flight';
import type { OrderJudgement } from '@rose/core/order/judge';
import type { Pin } from '@rose/core/order/pins';
import { profileLabels } from '@rose/core/wine/profile';
import { glassShapes } from '@rose/knowledge/glasses/index';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import type { FlightWineView } from '@/contract/answers';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import { Glass } from '@/ui/glass';
import { showVolume } from '@rose/core/wine/measure';
import { TemperatureField, VolumeField } from '@/ui/measure-field';
import { petalsOf } from '@rose/core/rose/rose';
import { Rose } from '@/ui/rose';
import { pinWords } from './pin-words';
import { BiteField, ToldFields } from './told-fields';
import { Explained } from '@/ui/explained';
import { MenuButton, type MenuEntry } from '@/ui/menu';
import { Tip } from '@/ui/tip';

const List = styled(GridList<FlightWineView>)`
  display: grid;
  margin: 6px 0 12px;
  border-top: 1px solid var(--line);
`;
const Item = styled(GridListItem)`
  display: grid;
  grid-template-columns: 22px 22px 34px 28px minmax(0, 1fr) auto auto;
  gap: 2px 10px;
  align-items: center;
  padding: 5px 0;
  min-height: 52px;
  border-bottom: 1px solid var(--line);
  outline-offset: -2px;
  cursor: default;
  &[data-dragging] {
    opacity: 0.4;
  }
  &[data-drop-target] {
    background: var(--sea-soft);
  }
  .n {
    font: 600 1.125rem var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
  }
  .name {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font: 500 1.1875rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .name a {
    text-decoration: none;
  }
  .name a:hover {
    text-decoration: underline;
  }
  .soft,
  .said {
    color: var(--soft);
    font: 400 0.875rem/1.35 var(--sans);
  }
  .pins {
    color: var(--sea);
    font: 600 0.8125rem/1.3 var(--sans);
  }
  .assumed {
    font-size: 0.8125rem;
  }
  .moves {
    display: flex;
    gap: 4px;
    align-items: center;
  }
  .grip {
    border: 0;
    padding: 0;
    background: none;
    cursor: grab;
    color: var(--faint);
    min-height: 40px;
    display: grid;
    place-items: center;
  }
  .more {
    grid-column: 5 / -1;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px;
    padding: 6px 0 10px;
  }
  .more > p {
    grid-column: 1 / -1;
    margin: 0;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 20px 20px 32px minmax(0, 1fr) auto;
    min-height: 58px;
    .rose,
    .assumed,
    .arrow {
      display: none;
    }
    .name {
      white-space: normal;
      display: -webkit-box;
      -webkit-box-orient: vertical;
      -webkit-line-clamp: 2;
      font-size: 1.0625rem;
    }
    .name .soft {
      font-size: 0.8125rem;
    }
    .more {
      grid-column: 1 / -1;
    }
  }
`;

/** Whether a pin says something of a wine. */
const touches = (pin: Pin, wine: string) => pin.wine === wine || (pin.kind === 'before' && pin.other === wine);

/** The wines of the flight in their order: moved by drag, by Alt and the arrow keys, by buttons or the menu; pinned, predicted, poured differently. */
export function WineLine({
  wines,
  flight,
  order,
  judgement,
  venue,
  mayEdit,
  nameOf,
  onOrder,
  onPins,
  onWine,
  onRemove,
}: {
  wines: readonly FlightWineView[];
  flight: FlightDocument;
  order: readonly string[];
  judgement: OrderJudgement;
  venue: VenueFacts;
  mayEdit: boolean;
  nameOf: (wine: string) => string;
  onOrder: (order: readonly string[]) => void;
  onPins: (pins: readonly Pin[]) => void;
  onWine: (wine: string, next: Partial<FlightWineEntry>) => void;
  onRemove: (wine: string) => void;
}) {
  const move = (wine: string, to: number) => {
    const rest = order.filter((entry) => entry !== wine);
    const at = Math.min(rest.length, Math.max(0, to));
    onOrder([...rest.slice(0, at), wine, ...rest.slice(at)]);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    isDisabled: !mayEdit,
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder(event) {
      const moved = [...event.keys].map(String);
      const rest = order.filter((entry) => !moved.includes(entry));
      const at = rest.indexOf(String(event.target.key)) + (event.target.dropPosition === 'after' ? 1 : 0);
      onOrder([...rest.slice(0, at), ...moved, ...rest.slice(at)]);
    },
  });
  const [opened, setOpened] = useState<string | null>(null);
  const placed = (pin: Pin, wine: string) => pin.wine === wine && (pin.kind === 'first' || pin.kind === 'last' || pin.kind === 'place');
  /** Everything that can be done with a wine of the flight. */
  const acts = (wine: string, at: number): readonly MenuEntry[] => {
    const others = wines.map((other) => other.summary).filter((other) => other.id !== wine);
    const each = (kind: string, says: string, pin: (other: string) => Pin): MenuEntry => ({
      id: kind,
      says,
      of: others.map((other) => ({ id: other.id, says: other.name, does: () => onPins([...flight.pins, pin(other.id)]) })),
    });
    const to = (kind: 'first' | 'last'): MenuEntry => ({
      id: kind,
      says: `pin ${kind}`,
      does: () => onPins([...flight.pins.filter((pin) => pin.kind !== kind && !placed(pin, wine)), { kind, wine }]),
    });
    return [
      { id: 'earlier', says: 'move earlier', off: at === 0, does: () => move(wine, at - 1) },
      { id: 'later', says: 'move later', off: at === order.length - 1, does: () => move(wine, at + 1) },
      {
        id: 'move',
        says: 'move to',
        of: order.flatMap((_, i) => (i === at ? [] : [{ id: String(i), says: `place ${i + 1}`, does: () => move(wine, i) }])),
      },
      to('first'),
      to('last'),
      {
        id: 'place',
        says: `pin at place ${at + 1}`,
        does: () => onPins([...flight.pins.filter((pin) => !placed(pin, wine)), { kind: 'place', wine, place: at + 1 }]),
      },
      each('adjacent', 'pin beside', (other) => ({ kind: 'adjacent', wine, other })),
      each('before', 'pin before', (other) => ({ kind: 'before', wine, other })),
      each('after', 'pin after', (other) => ({ kind: 'before', wine: other, other: wine })),
      each('group', 'same glasses as', (other) => ({ kind: 'group', wine, other })),
      ...flight.pins.flatMap((pin, i) =>
        touches(pin, wine)
          ? [{ id: `off ${i}`, says: `take off: ${saidOf(pin, wine)}`, does: () => onPins(flight.pins.filter((other) => other !== pin)) }]
          : [],
      ),
      { id: 'more', says: opened === wine ? 'close its own pour' : 'its own pour, glass, temperature', does: () => setOpened(opened === wine ? null : wine) },
      { id: 'out', says: 'take out', danger: true, does: () => onRemove(wine) },
    ];
  };
  const saidOf = (pin: Pin, wine: string) => (pin.kind === 'before' && pin.other === wine ? `after ${nameOf(pin.wine)}` : pinWords(pin, nameOf));
  const entries = new Map(flight.wines.map((entry) => [entry.id, entry]));
  return (
    <div
      onKeyDownCapture={(event) => {
        if (!event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight' && event.key !== 'ArrowUp' && event.key !== 'ArrowDown') || !mayEdit)
          return;
        const wine =
          (event.target as HTMLElement).closest<HTMLElement>('[data-wine]')?.dataset['wine'] ??
          (event.target as HTMLElement).querySelector<HTMLElement>('[data-wine]')?.dataset['wine'];
        if (wine === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        move(wine, order.indexOf(wine) + (event.key === 'ArrowLeft' || event.key === 'ArrowUp' ? -1 : 1));
      }}
    >
      <List
        aria-label="Wines of the flight, in the order they are poured"
        items={[...wines]}
        dragAndDropHooks={dragAndDropHooks}
        dependencies={[flight, judgement, opened]}
        renderEmptyState={() => <p className="soft">No wines yet. Take a proposal above, or choose the first one below.</p>}
      >
        {({ summary, order: known }) => {
          const at = order.indexOf(summary.id);
          const entry = entries.get(summary.id);
          const pins = flight.pins.filter((pin) => touches(pin, summary.id));
          const open = opened === summary.id;
          const assumed = known.assumed ?? [];
          return (
            <Item id={summary.id} textValue={summary.name}>
              {mayEdit ? (
                <AriaButton slot="drag" className="grip" aria-label={`Drag ${summary.name}`}>
                  <GripVertical size={18} />
                </AriaButton>
              ) : (
                <span />
              )}
              <span className="n" data-wine={summary.id}>
                {at + 1}
              </span>
              <Glass stops={summary.stops} size={36} label="" />
              <span className="rose">
                <Rose petals={petalsOf(summary.loads)} size={30} tone="ink" title={summary.name} />
              </span>
              <span className="name">
                {entry?.buy === undefined ? <Link href={`/wines/${summary.id}`}>{summary.name}</Link> : summary.name}{' '}
                {pins.length > 0 && <span className="pins">{pins.map((pin) => saidOf(pin, summary.id)).join(', ')} </span>}
                <span className="soft">
                  {[
                    entry?.buy === undefined ? summary.grapes : `to buy: ${summary.styleName}`,
                    summary.vintage,
                    summary.abv === null ? '' : `${summary.abv} %`,
                    entry?.predict === undefined ? '' : `you expect: ${predictions[entry.predict]}`,
                    entry?.pourMl === undefined ? '' : showVolume(entry.pourMl, venue.volume),
                  ]
                    .filter((part) => part !== '')
                    .join(' · ')}
                </span>
              </span>
              <span className="assumed">
                {assumed.length > 0 && mayEdit && (
                  <Button
                    size="small"
                    tone="quiet"
                    expanded={open}
                    label={`${assumed.length} assumed of ${summary.name}`}
                    onPress={() => setOpened(open ? null : summary.id)}
                  >
                    {assumed.length} assumed
                  </Button>
                )}
              </span>
              {mayEdit && (
                <span className="moves">
                  <span className="arrow">
                    <Tip says="earlier">
                      <Button size="small" label={`Move ${summary.name} earlier`} disabled={at === 0} onPress={() => move(summary.id, at - 1)}>
                        ←
                      </Button>
                    </Tip>
                  </span>
                  <span className="arrow">
                    <Tip says="later">
                      <Button size="small" label={`Move ${summary.name} later`} disabled={at === order.length - 1} onPress={() => move(summary.id, at + 1)}>
                        →
                      </Button>
                    </Tip>
                  </span>
                  <MenuButton label={`Pin, move or take out ${summary.name}`} entries={acts(summary.id, at)}>
                    <Ellipsis size={17} aria-hidden />
                  </MenuButton>
                </span>
              )}
              {mayEdit && open && (
                <div className="more">
                  <SelectField
                    label="You expect it"
                    hint="hidden from guests"
                    value={entry?.predict ?? ''}
                    empty="no guess"
                    onChange={(value) => onWine(summary.id, { predict: value === '' ? undefined : (value as Prediction) })}
                    options={predictions}
                  />
                  <VolumeField
                    label="Its own pour"
                    unit={venue.volume}
                    low={5}
                    high={500}
                    value={entry?.pourMl}
                    onChange={(pourMl) => onWine(summary.id, { pourMl: pourMl === undefined ? undefined : Math.round(pourMl) })}
                  />
                  <TemperatureField
                    serving
                    label="Serve it at"
                    unit={venue.temperature}
                    low={-5}
                    high={60}
                    value={entry?.serveC}
                    onChange={(serveC) => onWine(summary.id, { serveC: serveC === undefined ? undefined : Math.round(serveC * 10) / 10 })}
                  />
                  <SelectField
                    label="Glass"
                    value={entry?.glass ?? ''}
                    empty="as the flight"
                    onChange={(glass) => onWine(summary.id, { glass: glass === '' ? undefined : glass })}
                    options={Object.fromEntries(glassShapes.map((shape) => [shape.id, shape.name]))}
                  />
                  <BiteField bite={entry?.bite} onChange={(bite) => onWine(summary.id, { bite })} />
                  <ToldFields told={entry?.told} onChange={(told) => onWine(summary.id, { told })} />
                  {assumed.length > 0 && (
                    <p className="said">
                      <Explained word="assumed">Assumed</Explained> from its style ({assumed[0]!.why}), not from facts or a tasting:{' '}
                      {assumed
                        .map((load) => `${profileLabels[load.key]} ${Math.round(known.loads[load.key])} (${Math.round(load.low)}–${Math.round(load.high)})`)
                        .join(', ')}
                      .
                    </p>
                  )}
                </div>
              )}
            </Item>
          );
        }}
      </List>
    </div>
  );
}
