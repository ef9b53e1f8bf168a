/** Where a list was left, kept by the tab: its filters, how much of it was loaded, and how far down it was read. */
interface Place {
  readonly search: string;
  readonly loaded: number;
  readonly y: number;
}
const key = (path: string) => `left ${path}`;
function placeOf(path: string): Place | undefined {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(key(path)) ?? 'null');
    return typeof kept === 'object' && kept !== null && 'search' in kept && 'loaded' in kept && 'y' in kept
      ? { search: String(kept.search), loaded: Number(kept.loaded), y: Number(kept.y) }
      : undefined;
  } catch {
    // A browser that keeps nothing leads back to the whole list.
    return undefined;
  }
}
export function leave(path: string, place: Place): void {
  try {
    sessionStorage.setItem(key(path), JSON.stringify(place));
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
export function placeToReturnTo(path: string, search: string): Place | undefined {
  const place = placeOf(path);
  return performance.now() - backAt < justNow && place?.search === search ? place : undefined;
}
