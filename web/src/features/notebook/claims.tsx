'use client';
import { useState } from 'react';
import { fold } from '@rose/core/wine/search-folding';
import { counted } from '@rose/core/wine/plural';
import { claims } from '@rose/knowledge/popular-errors/index';
import { Frame, Page } from '@/ui/frame';
import { SearchField } from '@/ui/search-field';
import { WayBack } from '@/ui/way-back';

/** What is often said of wine and does not follow, each with what is so. */
export function Claims() {
  const [sought, setSought] = useState('');
  const words = fold(sought).split(' ');
  const found = claims.filter(({ said, but }) => words.every((word) => fold(`${said} ${but}`).includes(word)));
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
        <h1>Said of wine, and not so</h1>
        <p className="soft" style={{ maxWidth: '64ch' }}>
          None of these moves a judgement here. Each is shown in a note where it comes to mind, and all of them stand here.
        </p>
        <div style={{ maxWidth: 420, margin: '14px 0 4px' }}>
          <SearchField label="Search" hint={counted(found.length, 'saying')} value={sought} onChange={setSought} />
        </div>
        {found.length === 0 && <p className="soft">Nothing of ours speaks of that. Take a word away.</p>}
        <dl style={{ maxWidth: '66ch', margin: 0 }}>
          {found.map(({ id, said, but, source }) => (
            <div key={id} style={{ borderBottom: '1px solid var(--line)', padding: '12px 0' }}>
              <dt style={{ font: '500 1.1875rem/1.35 var(--serif)', fontStyle: 'italic' }}>“{said}”</dt>
              <dd style={{ margin: '4px 0 0' }}>
                {but} {source !== undefined && <span className="soft">{source}.</span>}
              </dd>
            </div>
          ))}
        </dl>
      </Page>
    </Frame>
  );
}
