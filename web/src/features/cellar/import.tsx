'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { ApiProblem, call } from '@/ui/api';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { Trouble } from '@/ui/field';
import { DropZone } from '@/ui/drop-zone';
import { MenuButton } from '@/ui/menu';
import { WayBack } from '@/ui/way-back';
import { facts, origins, type Origin } from '@rose/core/wine/facts';
import { counted } from '@rose/core/wine/plural';
import { SelectField } from '@/ui/select-field';
import { Frame, Page } from '@/ui/frame';

type Report = AnswerOf<'wine', 'import'>;
const Two = styled.div`
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 34px;
  align-items: start;
  @media (max-width: 51.25em) {
    grid-template-columns: 1fr;
  }
`;
const Map = styled.div`
  display: grid;
  gap: 8px;
  margin-top: 14px;
  .column {
    min-width: 0;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 0.875rem;
  th,
  td {
    text-align: left;
    padding: 6px 10px 6px 0;
    border-bottom: 1px solid var(--line);
    vertical-align: baseline;
  }
  th {
    color: var(--soft);
    font-weight: 400;
  }
  td:first-child {
    color: var(--soft);
    text-align: right;
    width: 44px;
  }
`;

/** A wine list from a file: choose it, say which column is what, see every row, then import all of it or nothing. */
export function ImportList({ fields }: { fields: readonly { id: string; label: string }[] }) {
  const [csv, setCsv] = useState('');
  const [mapping, setMapping] = useState<Readonly<Record<string, string>>>({});
  const [same, setSame] = useState<'ask' | 'skip' | 'add' | 'merge'>('ask');
  const [report, setReport] = useState<Report | null>(null);
  const [problem, setProblem] = useState<ApiProblem | Error | null>(null);
  const [done, setDone] = useState<Report | null>(null);
  const [busy, setBusy] = useState(false);
  const [origin, setOrigin] = useState<Origin | ''>('');
  const [ownOrigins, setOwnOrigins] = useState<Readonly<Record<string, Origin>>>({});
  const ask = async (text: string, map: Record<string, string>, preview: boolean) => {
    setBusy(true);
    setProblem(null);
    try {
      const found = await call(contract.wine.import, { csv: text, mapping: map, preview, same, origins: ownOrigins, ...(origin === '' ? {} : { origin }) });
      if (preview) {
        setReport(found);
        setMapping(found.mapping);
      } else setDone(found);
    } catch (error) {
      setProblem(error as Error);
      const more = error instanceof ApiProblem ? error.more : {};
      if (Array.isArray(more['columns']))
        setReport({
          columns: more['columns'] as string[],
          mapping: (more['mapping'] as Record<string, string>) ?? {},
          rows: 0,
          ready: 0,
          added: 0,
          merged: 0,
          skipped: 0,
          errors: [],
          errorCount: 0,
          same: [],
          sameCount: 0,
          sample: [],
        });
    }
    setBusy(false);
  };
  const take = async (file: File | undefined) => {
    if (file === undefined) return;
    const text = await file.text();
    setCsv(text);
    setDone(null);
    setReport(null);
    await ask(text, {}, true);
  };
  const saidOf = (column: string) => (ownOrigins[column] !== undefined ? origins[ownOrigins[column]] : origin === '' ? 'as the list' : origins[origin]);
  /** A list of ours says it itself. */
  const unsaid = origin === '' && report !== null && report.columns.length > 0;
  const labels = Object.fromEntries(fields.map((field) => [field.id, field.label]));
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <WayBack steps={[{ href: '/cellar', name: 'Cellar' }]} />
            <h1>Bring in a list</h1>
          </div>
        </div>
        <DropZone types={['.csv', '.tsv', '.txt', '.json', 'text/csv', 'application/json']} label="Choose the file" onFile={(file) => void take(file)}>
          or drop it here: CSV with commas, semicolons or tabs, or our own JSON; at most 2,000 wines; all or nothing
        </DropZone>
        {problem !== null && <Trouble role="alert">{problem.message}</Trouble>}
        {done !== null && (
          <div role="status">
            <h2>{counted(done.added, 'wine')} added</h2>
            <p className="soft">
              {done.merged > 0 && `${done.merged} got more bottles. `}
              {done.skipped > 0 && `${done.skipped} were here already and were left out.`}
            </p>
            <ButtonLink tone="strong" href="/cellar?sort=changed&direction=down">
              See them
            </ButtonLink>
          </div>
        )}
        {report !== null && done === null && (
          <Two>
            <section>
              <h2>Columns</h2>
              <p className="soft">Say what each column holds, and where its facts come from if not from where the list’s do. What you leave out is not read.</p>
              {report.columns.length > 0 && (
                <SelectField label="The facts of this list come from" value={origin} onChange={setOrigin} options={origins} empty="choose" />
              )}
              <Map>
                {report.columns.map((column) => (
                  <div className="column" key={column}>
                    <SelectField
                      label={column}
                      value={mapping[column] ?? ''}
                      empty="leave out"
                      options={labels}
                      onChange={(field) => {
                        const next = { ...mapping, [column]: field };
                        if (field === '') delete next[column];
                        setMapping(next);
                        void ask(csv, next, true);
                      }}
                    />
                    {mapping[column] !== undefined && mapping[column] in facts && (
                      <MenuButton
                        quiet
                        label={`from: ${saidOf(column)}, of ${column}`}
                        entries={(Object.keys(origins) as Origin[]).map((entry) => ({
                          id: entry,
                          says: origins[entry],
                          does: () => setOwnOrigins({ ...ownOrigins, [column]: entry }),
                        }))}
                      >
                        from: {saidOf(column)}
                      </MenuButton>
                    )}
                  </div>
                ))}
              </Map>
            </section>
            <section>
              <h2>
                {report.ready} of {report.rows} rows can be read
              </h2>
              {report.errorCount > 0 && (
                <>
                  <p>
                    {report.errorCount} {report.errorCount === 1 ? 'field' : 'fields'} cannot be read. Mend the file and choose it again; nothing is imported
                    until every row is right.
                  </p>
                  <Table>
                    <thead>
                      <tr>
                        <th>row</th>
                        <th>field</th>
                        <th>what is wrong</th>
                      </tr>
                    </thead>
                    <tbody>
                      {report.errors.slice(0, 60).map((error, i) => (
                        <tr key={i}>
                          <td>{error.row}</td>
                          <td>{labels[error.field] ?? error.field}</td>
                          <td>{error.message}</td>
                        </tr>
                      ))}
                    </tbody>
                  </Table>
                </>
              )}
              {report.sameCount > 0 && (
                <>
                  <h3 style={{ marginTop: 16 }}>Same wine?</h3>
                  <p>
                    {report.sameCount} {report.sameCount === 1 ? 'row has' : 'rows have'} the producer, name and vintage of a wine that is here already, such as{' '}
                    {report.same
                      .slice(0, 3)
                      .map((entry) => entry.name)
                      .join(', ')}
                    .
                  </p>
                  <SelectField
                    label="What to do with them"
                    value={same}
                    onChange={setSame}
                    options={{ ask: 'choose', skip: 'leave them out', merge: 'add their bottles to the wine here', add: 'they are other wines: add them' }}
                  />
                </>
              )}
              <Table style={{ marginTop: 16 }}>
                <thead>
                  <tr>
                    <th>row</th>
                    <th>wine</th>
                    <th>what we read</th>
                  </tr>
                </thead>
                <tbody>
                  {report.sample.map((row) => (
                    <tr key={row.row}>
                      <td>{row.row}</td>
                      <td>
                        {row.name}
                        <br />
                        <span className="soft">{row.producer}</span>
                      </td>
                      <td>{row.says}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
              <p style={{ marginTop: 16 }}>
                <Button
                  tone="strong"
                  disabled={busy || report.errorCount > 0 || report.ready === 0 || (report.sameCount > 0 && same === 'ask') || unsaid}
                  onPress={() => void ask(csv, mapping, false)}
                >
                  {busy ? 'Working' : `Import ${counted(report.ready, 'wine')}`}
                </Button>{' '}
                {unsaid && <span className="soft">Say first where the facts of this list come from.</span>}
              </p>
            </section>
          </Two>
        )}
      </Page>
    </Frame>
  );
}
