import { labelInWords, observables, valueInWords, type ObservableId, type ValueOf } from '../wine/observables';

function record(json: string): Readonly<Record<string, unknown>> {
  try {
    const read: unknown = JSON.parse(json);
    return typeof read === 'object' && read !== null ? (read as Record<string, unknown>) : {};
  } catch {
    // A note read back from a file may hold anything here.
    return {};
  }
}
const others: Readonly<Record<string, string>> = { lookAgain: 'the year to look again' };

/**
 * What moved under a sentence since the taster wrote it, such as "tannin moved to firm (70)" or "acidity was cleared".
 * @param then JSON of the observations it was written from
 * @param now JSON of the observations as they stand
 */
export function changedSince(then: string, now: string): readonly string[] {
  const [before, after] = [record(then), record(now)];
  const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])].filter((key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]));
  return [
    ...new Set(
      keys.map((key) => {
        if (!(key in observables)) return `${others[key] ?? 'the smells'} changed`;
        const id = key as ObservableId;
        const said = labelInWords(id);
        if (after[id] === undefined) return `“${said}” was cleared`;
        return `“${said}” ${before[id] === undefined ? 'was set' : 'moved'} to ${valueInWords(id, after[id] as ValueOf<ObservableId>)}`;
      }),
    ),
  ];
}
