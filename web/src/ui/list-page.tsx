'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './button';
import { SearchField } from './search-field';
import { useKey } from './keys';
import { leave, placeToReturnTo } from './place-in-list';
import { searchOf } from './search';

export interface ListPage<T> {
  readonly items: readonly T[];
  readonly next: string | null;
}

/** So many frames a list that is come back to may take to be drawn. */
const mostFrames = 120;
/** The row of a search and its filters over a list. */
const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(180px, 2fr);
  grid-auto-flow: column;
  grid-auto-columns: minmax(110px, 1fr);
  gap: 10px;
  margin-bottom: 18px;
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
  const [more, setMore] = useState<readonly T[]>([]);
  const [next, setNext] = useState(first.next);
  const [q, setQ] = useState(filters.q ?? '');
  const [busy, setBusy] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    setMore([]);
    setNext(first.next);
  }, [first]);
  const ask = (change: Record<string, string>) => {
    const wanted = searchOf({ ...filters, q, ...change });
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
      setMore(items);
      setNext(cursor);
    } while (cursor !== null && first.items.length + items.length < least);
    setBusy(false);
  };
  const search = searchOf(filters).toString();
  const at = search === '' ? '' : `?${search}`;
  // Who comes back finds as much of the list, as far down, as they left.
  const loaded = useRef(0);
  useEffect(() => {
    loaded.current = first.items.length + more.length;
  });
  useEffect(() => {
    const place = placeToReturnTo(path, at);
    // As far down as one was, once as much of the list is drawn as there was; a list that has become shorter is not waited for.
    const goTo = (where: number, least: number, tries: number) =>
      requestAnimationFrame(() => (loaded.current >= least || tries === 0 ? window.scrollTo(0, where) : goTo(where, least, tries - 1)));
    if (place !== undefined)
      void (place.loaded > first.items.length ? load(place.loaded) : Promise.resolve()).then(() => goTo(place.y, place.loaded, mostFrames));
    let y = window.scrollY;
    const scrolled = () => {
      // The page that comes next begins at its top: that is not where this one was left.
      if (window.location.pathname !== path) return;
      y = window.scrollY;
      keep();
    };
    const keep = () => leave(path, { search: at, loaded: loaded.current, y });
    keep();
    window.addEventListener('scroll', scrolled, { passive: true });
    return () => window.removeEventListener('scroll', scrolled);
    // One place for one address: what is loaded beside it is read when it is kept.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [path, at]);
  return { items: [...first.items, ...more], hasMore: next !== null, busy, load, ask, q, setQ, box };
}

/** What a list is narrowed by: words first, the rest beside them, on a phone in a sheet. */
export function Filters({
  page,
  hint,
  set,
  children,
}: {
  page: Pick<ReturnType<typeof useListPage>, 'ask' | 'q' | 'setQ' | 'box'>;
  hint: string;
  /** How many filters are set beside the words. */
  set: number;
  children: ReactNode;
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
      <div className="fold">
        <Button size="small" onPress={() => setSheet(true)}>
          Filters{set > 0 ? `, ${set} set` : ''}
        </Button>
      </div>
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
