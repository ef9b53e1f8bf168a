'use client';
import { GripVertical } from 'lucide-react';
import Link from 'next/link';
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
import { Disclosure } from '@/ui/disclosure';

const List = styled(GridList<FlightWineView>)`
  display: grid;
  margin: 6px 0 12px;
  border-top: 1px solid var(--line);
`;
const Item = styled(GridListItem)`
  display: grid;
  grid-template-columns: 32px 26px 40px 30px minmax(0, 1fr) 150px auto;
  gap: 4px 10px;
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
    font: 600 1.125rem var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
  }
  .name {
    font: 500 1.1875rem/1.2 var(--serif);
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
  .said button {
    margin-left: 2px;
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
  .disclosure {
    grid-column: 5 / -1;
  }
  .disclosure-line {
    font-size: 0.8125rem;
    color: var(--soft);
    min-height: 28px;
  }
  .more {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px;
    padding: 6px 0 8px;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 24px 22px 34px minmax(0, 1fr) auto;
    .rose {
      display: none;
    }
    .pin,
    .moves,
    .disclosure {
      grid-column: 4 / -1;
    }
  }
`;

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
  const act = (wine: string, value: string) => {
    const [kind, other = ''] = value.split(':');
    if (kind === 'move') move(wine, Number(other) - 1);
    else if (kind === 'first' || kind === 'last')
      onPins([
        ...flight.pins.filter((pin) => pin.kind !== kind && !(pin.wine === wine && (pin.kind === 'first' || pin.kind === 'last' || pin.kind === 'place'))),
        { kind, wine },
      ]);
    else if (kind === 'place')
      onPins([
        ...flight.pins.filter((pin) => !(pin.wine === wine && (pin.kind === 'first' || pin.kind === 'last' || pin.kind === 'place'))),
        { kind, wine, place: order.indexOf(wine) + 1 },
      ]);
    else if (kind === 'after') onPins([...flight.pins, { kind: 'before', wine: other, other: wine }]);
    else if (kind === 'adjacent' || kind === 'before' || kind === 'group') onPins([...flight.pins, { kind, wine, other }]);
  };
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
        dependencies={[flight, judgement]}
        renderEmptyState={() => <p className="soft">No wines yet. Take a proposal above, or choose the first one below.</p>}
      >
        {({ summary, order: known }) => {
          const at = order.indexOf(summary.id);
          const entry = entries.get(summary.id);
          const pins = flight.pins.filter((pin) => pin.wine === summary.id || (pin.kind === 'before' && pin.other === summary.id));
          const others = wines.filter((other) => other.summary.id !== summary.id);
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
                <span className="soft">
                  {[entry?.buy === undefined ? summary.grapes : `to buy: ${summary.styleName}`, summary.vintage, summary.abv === null ? '' : `${summary.abv} %`]
                    .filter((part) => part !== '')
                    .join(' · ')}
                </span>
                {pins.map((pin, i) => (
                  <span className="said" key={i}>
                    <br />
                    {pin.kind === 'before' && pin.other === summary.id ? `after ${nameOf(pin.wine)}` : pinWords(pin, nameOf)}
                    {mayEdit && (
                      <Button
                        size="small"
                        tone="quiet"
                        label={`Take the pin off ${summary.name}`}
                        onPress={() => onPins(flight.pins.filter((other) => other !== pin))}
                      >
                        ×
                      </Button>
                    )}
                  </span>
                ))}
              </span>
              <span className="pin">
                {mayEdit && (
                  <SelectField
                    hideLabel
                    label={`Pin or move ${summary.name}`}
                    value=""
                    onChange={(value) => act(summary.id, value)}
                    empty="pin or move …"
                    options={{
                      first: 'pin first',
                      last: 'pin last',
                      place: `pin at place ${at + 1}`,
                      ...Object.fromEntries(order.flatMap((_, i) => (i === at ? [] : [[`move:${i + 1}`, `move to place ${i + 1}`]]))),
                      ...Object.fromEntries(others.map((other) => [`adjacent:${other.summary.id}`, `beside ${other.summary.name}`])),
                      ...Object.fromEntries(others.map((other) => [`before:${other.summary.id}`, `before ${other.summary.name}`])),
                      ...Object.fromEntries(others.map((other) => [`after:${other.summary.id}`, `after ${other.summary.name}`])),
                      ...Object.fromEntries(others.map((other) => [`group:${other.summary.id}`, `same glasses as ${other.summary.name}`])),
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
              {mayEdit && (
                <Disclosure
                  says={
                    <>
                      {[
                        entry?.predict === undefined ? '' : `you expect: ${predictions[entry.predict]}`,
                        entry?.pourMl === undefined ? '' : showVolume(entry.pourMl, venue.volume),
                        assumed.length === 0 ? 'nothing assumed' : `${assumed.length} of 10 values assumed`,
                      ]
                        .filter((part) => part !== '')
                        .join(' · ')}
                    </>
                  }
                >
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
                  </div>
                  {assumed.length > 0 && (
                    <p className="said" style={{ margin: 0 }}>
                      From its style ({assumed[0]!.why}), not from facts or a tasting:{' '}
                      {assumed
                        .map((load) => `${profileLabels[load.key]} ${Math.round(known.loads[load.key])} (${Math.round(load.low)}–${Math.round(load.high)})`)
                        .join(', ')}
                      .
                    </p>
                  )}
                </Disclosure>
              )}
            </Item>
          );
        }}
      </List>
    </div>
  );
}
