'use client';
import styled from 'styled-components';
import { againstExpected, firmness, type Compared as Finding } from '@rose/knowledge/expectation/index';
import { kindInWords } from '@rose/knowledge/styles/index';
import { withArticle } from '@rose/core/wine/plural';
import type { WineFacts } from '@rose/core/wine/facts';
import type { NoteDocument } from '@rose/core/wine/note';
import { Disclosure } from '@/ui/disclosure';

const Body = styled.div`
  font-size: 0.9375rem;
  h4 {
    font-size: 0.875rem;
    margin: 12px 0 2px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 3px 0;
  }
  small {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .disclosure-line {
    min-height: 44px;
    padding: 10px 0;
    color: var(--soft);
  }
`;
const why = ({ because, firm }: Finding) => [because, firm === undefined ? undefined : firmness[firm]].filter((part) => part !== undefined).join(', ');
function List({ title, of }: { title: string; of: readonly Finding[] }) {
  return of.length === 0 ? null : (
    <>
      <h4>{title}</h4>
      <ul>
        {of.map((entry) => (
          <li key={`${entry.what} ${entry.says}`}>
            {entry.says} {why(entry) !== '' && <small>({why(entry)})</small>}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Expected and found, otherwise, missing, and surprising, each with its reason. */
export function Compared({ facts, doc, day }: { facts: WineFacts; doc: NoteDocument; day: string }) {
  const { style, why: chosen, found, otherwise, missing, surprising, unlooked } = againstExpected(facts, doc, day);
  const doubtful = doc.observed.health === 'faulty' || doc.observed.health === 'doubtful';
  return (
    <Body>
      <p style={{ margin: 0, color: 'var(--soft)' }}>
        Against {withArticle(kindInWords({ name: style, why: chosen }))}.{doubtful && ' The glass was in doubt: what is missing may be the fault’s doing.'}
      </p>
      <List title="Otherwise than expected" of={otherwise} />
      <List title="Expected, and missing" of={missing} />
      <List title="Found, and not expected" of={surprising} />
      <Disclosure
        says={
          <>
            {found.length} as expected{unlooked.length > 0 ? `, ${unlooked.length} not looked at` : ''}
          </>
        }
      >
        <List title="As expected" of={found} />
        {unlooked.length > 0 && <p style={{ margin: '10px 0 0' }}>Not looked at: {unlooked.join(', ')}.</p>}
      </Disclosure>
    </Body>
  );
}
