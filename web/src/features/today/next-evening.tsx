'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { localTimeInWords } from '@rose/core/wine/day';
import { counted } from '@rose/core/wine/plural';
import { NextTasks } from '@/features/shared-flight/next-tasks';
import { Notices } from '@/features/shared-flight/notices';
import { useAfternoon } from '@/features/shared-flight/use-afternoon';
import type { LoadedFlight } from '@/features/shared-flight/use-flight';
import { ButtonLink } from '@/ui/button-link';
import { SaveState } from '@/ui/document/save-state';
import { useKey } from '@/ui/keys';
import { Progress } from '@/ui/progress';

const Evening = styled.section`
  display: grid;
  gap: 10px;
  margin-bottom: 26px;
  .head {
    border-bottom: 1px solid var(--line);
    padding-bottom: 8px;
  }
  .name {
    font: 500 1.6875rem/1.15 var(--serif);
    font-variant-numeric: lining-nums;
    text-decoration: none;
  }
  .name:hover {
    text-decoration: underline;
  }
  .soft {
    color: var(--soft);
  }
  ul {
    margin: 0;
    padding-left: 18px;
  }
  .go {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
`;

/** The next evening: when, what to do now, and what is still missing for it. */
export function NextEvening({ loaded, firstPour }: { loaded: LoadedFlight; firstPour: string | null }) {
  const afternoon = useAfternoon(loaded, firstPour);
  const { open, flight, wines, nameOf, whole, progress, now, clock, markDone, doNext } = afternoon;
  const { mayEdit, venue } = loaded;
  useKey((key) => {
    if (key === 'd') doNext();
  });
  const missing = [
    flight.starts === '' ? 'A date: without one the times are counted from the first pour.' : '',
    flight.wines.length === 0 ? 'Wines: none is chosen yet.' : '',
    ...flight.wines.filter((entry) => entry.buy !== undefined).map((entry) => `To buy: ${entry.buy!.name}.`),
    ...(whole?.amounts.wines ?? [])
      .filter((row) => row.short > 0 && flight.wines.some((entry) => entry.id === row.wine && entry.buy === undefined))
      .map((row) => `${row.name}: ${counted(row.short, 'more bottle')} to buy.`),
    ...(whole?.amounts.glasses ?? [])
      .filter((plan) => plan.washes === undefined)
      .map((plan) => `Glasses: ${plan.held} × ${plan.name}: not enough for one wine each.`),
  ].filter((line) => line !== '');
  return (
    <Evening aria-label="The next evening">
      <div className="head">
        <Link className="name" href={`/flights/${loaded.id}`}>
          {flight.name === '' ? 'A flight' : flight.name}
        </Link>
        <div className="soft">
          {localTimeInWords(flight.starts, 'no date yet')} · {counted(wines.length, 'wine')} · {counted(flight.guests, 'guest')}
        </div>
      </div>
      {whole === null && flight.wines.length > 0 && <Progress says="Planning the afternoon" share={progress ?? 0} />}
      {whole !== null && flight.wines.length > 0 && (
        <NextTasks
          follows={3}
          busy={progress !== null}
          whole={whole}
          flight={flight}
          clock={clock}
          now={now}
          nameOf={nameOf}
          mayEdit={mayEdit}
          onDone={markDone}
        />
      )}
      <Notices afternoon={afternoon} venue={venue} timeZone={loaded.timeZone} mayEdit={mayEdit} />
      {missing.length > 0 && (
        <div>
          <strong>Still missing</strong>
          <ul>
            {missing.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      )}
      <div className="go">
        <ButtonLink href={`/flights/${loaded.id}`}>Chart</ButtonLink>
        <ButtonLink href={`/flights/${loaded.id}/ready`}>Ready</ButtonLink>
        <SaveState open={open} />
      </div>
    </Evening>
  );
}
