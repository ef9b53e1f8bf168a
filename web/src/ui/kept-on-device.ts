type Store = 'localStorage' | 'sessionStorage';
/** Reads what a store of the browser keeps under a name; nothing where it keeps nothing at all. */
function read(store: Store, name: string): string | undefined {
  try {
    return window[store].getItem(name) ?? undefined;
  } catch {
    return undefined;
  }
}
function write(store: Store, name: string, value: string | undefined): void {
  try {
    if (value === undefined) window[store].removeItem(name);
    else window[store].setItem(name, value);
  } catch {
    // Full, or not allowed: the page goes on without, and asks again next time.
  }
}
/** What this device keeps under a name, from one evening to the next. */
export const keptOnDevice = (name: string): string | undefined => read('localStorage', name);
export const keepOnDevice = (name: string, value: string | undefined): void => write('localStorage', name, value);
/** What this tab keeps under a name: it survives a reload, not the tab. */
export const keptInTab = (name: string): string | undefined => read('sessionStorage', name);
export const keepInTab = (name: string, value: string): void => write('sessionStorage', name, value);
