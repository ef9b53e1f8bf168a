'use client';
import styled from 'styled-components';
import { readFinish } from '@rose/core/finish/finish';
import type { NoteDocument } from '@rose/core/wine/note';
import { Button } from '@/ui/button';
import { Watch, type WatchControl } from '@/ui/watch';
import type { SetObservation } from './observation';

const Stops = styled.dl`
  margin: 18px 0 0;
  border-top: 1px solid var(--line);
  div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 14px;
    align-items: center;
    padding: 10px 0;
    border-bottom: 1px solid var(--line);
  }
  dt {
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
  small {
    display: block;
    color: var(--soft);
    font-weight: 400;
  }
  input {
    width: 84px;
    min-height: 44px;
    text-align: right;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
    padding: 0 10px;
  }
`;

/** The watch, large, and what it stopped at by every ruler. The seconds can also be typed. */
export function Finish({ watch, doc, set }: { watch: WatchControl; doc: NoteDocument; set: SetObservation }) {
  const row = (id: 'finish' | 'after', label: string) => {
    const stop = doc.observed[id];
    return (
      <div>
        <dt>
          {label}
          <small>
            {stop === undefined
              ? 'not timed'
              : id === 'finish'
                ? readFinish(stop.seconds)
                    .words.map((entry) => `${entry.word} by the ${entry.ruler}`)
                    .join(', ') + `; ${readFinish(stop.seconds).caudalies} caudalies`
                : 'what stays when the pleasure has gone'}
          </small>
        </dt>
        <dd>
          <label>
            <input
              type="number"
              inputMode="numeric"
              min={0}
              max={3600}
              aria-label={`${label}, seconds`}
              value={stop?.seconds ?? ''}
              placeholder="–"
              onChange={(event) => {
                const n = Number(event.target.value);
                if (event.target.value === '') set(id, undefined);
                else if (n >= 0 && n <= 3600) set(id, { seconds: Math.round(n) });
              }}
            />{' '}
            s
          </label>
        </dd>
        <dd>
          {stop === undefined ? null : (
            <Button size="small" label={`Clear ${label}`} onPress={() => set(id, undefined)}>
              clear
            </Button>
          )}
        </dd>
      </div>
    );
  };
  return (
    <>
      <Watch watch={watch} size="large" />
      {watch.stage !== 'ready' && (
        <p style={{ marginTop: 10 }}>
          <Button
            size="small"
            onPress={() => {
              if (watch.stage === 'pleasant') set('finish', { seconds: watch.seconds, atLeast: true });
              watch.drop();
            }}
          >
            I broke off
          </Button>{' '}
          <span style={{ color: 'var(--soft)', fontSize: 14 }}>kept as “at least”</span>
        </p>
      )}
      <Stops>
        {row('finish', 'Pleasant flavour')}
        {row('after', 'Acid, bitterness or heat')}
      </Stops>
    </>
  );
}
