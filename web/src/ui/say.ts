/** What was just done, said in one place, with what can be done about it, such as bringing back what was deleted. */
export interface Said {
  readonly says: string;
  readonly act?: { readonly says: string; readonly does: () => void };
}
type Hears = (said: Said) => void;
const waiting: Said[] = [];
let hears: Hears | undefined;
let first: (() => void) | undefined;
let wasSaid = false;

/** Says something; what shows it is fetched with the first. */
export function say(said: Said): void {
  wasSaid = true;
  if (hears === undefined) waiting.push(said);
  else hears(said);
  first?.();
}
/** Whether anything was said in this page yet. */
export const anythingSaid = (): boolean => wasSaid;
export function onFirstSaid(then: () => void): () => void {
  first = then;
  return () => {
    if (first === then) first = undefined;
  };
}
/** Takes over what waits, and everything that is said from now on. */
export function hear(how: Hears): void {
  hears = how;
  for (const said of waiting.splice(0)) how(said);
}
