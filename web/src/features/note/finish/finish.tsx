'use client';
import { BareField } from '@/ui/field';
import styled from 'styled-components';
import { bandAt, byFeel, readFinish, sipsAgree, stopFor, usualRuler, type OwnRuler } from '@rose/core/finish/finish';
import type { NoteDocument } from '@rose/core/wine/note';
import type { Stop } from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/smells/index';
import { Button } from '@/ui/button';
import { Watch, type WatchControl } from '@/ui/stopwatch';
import { NameSmell } from '../smell/aroma';
import { withChip } from '../smell/chips';
import type { ChangeNote, SetObservation } from '../observation';

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
    width: 5.25rem;
    min-height: 44px;
    text-align: right;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
    padding: 0 10px;
  }
`;

/** "short under 5 s, medium from 5 s, long from 10 s". */
const rulerInWords = ({ words }: OwnRuler): string =>
  words.map(({ from, word }, at) => (at === 0 ? `${word} under ${words[1]!.from} s` : `${word} from ${from} s`)).join(', ');
/** A length by the ruler in use, and what the others call it. */
function lengthInWords(stop: Stop, ruler: OwnRuler): string {
  const word = bandAt(ruler, stop.seconds).word;
  if (stop.between !== undefined) return `${word} by feel: ${stop.between[0]} to ${stop.between[1]} s by the ${ruler.label}`;
  const { words, caudalies } = readFinish(stop.seconds);
  const others = words.filter((entry) => entry.ruler !== ruler.label).map((entry) => `${entry.word} by the ${entry.ruler}`);
  return `${[`${word} by the ${ruler.label}`, ...others].join(', ')}; ${caudalies} caudalies`;
}

/** The watch, large, and what it stopped at by every ruler. The seconds can also be typed. */
export function Finish({ watch, doc, set, change }: { watch: WatchControl; doc: NoteDocument; set: SetObservation; change: ChangeNote }) {
  const ruler = doc.ruler ?? usualRuler;
  const felt = doc.observed.finish?.between === undefined ? undefined : bandAt(ruler, doc.observed.finish.seconds).word;
  const agree = sipsAgree(doc.observed.finish, doc.observed.finishAgain);
  const row = (id: 'finish' | 'finishAgain' | 'after', label: string) => {
    const stop = doc.observed[id];
    return (
      <div>
        <dt>
          {label}
          <small>{stop === undefined ? 'not timed' : id === 'after' ? 'what stays when the pleasure has gone' : lengthInWords(stop, ruler)}</small>
        </dt>
        <dd>
          <label>
            <BareField
              inputMode="numeric"
              label={`${label}, seconds`}
              value={stop === undefined ? '' : String(stop.seconds)}
              placeholder="–"
              onChange={(text) => {
                const n = Number(text);
                if (text === '') set(id, undefined);
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
              const id = stopFor(doc.observed, 'finish');
              if (watch.stage === 'pleasant' && id !== undefined) set(id, { seconds: watch.seconds, atLeast: true });
              watch.drop();
            }}
          >
            I broke off
          </Button>{' '}
          <span style={{ color: 'var(--soft)', fontSize: '0.875rem' }}>kept as “at least”</span>
        </p>
      )}
      <div role="group" aria-label="Without the watch" style={{ display: 'flex', flexWrap: 'wrap', gap: 8, alignItems: 'center', marginTop: 14 }}>
        <span style={{ color: 'var(--soft)', fontSize: '0.875rem' }}>Without the watch:</span>
        {ruler.words.map(({ word }) => (
          <Button key={word} size="small" pressed={felt === word} onPress={() => set('finish', felt === word ? undefined : byFeel(ruler, word))}>
            {word}
          </Button>
        ))}
        <span style={{ color: 'var(--soft)', fontSize: '0.875rem' }}>{`by the ${ruler.label}: ${rulerInWords(ruler)}`}</span>
      </div>
      {doc.chips.length > 0 && (
        <section aria-label="When each flavour leaves" style={{ marginTop: 16 }}>
          <p style={{ color: 'var(--soft)', fontSize: '0.875rem', margin: '0 0 6px' }}>
            {watch.stage === 'ready' ? 'While the watch runs, press a flavour when it has gone.' : 'Press a flavour when it has gone.'}
          </p>
          <span style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
            {doc.chips.map((chip) => (
              <Button
                key={chip.id}
                size="small"
                disabled={watch.stage === 'ready' && chip.left === undefined}
                pressed={chip.left !== undefined}
                label={chip.left === undefined ? `${chipName(chip)} has gone` : `${chipName(chip)} left after ${chip.left} seconds; press to clear`}
                onPress={() => {
                  const { left, ...rest } = chip;
                  change(withChip(left === undefined ? { ...rest, left: watch.seconds } : rest));
                }}
              >
                {chipName(chip)}
                {chip.left === undefined ? '' : ` ${chip.left} s`}
              </Button>
            ))}
          </span>
        </section>
      )}
      <div style={{ marginTop: 14 }}>
        <NameSmell label="A flavour that comes only now" layer="mouth" change={change} />
      </div>
      <Stops>
        {row('finish', 'Pleasant flavour')}
        {doc.observed.finish !== undefined && row('finishAgain', 'The same, a second sip')}
        {row('after', 'Acid, bitterness or heat')}
      </Stops>
      {agree !== undefined && (
        <p role="status" style={{ color: 'var(--soft)', fontSize: '0.875rem', marginTop: 8 }}>
          {agree.agree
            ? `Two sips agree within ${agree.difference} s.`
            : `Two sips differ by ${agree.difference} s, ${Math.round(agree.share * 100)} % of their mean: a third would help.`}
        </p>
      )}
    </>
  );
}
