'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { facts, factIds, factInWords, type FactId, type FactValue, type WineDocument } from '@rose/core/wine/facts';
import { Button, ButtonLink } from '@/ui/button';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { TextArea, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { FactField } from './fact-field';
import { LotRow } from './lot-row';
import { useHere } from '@/ui/here';

const groups = { identity: 'What it is', place: 'Where it is from', analysis: 'In figures', making: 'How it was made', bottle: 'The bottle' } as const;
const Form = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 30px 44px;
  align-items: start;
  section {
    display: grid;
    gap: 12px;
  }
  h2 {
    font-size: 1.375rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 6px;
  }
  .whole {
    grid-column: 1 / -1;
  }
  .fact {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 118px;
    gap: 8px;
    align-items: end;
  }
  .grape {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 110px 84px 44px;
    gap: 8px;
    align-items: end;
  }
  .lot {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr 1fr 1.4fr 1.2fr 44px;
    gap: 8px;
    align-items: end;
  }
  @media (max-width: 51.25em) {
    grid-template-columns: 1fr;
    .lot {
      grid-template-columns: 1fr 1fr;
    }
    .fact:has(.grape) {
      grid-template-columns: 1fr;
    }
    .grape {
      grid-template-columns: 1fr 1fr;
    }
    section.whole {
      grid-template-columns: 1fr !important;
    }
  }
`;

export function WineForm({ id, revision, document }: { id: string; revision: number; document: WineDocument }) {
  const { currency } = useHere();
  const open = useDocument('wine', { id, document, revision });
  const wine = open.document;
  const isNew = open.revision === 0;
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href={isNew ? '/cellar' : `/wines/${id}`}>
              {isNew ? 'Cellar' : 'Back to the wine'}
            </Link>
            <h1>{wine.name.trim() === '' ? 'A new wine' : wine.name}</h1>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SaveState open={open} />
            <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
              Undo
            </Button>
            {!isNew && (
              <ButtonLink tone="strong" href={`/wines/${id}`}>
                Done
              </ButtonLink>
            )}
            {isNew && (
              <Button tone="strong" onPress={() => void open.flush()}>
                Save
              </Button>
            )}
          </div>
        </div>
        <Clashes
          open={open}
          label={(path) => (path[0] === 'facts' ? facts[path[1] as FactId].label : path[0] === 'lots' ? 'bottles' : path[0]!)}
          show={(value, path) => showValue(value, path)}
        />
        <Form>
          <section className="whole" style={{ gridTemplateColumns: '1fr 1fr' }}>
            <TextField label="Name" value={wine.name} onChange={(name) => open.change((d) => ({ ...d, name }), 'name')} autoFocus={isNew} />
            <TextField label="Producer" value={wine.producer} onChange={(producer) => open.change((d) => ({ ...d, producer }), 'producer')} />
          </section>
          {(Object.keys(groups) as (keyof typeof groups)[]).map((group) => (
            <section key={group} aria-label={groups[group]}>
              <h2>{groups[group]}</h2>
              {factIds
                .filter((fact) => facts[fact].group === group)
                .map((fact) => (
                  <FactField key={fact} id={fact} open={open} />
                ))}
            </section>
          ))}
          <section className="whole" aria-label="Bottles held">
            <h2>Bottles held</h2>
            {wine.lots.map((lot) => (
              <LotRow key={lot.id} lot={lot} currency={currency} open={open} />
            ))}
            <div>
              <Button size="small" onPress={() => open.change((d) => ({ ...d, lots: [...d.lots, { id: v7(), formatMl: 750, held: 1 }] }))}>
                Add bottles
              </Button>
            </div>
          </section>
          <section className="whole">
            <TextArea label="Remark" hint="for yourselves" value={wine.remark} onChange={(remark) => open.change((d) => ({ ...d, remark }), 'remark')} />
          </section>
        </Form>
      </Page>
    </Frame>
  );
}
function showValue(value: unknown, path: readonly string[]): string {
  if (path[0] === 'facts' && typeof value === 'object' && value !== null) return factInWords(path[1] as FactId, (value as { value: FactValue<FactId> }).value);
  return typeof value === 'object' ? 'these' : String(value);
}
