'use client';
import { GripVertical } from 'lucide-react';
import Link from 'next/link';
import { Button as AriaButton } from 'react-aria-components/Button';
import { GridList, GridListItem } from 'react-aria-components/GridList';
import { useDragAndDrop } from 'react-aria-components/useDragAndDrop';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { OrderJudgement } from '@rose/core/order/judge';
import type { Pin } from '@rose/core/order/pins';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/field';
import { Glass } from '@/ui/glass';
import { petalsOf } from '@/ui/petals';
import { Rose } from '@/ui/rose';
import type { FlightWine } from './flight-wine';

const List = styled(GridList<FlightWine>)`
  display: grid;
  margin: 6px 0 12px;
  border-top: 1px solid var(--line);
`;
const Item = styled(GridListItem)`
  display: grid;
  grid-template-columns: 32px 26px 40px 30px minmax(0, 1fr) 76px 150px auto;
  gap: 10px;
  align-items: center;
  padding: 8px 0;
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
    font: 600 18px var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
  }
  .name {
    font: 500 19px/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .name a {
    text-decoration: none;
  }
  .name a:hover {
    text-decoration: underline;
  }
  .soft {
    color: var(--soft);
    font-size: 14px;
  }
  .moves {
    display: flex;
    gap: 4px;
  }
  .grip {
    border: 0;
    background: none;
    cursor: grab;
    color: var(--faint);
    min-height: 40px;
  }
  @media (max-width: 760px) {
    grid-template-columns: 24px 22px 34px minmax(0, 1fr) auto;
    .rose,
    .wide {
      display: none;
    }
    .pin {
      grid-column: 4 / -1;
    }
  }
`;

/** The wines of the flight in their order: moved by drag, by Alt and the arrow keys, or by buttons; pinned by a menu. */
export function WineLine({
  wines,
  flight,
  judgement,
  mayEdit,
  onOrder,
  onPins,
  onRemove,
}: {
  wines: readonly FlightWine[];
  flight: FlightDocument;
  judgement: OrderJudgement;
  mayEdit: boolean;
  onOrder: (order: readonly string[]) => void;
  onPins: (pins: readonly Pin[]) => void;
  onRemove: (wine: string) => void;
}) {
  const order = flight.wines;
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
  const pinOf = (wine: string) => {
    const pin = flight.pins.find((entry) => entry.wine === wine && entry.kind !== 'before');
    return pin === undefined ? '' : pin.kind === 'adjacent' ? `adjacent:${pin.other}` : pin.kind;
  };
  const setPin = (wine: string, value: string) => {
    const rest = flight.pins.filter((pin) => pin.wine !== wine);
    if (value === '') onPins(rest);
    else if (value === 'first' || value === 'last') onPins([...rest.filter((pin) => pin.kind !== value), { kind: value, wine }]);
    else onPins([...rest, { kind: 'adjacent', wine, other: value.slice('adjacent:'.length) }]);
  };
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
        dependencies={[flight, judgement]}
        renderEmptyState={() => <p className="soft">No wines yet. Choose the first one below.</p>}
      >
        {({ summary }) => {
          const at = order.indexOf(summary.id);
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
                <Link href={`/wines/${summary.id}`}>{summary.name}</Link>{' '}
                <span className="soft">{[summary.grapes, summary.vintage].filter((part) => part !== '').join(' · ')}</span>
              </span>
              <span className="wide">{summary.abv === null ? '' : `${summary.abv} %`}</span>
              <span className="pin">
                {mayEdit && (
                  <SelectField
                    hideLabel
                    label={`Pin of ${summary.name}`}
                    value={pinOf(summary.id)}
                    onChange={(value) => setPin(summary.id, value)}
                    empty="not pinned"
                    options={{
                      first: 'pinned first',
                      last: 'pinned last',
                      ...Object.fromEntries(
                        wines
                          .filter((other) => other.summary.id !== summary.id)
                          .map((other) => [`adjacent:${other.summary.id}`, `beside ${other.summary.name}`]),
                      ),
                    }}
                  />
                )}
              </span>
              {mayEdit && (
                <span className="moves">
                  <Button size="small" label={`Move ${summary.name} earlier`} disabled={at === 0} onPress={() => move(summary.id, at - 1)}>
                    ←
                  </Button>
                  <Button size="small" label={`Move ${summary.name} later`} disabled={at === order.length - 1} onPress={() => move(summary.id, at + 1)}>
                    →
                  </Button>
                  <Button size="small" label={`Take ${summary.name} out`} onPress={() => onRemove(summary.id)}>
                    ×
                  </Button>
                </span>
              )}
            </Item>
          );
        }}
      </List>
    </div>
  );
}
