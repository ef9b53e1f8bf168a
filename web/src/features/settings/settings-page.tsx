'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Frame, Page } from '@/ui/frame';
import { TabLinks } from '@/ui/tab-links';

const pages = {
  '/settings': 'Venue',
  '/settings/evening': 'An evening',
  '/settings/people': 'People',
  '/settings/tasting': 'Ways of tasting',
  '/settings/programs': 'Programs',
} as const;
/** What a settings page is made of: sections of fields, rows of things, each with what can be done with it. */
const Lay = styled.div`
  display: grid;
  gap: 34px;
  max-width: 860px;
  margin-top: 8px;
  section,
  fieldset {
    display: grid;
    gap: 12px;
    min-width: 0;
    border: 0;
    margin: 0;
    padding: 0;
  }
  fieldset:disabled {
    opacity: 0.75;
  }
  h2 {
    font-size: 1.375rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 6px;
    margin: 0;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 14px 18px;
    align-items: start;
  }
  .few {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: end;
  }
  .few > .grow {
    flex: 1 1 220px;
  }
  .readings {
    display: grid;
    gap: 12px;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 10px;
    align-items: center;
    border-bottom: 1px solid var(--line);
    padding: 6px 0;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  code {
    overflow-wrap: anywhere;
    background: var(--sunk);
    padding: 8px 10px;
    border-radius: 8px;
    display: block;
  }
  pre {
    white-space: pre-wrap;
    font: inherit;
    font-size: 0.875rem;
    margin: 0;
  }
`;
/** The frame of one of the settings pages. `state`: how what is edited here is saved. */
export const SettingsPage = ({ says, state, children }: { says: string; state?: ReactNode; children: ReactNode }) => (
  <Frame>
    <Page>
      <div className="title">
        <div>
          <h1>Settings</h1>
          <span className="soft">{says}</span>
        </div>
        <div className="actions">{state}</div>
      </div>
      <TabLinks label="Settings" pages={pages} />
      <Lay>{children}</Lay>
    </Page>
  </Frame>
);
