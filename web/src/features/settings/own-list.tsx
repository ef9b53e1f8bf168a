'use client';
import { Button } from '@/ui/button';

/** One version of what a venue designed for itself. */
export interface Version<D> {
  readonly id: string;
  readonly version: number;
  readonly document: D;
}

/** What a venue designed for itself, each in its latest version, with the way to change one or begin a new one. */
export function OwnList<V extends Version<unknown> & { readonly name: string; readonly what: string }>({
  own,
  mayEdit,
  onChange,
  onNew,
}: {
  own: readonly V[];
  mayEdit: boolean;
  onChange: (entry: V) => void;
  onNew: () => void;
}) {
  return (
    <>
      <ul style={{ listStyle: 'none', padding: 0 }}>
        {own.map((entry) => (
          <li
            key={entry.id}
            style={{ borderBottom: '1px solid var(--line)', padding: '10px 0', display: 'flex', flexWrap: 'wrap', gap: '4px 14px', alignItems: 'center' }}
          >
            <strong>{entry.name}</strong>
            <span className="soft">
              version {entry.version}, {entry.what}
            </span>
            {mayEdit && (
              <Button size="small" label={`Change ${entry.name}`} onPress={() => onChange(entry)}>
                Change
              </Button>
            )}
          </li>
        ))}
        {own.length === 0 && <li className="soft">None of your own yet.</li>}
      </ul>
      {mayEdit && (
        <Button tone="strong" onPress={onNew}>
          Design one
        </Button>
      )}
    </>
  );
}
