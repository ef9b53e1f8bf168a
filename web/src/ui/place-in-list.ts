import { useEffect, useRef } from 'react';
import { keepInTab, keptInTab } from './kept-on-device';

/** Where a list was left, kept by the tab: its filters, how much of it was loaded, and how far down it was read. */
interface Place {
  readonly search: string;
  readonly loaded: number;
  readonly y: number;
}
const key = (path: string) => `left ${path}`;
function placeOf(path: string): Place | undefined {
  try {
    const kept: unknown = JSON.parse(keptInTab(key(path)) ?? 'null');
    return typeof kept === 'object' && kept !== null && 'search' in kept && 'loaded' in kept && 'y' in kept
      ? { search: String(kept.search), loaded: Number(kept.loaded), y: Number(kept.y) }
      : undefined;
  } catch {
    // A browser that keeps nothing leads back to the whole list.
    return undefined;
  }
}
function leave(path: string, place: Place): void {
  try {
    keepInTab(key(path), JSON.stringify(place));
  } catch {
    // As above.
  }
}

/** Milliseconds in which a page that opens counts as gone back to. */
const justNow = 5_000;
let backAt = -Infinity;
if (typeof window !== 'undefined') window.addEventListener('popstate', () => (backAt = performance.now()));

/** The address of a list as one left it; to go there now is to go back. */
export function leftAt(path: string): string {
  backAt = performance.now();
  return path + (placeOf(path)?.search ?? '');
}
/** Where to go on reading a list that was gone back to; nothing for one that was newly asked for. */
function placeToReturnTo(path: string, search: string): Place | undefined {
  const place = placeOf(path);
  return performance.now() - backAt < justNow && place?.search === search ? place : undefined;
}

/** So many frames a list that is come back to may take to be drawn. */
const mostFrames = 120;
interface Shown {
  readonly path: string;
  /** What narrows it, as it stands in the address. */
  readonly search: string;
  /** How many of its rows are drawn. */
  readonly loaded: number;
  /** Loads on until there are so many, or no more. */
  readonly load: (least: number) => Promise<void>;
}
/** Keeps the place of a list while it is read; who comes back finds as much of it, as far down, as they left. */
export function usePlaceInList(shown: Shown): void {
  const latest = useRef(shown);
  useEffect(() => {
    latest.current = shown;
  });
  const { path, search } = shown;
  useEffect(() => {
    const place = placeToReturnTo(path, search);
    // As far down as one was, once as much of the list is drawn as there was; a list that has become shorter is not waited for.
    const goTo = (left: Place, tries: number) =>
      requestAnimationFrame(() => (latest.current.loaded >= left.loaded || tries === 0 ? window.scrollTo(0, left.y) : goTo(left, tries - 1)));
    const { loaded, load } = latest.current;
    if (place !== undefined) void (place.loaded > loaded ? load(place.loaded) : Promise.resolve()).then(() => goTo(place, mostFrames));
    const keep = () => {
      // The page that comes next begins at its top: that is not where this one was left.
      if (window.location.pathname === path) leave(path, { search, loaded: latest.current.loaded, y: window.scrollY });
    };
    keep();
    window.addEventListener('scroll', keep, { passive: true });
    return () => window.removeEventListener('scroll', keep);
  }, [path, search]);
}
