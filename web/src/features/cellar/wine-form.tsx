'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { facts, factIds, factInWords, origins, type FactId, type FactValue, type Origin, type WineDocument } from '@rose/core/wine/facts';
import { effects, factEffects, type Effect } from '@rose/knowledge/effects/index';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { Disclosure } from '@/ui/disclosure';
import { Clashes } from '@/ui/document/save-state';
import { SavedAndUndo } from '@/ui/document/saved-and-undo';
import { useDocument } from '@/ui/document/use-document';
import { TextArea, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { useHere } from '@/ui/here';
import { SelectField } from '@/ui/select-field';
import { WayBack } from '@/ui/way-back';
import { FactField } from './fact-field';
import { FiveFields, alsoInFive, inFive, inShort } from './five-fields';
import { LotRow } from './lot-row';
import { settingFacts, type SetFact } from './set-fact';

const groups = { identity: 'What it is', place: 'Where it is from', analysis: 'In figures', making: 'How it was made', bottle: 'The bottle' } as const;
type Group = keyof typeof groups;
const Rest = styled.div`
  margin-top: 18px;
  border-top: 1px solid var(--line);
  > section {
    border-bottom: 1px solid var(--line);
  }
  .disclosure-line {
    padding: 12px 0;
    min-height: 48px;
  }
  .disclosure-line strong {
    font: 500 1.1875rem/1.2 var(--serif);
    margin-right: 12px;
  }
  .disclosure-line small {
    color: var(--soft);
    font-size: 0.8125rem;
    text-align: end;
  }
  .known {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 18px 26px;
    padding: 4px 0 20px;
    align-items: start;
  }
  .whole {
    grid-column: 1 / -1;
  }
  .grape {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 150px 84px 44px;
    gap: 8px;
    align-items: end;
  }
  .lot {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr 1fr 1.4fr 1.2fr 44px;
    gap: 8px;
    align-items: end;
  }
  @media (max-width: 56.25em) {
    .fields {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
    .lot,
    .grape {
      grid-template-columns: 1fr 1fr;
    }
  }
  @media (max-width: 40em) {
    .fields {
      grid-template-columns: minmax(0, 1fr);
    }
    .disclosure-line small {
      display: none;
    }
  }
`;
const From = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 0 0 12px;
  color: var(--soft);
  > :last-child {
    width: 150px;
  }
`;

/** A wine: five fields that are enough, and the rest by subject, each with what it changes. `asked` is the fact one came for. */
export function WineForm({ id, revision, document, asked }: { id: string; revision: number; document: WineDocument; asked?: FactId | undefined }) {
  const open = useDocument('wine', { id, document, revision });
  const wine = open.document;
  const isNew = revision === 0;
  const [from, setFrom] = useState<Origin>('label');
  const set = settingFacts(open, from);
  const title = wine.name.trim() === '' ? 'A new wine' : wine.name;
  useEffect(() => {
    if (asked === undefined) return;
    const field = window.document.getElementById(`fact-${asked === 'country' ? 'region' : asked}`);
    field?.scrollIntoView({ block: 'center' });
    field?.querySelector<HTMLElement>('input, button')?.focus();
  }, [asked]);
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <WayBack steps={[{ href: '/cellar', name: 'Cellar' }, ...(open.revision === 0 ? [] : [{ href: `/wines/${id}`, name: title }])]} />
            <h1>{title}</h1>
          </div>
          <div className="actions">
            <SavedAndUndo open={open} />
            {open.revision === 0 ? (
              <Button tone="strong" onPress={() => void open.flush()}>
                Save
              </Button>
            ) : (
              <>
                {isNew && <ButtonLink href="/wines/new">Another wine</ButtonLink>}
                <ButtonLink tone="strong" href={`/wines/${id}`}>
                  Done
                </ButtonLink>
              </>
            )}
          </div>
        </div>
        <Clashes
          open={open}
          label={(path) => (path[0] === 'facts' ? facts[path[1] as FactId].label : path[0] === 'lots' ? 'bottles' : path[0]!)}
          show={(value, path) => showValue(value, path)}
        />
        <From>
          <span>What you type here comes from</span>
          <SelectField hideLabel label="What you type here comes from" value={from} onChange={setFrom} options={origins} />
        </From>
        <FiveFields open={open} set={set} isNew={isNew} />
        <Rest>
          {(Object.keys(groups) as Group[]).map((group) => (
            <FactsOf key={group} group={group} wine={wine} set={set} asked={asked}>
              {group === 'identity' && (
                <TextField label="maker" value={wine.producer} onChange={(producer) => open.change((d) => ({ ...d, producer }), 'producer')} />
              )}
            </FactsOf>
          ))}
          <Bottles open={open} />
          <section aria-label="Remark">
            <Disclosure
              wide
              says={
                <>
                  <span>
                    <strong>Remark</strong>
                    <span className="known">{wine.remark.slice(0, 80)}</span>
                  </span>
                  <small>for yourselves</small>
                </>
              }
            >
              <div className="fields">
                <div className="whole">
                  <TextArea label="Remark" value={wine.remark} onChange={(remark) => open.change((d) => ({ ...d, remark }), 'remark')} />
                </div>
              </div>
            </Disclosure>
          </section>
        </Rest>
      </Page>
    </Frame>
  );
}

/** So many effects of a subject are named. */
const mostEffects = 5;
/** The facts of one subject, folded: what is known of them, and what they bear on. */
function FactsOf({
  group,
  wine,
  set,
  asked,
  children,
}: {
  group: Group;
  wine: WineDocument;
  set: SetFact;
  asked: FactId | undefined;
  children: React.ReactNode;
}) {
  const ids = factIds.filter((id) => facts[id].group === group && !inFive.has(id));
  const known = [group === 'identity' ? wine.producer : '', ...ids.map((id) => inShort(wine, id))].filter((part) => part !== '');
  const bears = (Object.keys(effects) as Effect[]).filter((effect) => ids.some((id) => factEffects[id].includes(effect)));
  return (
    <section aria-label={groups[group]}>
      <Disclosure
        wide
        open={asked !== undefined && ids.includes(asked) && !alsoInFive.has(asked)}
        says={
          <>
            <span>
              <strong>{groups[group]}</strong>
              <span className="known">{known.join(' · ')}</span>
            </span>
            <small>
              bears on{' '}
              {bears
                .slice(0, mostEffects)
                .map((effect) => effects[effect])
                .join(', ')}
              {bears.length > mostEffects ? ' and more' : ''}
            </small>
          </>
        }
      >
        <div className="fields">
          {children}
          {ids.map((id) => (
            <FactField key={id} id={id} known={wine.facts} set={set} asked={asked === id} />
          ))}
        </div>
      </Disclosure>
    </section>
  );
}
function Bottles({ open }: { open: ReturnType<typeof useDocument<'wine'>> }) {
  const { currency } = useHere();
  const { lots } = open.document;
  const held = lots.reduce((sum, lot) => sum + lot.held, 0);
  return (
    <section aria-label="Bottles held">
      <Disclosure
        wide
        open={lots.length > 0}
        says={
          <>
            <span>
              <strong>Bottles held</strong>
              <span className="known">{held === 0 ? '' : held}</span>
            </span>
            <small>bears on what must be bought, and what an evening costs</small>
          </>
        }
      >
        <div className="fields">
          {lots.map((lot) => (
            <div className="whole" key={lot.id}>
              <LotRow lot={lot} currency={currency} open={open} />
            </div>
          ))}
          <div className="whole">
            <Button size="small" onPress={() => open.change((d) => ({ ...d, lots: [...d.lots, { id: v7(), formatMl: 750, held: 1 }] }))}>
              Add bottles
            </Button>
          </div>
        </div>
      </Disclosure>
    </section>
  );
}
function showValue(value: unknown, path: readonly string[]): string {
  if (path[0] === 'facts' && typeof value === 'object' && value !== null) return factInWords(path[1] as FactId, (value as { value: FactValue<FactId> }).value);
  return typeof value === 'object' ? 'these' : String(value);
}
