'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, Key } from './button';
import { SearchField } from './search-field';
import { useKey } from './keys';
import { usePlaceInList } from './place-in-list';
import { searchOf } from './search';

export interface ListPage<T> {
  readonly items: readonly T[];
  readonly next: string | null;
}

/** The row of a search and its filters over a list. */
const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(150px, 1.4fr);
  grid-auto-flow: column;
  grid-auto-columns: minmax(110px, 1fr);
  gap: 10px;
  margin-bottom: 18px;
  // More than seven stand in two rows: a date needs its width.
  &:has(.more > :nth-child(7)) {
    grid-template-columns: repeat(4, minmax(0, 1fr));
    grid-auto-flow: row;
  }
  @media (max-width: 56.25em) {
    grid-template-columns: 1fr 1fr;
    grid-auto-flow: row;
    > :first-child {
      grid-column: 1 / -1;
    }
  }
  .fold {
    display: none;
  }
  .more {
    display: contents;
  }
  @media (max-width: 47.5em) {
    .fold {
      display: block;
    }
    .more {
      display: none;
    }
  }
`;
const InSheet = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  > :last-child {
    grid-column: 1 / -1;
  }
`;
const SheetOverPage = dynamic(() => import('./sheet').then((module) => module.SheetOverPage), { ssr: false });

/**
 * A list that lives in its address: the first page comes with the page itself, more pages by their cursor, and every filter changes the address, so that a
 * reload and a link land where one was. `/` goes to the search.
 */
export function useListPage<T, F extends { readonly q?: string | undefined }>({
  path,
  more: read,
  first,
  filters,
  limit,
}: {
  path: string;
  /** Reads the next page. */
  more: (input: F & { readonly cursor: string; readonly limit?: number }) => Promise<ListPage<T>>;
  first: ListPage<T>;
  filters: F;
  limit?: number;
}) {
  const router = useRouter();
  const [q, setQ] = useState(filters.q ?? '');
  const [busy, setBusy] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  // What hangs on one first page goes with it. `asked` is what was asked for before the list that answers it has come: a second filter set meanwhile does not
  // undo the first.
  const fresh = { of: first, more: [] as readonly T[], next: first.next, asked: filters };
  const [kept, setKept] = useState(fresh);
  const { more, next, asked } = kept.of === first ? kept : fresh;
  const keep = (change: Partial<typeof fresh>) => setKept((now) => ({ ...(now.of === first ? now : fresh), ...change }));
  const ask = (change: Record<string, string>) => {
    const all = { ...asked, q, ...change };
    keep({ asked: all });
    const wanted = searchOf(all);
    router.replace(`${path}${wanted.size > 0 ? `?${wanted}` : ''}`, { scroll: false });
  };
  useEffect(() => {
    if (q === (filters.q ?? '')) return;
    const timer = setTimeout(() => ask({ q }), 250);
    return () => clearTimeout(timer);
  });
  useKey((key, event) => {
    if (key !== '/') return;
    event.preventDefault();
    box.current?.querySelector('input')?.focus();
  });
  const load = async (least = 0) => {
    setBusy(true);
    let [items, cursor] = [more, next];
    do {
      const page = cursor === null ? null : await read({ ...filters, ...(limit === undefined ? {} : { limit }), cursor }).catch(() => null);
      if (page === null) break;
      [items, cursor] = [[...items, ...page.items], page.next];
      keep({ more: items, next: cursor });
    } while (cursor !== null && first.items.length + items.length < least);
    setBusy(false);
  };
  const search = searchOf(filters).toString();
  const at = search === '' ? '' : `?${search}`;
  usePlaceInList({ path, search: at, loaded: first.items.length + more.length, load });
  return { items: [...first.items, ...more], hasMore: next !== null, busy, load, ask, asked, q, setQ, box };
}

const noMore = () => Promise.resolve({ items: [], next: null });
/** {@link useListPage} for a list that comes whole. */
export const useWholeList = <T, F extends { readonly q?: string | undefined }>(path: string, items: readonly T[], filters: F) => {
  const first = useMemo(() => ({ items, next: null }), [items]);
  return useListPage<T, F>({ path, more: noMore, first, filters });
};
/** From so many on a list that comes whole is searched; a shorter one is seen at a glance. */
export const searchedFrom = 7;

/** What a list is narrowed by: words first, the rest beside them, on a phone in a sheet. */
export function Filters({
  page,
  hint,
  set = 0,
  children,
}: {
  page: Pick<ReturnType<typeof useListPage>, 'ask' | 'q' | 'setQ' | 'box'>;
  hint: string;
  /** How many filters are set beside the words. */
  set?: number;
  children?: ReactNode;
}) {
  const [sheet, setSheet] = useState(false);
  const { ask, q, setQ, box } = page;
  return (
    <Form
      role="search"
      onSubmit={(event) => {
        event.preventDefault();
        ask({ q });
      }}
    >
      <div ref={box}>
        <SearchField label="Search" hint={hint} placeholder="/" value={q} onChange={setQ} />
      </div>
      {children !== undefined && (
        <div className="fold">
          <Button size="small" onPress={() => setSheet(true)}>
            Filters{set > 0 ? `, ${set} set` : ''}
          </Button>
        </div>
      )}
      <div className="more">{children}</div>
      {sheet && (
        <SheetOverPage label="Filters" place="below" close={() => setSheet(false)}>
          <InSheet>
            {children}
            <Button tone="strong" onPress={() => setSheet(false)}>
              Show what fits
            </Button>
          </InSheet>
        </SheetOverPage>
      )}
    </Form>
  );
}

/** How much of a list is in sight, the way to more of it, and the key that searches it; nothing under an empty one. */
export function ListEnd({ page, says }: { page: Pick<ReturnType<typeof useListPage>, 'items' | 'hasMore' | 'busy' | 'load'>; says: string }) {
  if (page.items.length === 0) return null;
  return (
    <p className="soft end">
      {says}{' '}
      {page.hasMore && (
        <Button size="small" disabled={page.busy} onPress={() => void page.load()}>
          {page.busy ? 'Fetching' : 'Show more'}
        </Button>
      )}{' '}
      <Key>/</Key> searches
    </p>
  );
}
