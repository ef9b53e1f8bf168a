'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { z } from 'zod';
import { Button } from '@/ui/button';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';

/** A design beside what comes of it; its parts one below the other, each a row of fields. */
export const Design = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 34px;
  .names {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    gap: 12px;
    margin-bottom: 14px;
  }
  .part {
    border-top: 1px solid var(--line);
    padding: 12px 0;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
    gap: 10px;
    align-items: end;
  }
  .wide {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    font-size: 0.875rem;
  }
  .keep {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 16px;
  }
  @media (max-width: 56.25em) {
    grid-template-columns: 1fr;
  }
`;
/** A page of the settings where a venue designs something for itself. */
export function OwnPage({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <WayBack steps={[{ href: '/settings/tasting', name: 'Settings' }]} />
            <h1>{title}</h1>
          </div>
        </div>
        {children}
      </Page>
    </Frame>
  );
}
/** The first thing wrong with a design, with the part it is in: "Step 2, name: give it a name." */
export function firstWrong({ issues }: z.ZodError, list: string, part: string): string {
  const { path, message } = issues[0]!;
  const at = path[0] === list && typeof path[1] === 'number' ? `${part} ${path[1] + 1}, ${String(path[2] ?? '')}: ` : '';
  return `${at}${message}.`;
}

/** One version of what a venue designed for itself. */
export interface Version<D> {
  readonly id: string;
  readonly version: number;
  readonly document: D;
}

/** What a venue designed for itself, each in its latest version, with the way to change one or begin a new one. */
export function OwnList<V extends Version<unknown> & { readonly name: string; readonly what: string }>({
  own,
  mayEdit,
  onChange,
  onNew,
}: {
  own: readonly V[];
  mayEdit: boolean;
  onChange: (entry: V) => void;
  onNew: () => void;
}) {
  return (
    <>
      <ul style={{ listStyle: 'none', padding: 0 }}>
        {own.map((entry) => (
          <li
            key={entry.id}
            style={{ borderBottom: '1px solid var(--line)', padding: '10px 0', display: 'flex', flexWrap: 'wrap', gap: '4px 14px', alignItems: 'center' }}
          >
            <strong>{entry.name}</strong>
            <span className="soft">
              version {entry.version}, {entry.what}
            </span>
            {mayEdit && (
              <Button size="small" label={`Change ${entry.name}`} onPress={() => onChange(entry)}>
                Change
              </Button>
            )}
          </li>
        ))}
        {own.length === 0 && <li className="soft">None of your own yet.</li>}
      </ul>
      {mayEdit && (
        <Button tone="strong" onPress={onNew}>
          Design one
        </Button>
      )}
    </>
  );
}
