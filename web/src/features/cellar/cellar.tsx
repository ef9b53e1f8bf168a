'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import type { WineFilters, AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { SelectField } from '@/ui/select-field';
import { Frame, Page } from '@/ui/frame';
import { Glass } from '@/ui/glass';
import { Filters, ListEnd, useListPage } from '@/ui/list-page';
import { facts } from '@rose/core/wine/facts';
import { petalsOf } from '@rose/core/rose/rose';
import { countryName } from '@rose/core/wine/country';
import { Rose } from '@/ui/rose';
import { useMay } from '@/ui/here';
import { MenuButton } from '@/ui/menu';
import { counted } from '@rose/core/wine/plural';

type Listing = AnswerOf<'wine', 'list'>;
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  a {
    display: grid;
    grid-template-columns: 40px 34px minmax(0, 1fr) 150px 74px 110px 90px;
    gap: 14px;
    align-items: center;
    padding: 11px 6px;
    border-bottom: 1px solid var(--line);
    text-decoration: none;
  }
  a:hover {
    background: var(--raised);
  }
  .name {
    font: 500 1.25rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .name small {
    font: 400 0.875rem var(--sans);
    color: var(--soft);
    margin-left: 8px;
  }
  .style {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .num {
    text-align: right;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .ask {
    color: var(--amber);
    font-size: 0.8125rem;
  }
  @media (max-width: 56.25em) {
    a {
      grid-template-columns: 40px minmax(0, 1fr) auto;
    }
    .rose,
    .wide {
      display: none;
    }
  }
`;

export function Cellar({ first, filters, countries }: { first: Listing; filters: WineFilters; countries: readonly string[] }) {
  const router = useRouter();
  const mayEdit = useMay('cellar.edit');
  const page = useListPage({ path: '/cellar', more: (input) => call(contract.wine.list, input), first, filters });
  const { items: wines, ask, asked } = page;
  const filtered = Object.keys(filters).some((key) => !['sort', 'direction'].includes(key));
  return (
    <Frame keys={{ '/': 'search' }}>
      <Page>
        <div className="title">
          <h1>Cellar</h1>
          <span className="soft">
            {counted(first.count, 'wine')}
            {filtered ? ' of what you asked for' : ''}
          </span>
          <div className="actions">
            {first.count > 0 && (
              <MenuButton
                label="Export the cellar"
                entries={[
                  { id: 'csv', says: 'as CSV', fetches: '/api/v1/wines/exports/csv' },
                  { id: 'json', says: 'as JSON', fetches: '/api/v1/wines/exports/json' },
                ]}
              >
                Export
              </MenuButton>
            )}
            {mayEdit && <ButtonLink href="/wines/import">Bring in a list</ButtonLink>}
            {mayEdit && (
              <ButtonLink tone="strong" href="/wines/new">
                Add a wine
              </ButtonLink>
            )}
          </div>
        </div>
        {(first.count > 0 || filtered) && (
          <Filters page={page} hint="name, maker, grape, place" set={Object.keys(filters).filter((key) => !['q', 'sort', 'direction'].includes(key)).length}>
            <SelectField label="Colour" value={asked.colour ?? ''} onChange={(colour) => ask({ colour })} empty="any" options={facts.colour.options} />
            <SelectField label="Bubbles" value={asked.bubbles ?? ''} onChange={(bubbles) => ask({ bubbles })} empty="any" options={facts.bubbles.options} />
            <SelectField
              label="Country"
              value={asked.country ?? ''}
              onChange={(country) => ask({ country })}
              empty="any"
              options={Object.fromEntries(countries.map((code) => [code, countryName(code)]))}
            />
            <SelectField
              label="Show"
              value={asked.deleted === 'yes' ? 'deleted' : (asked.held ?? '')}
              onChange={(show) => ask(show === 'deleted' ? { deleted: 'yes', held: '' } : { deleted: '', held: show })}
              empty="all"
              options={{ yes: 'held', no: 'none left', deleted: 'deleted' }}
            />
            <SelectField
              label="Sorted by"
              value={`${asked.sort ?? 'name'}.${asked.direction ?? 'up'}`}
              onChange={(value) => ask({ sort: value.split('.')[0]!, direction: value.split('.')[1]! })}
              options={{
                'name.up': 'name',
                'name.down': 'name, from Z',
                'producer.up': 'maker',
                'producer.down': 'maker, from Z',
                'vintage.up': 'oldest first',
                'vintage.down': 'youngest first',
                'alcohol.up': 'least alcohol',
                'alcohol.down': 'most alcohol',
                'changed.down': 'last changed',
                'changed.up': 'longest unchanged',
              }}
            />
          </Filters>
        )}
        {wines.length === 0 ? (
          <p className="soft">{filtered ? 'No wine fits this. Take a filter away.' : 'No wines yet. Add the first one, or import a list you have as CSV.'}</p>
        ) : (
          <List>
            {wines.map((wine) =>
              filters.deleted === 'yes' ? (
                <li key={wine.id} style={{ display: 'flex', gap: 16, alignItems: 'center', padding: '8px 6px', borderBottom: '1px solid var(--line)' }}>
                  <span className="name">
                    {wine.name}
                    <small>{[wine.producer, wine.vintage].filter((part) => part !== '').join(' · ')}</small>
                  </span>
                  {mayEdit && (
                    <Button
                      size="small"
                      label={`Bring ${wine.name} back`}
                      onPress={() => void call(contract.wine.restore, { id: wine.id }).then(() => router.refresh())}
                    >
                      Bring it back
                    </Button>
                  )}
                </li>
              ) : (
                <li key={wine.id}>
                  <Link href={`/wines/${wine.id}`} prefetch={false}>
                    <Glass stops={wine.stops} size={38} label="" />
                    <span className="rose">
                      <Rose petals={petalsOf(wine.loads)} size={30} tone="ink" title={`Structure of ${wine.name}`} />
                    </span>
                    <span>
                      <span className="name">
                        {wine.name}
                        <small>{[wine.grapes, wine.vintage].filter((part) => part !== '').join(' · ')}</small>
                      </span>
                      <span className="style" style={{ display: 'block' }}>
                        {wine.producer === '' ? '' : `${wine.producer} · `}
                        {wine.styleName}
                      </span>
                    </span>
                    <span className="soft wide">{wine.region}</span>
                    <span className="num wide">{wine.abv === null ? '' : `${wine.abv} %`}</span>
                    <span className="num">
                      {counted(wine.held, 'bottle')}
                      <span className="soft wide" style={{ display: 'block' }}>
                        {wine.price}
                      </span>
                    </span>
                    <span className="ask wide">{wine.missing > 0 ? `${wine.missing} to find out` : ''}</span>
                  </Link>
                </li>
              ),
            )}
          </List>
        )}
        <ListEnd page={page} says={`${wines.length} of ${first.count} shown`} />
      </Page>
    </Frame>
  );
}
