/** What this device keeps under a name; nothing where it keeps nothing at all. */
export function keptOnDevice(name: string): string | undefined {
  try {
    return localStorage.getItem(name) ?? undefined;
  } catch {
    return undefined;
  }
}
export function keepOnDevice(name: string, value: string | undefined): void {
  try {
    if (value === undefined) localStorage.removeItem(name);
    else localStorage.setItem(name, value);
  } catch {
    // Full, or not allowed: the next evening asks again.
  }
}
