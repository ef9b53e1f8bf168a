'use client';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import { strainWord, type OrderJudgement } from '@rose/core/order/judge';
import { brokenPins } from '@rose/core/order/pins';
import { schoolOf, schools } from '@rose/core/order/school';
import type { OrderSolution } from '@rose/core/order/solve';
import { orderWording } from '@rose/core/order/wording';
import { sentence } from '@rose/core/wine/reason';
import { signed } from '@rose/core/wine/text';
import { Button, Key } from '@/ui/button';
import { SelectField } from '@/ui/field';

const OrderCard = styled.aside`
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--raised);
  padding: 18px 20px;
  display: grid;
  gap: 12px;
  .head {
    display: flex;
    align-items: end;
    justify-content: space-between;
    gap: 12px;
  }
  .head > :last-child {
    width: 150px;
  }
  .figure {
    font: 600 40px/1 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .of {
    color: var(--soft);
    margin-left: 8px;
  }
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 10px;
    font-size: 14px;
    line-height: 1.4;
    border-top: 1px solid var(--line);
    padding-top: 12px;
  }
  .bad {
    color: var(--madder);
    font-weight: 650;
  }
  .good {
    color: var(--sea);
    font-weight: 650;
  }
  details {
    font-size: 14px;
  }
  summary {
    cursor: pointer;
    padding: 6px 0;
  }
  li li {
    margin-left: 14px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 4px 0 0;
    display: grid;
    gap: 4px;
    color: var(--soft);
  }
`;
const round = (n: number) => (n < 10 ? n.toFixed(1) : n.toFixed(0));

interface Props {
  readonly flight: FlightDocument;
  readonly wines: number;
  readonly now: OrderJudgement;
  readonly solution: OrderSolution | null;
  /** Share of the search done, while it runs. */
  readonly progress: number | null;
  readonly nameOf: (wine: string) => string;
  readonly onStop: () => void;
  readonly onSchool: (school: string) => void;
  readonly onOrder: (order: readonly string[]) => void;
}

/** How the present order does beside the best one, step by step with its reasons. */
export function OrderPanel({ flight, wines, now, solution, progress, nameOf, onStop, onSchool, onOrder }: Props) {
  const school = schoolOf(flight.school);
  const best = solution?.kind === 'best' ? solution.judgement : null;
  const broken = brokenPins(flight.wines, flight.pins);
  const isBest = best !== null && broken.length === 0 && now.strain <= best.strain + 1e-6;
  return (
    <OrderCard aria-label="Order">
      <div className="head">
        <h2>Order</h2>
        <SelectField label="School" value={flight.school} onChange={onSchool} options={Object.fromEntries(schools.map((entry) => [entry.id, entry.label]))} />
      </div>
      <div className="soft" style={{ fontSize: 14 }}>
        {school.says}
      </div>
      {wines < 2 ? (
        <p className="soft">Choose two wines or more, and the best order is found at once.</p>
      ) : (
        <>
          <div>
            <span className="figure">{round(now.strain)}</span>
            <span className="of">
              strain
              {best !== null && !isBest && (
                <>
                  ; the best is <strong>{round(best.strain)}</strong>
                </>
              )}
              {isBest && <>, the best there is</>}
            </span>
          </div>
          {progress !== null && (
            <div role="status">
              Trying every order, {Math.round(progress * 100)} %{' '}
              <Button size="small" onPress={() => onStop()}>
                Stop
              </Button>
            </div>
          )}
          {broken.length > 0 && solution?.kind !== 'impossible' && (
            <p className="bad">
              {broken.length === 1 ? 'A pin is not kept' : `${broken.length} pins are not kept`} by this order:{' '}
              {broken
                .map(
                  (pin) =>
                    `${nameOf(pin.wine)} ${pin.kind === 'adjacent' ? `beside ${nameOf(pin.other)}` : pin.kind === 'before' ? `before ${nameOf(pin.other)}` : pin.kind}`,
                )
                .join(', ')}
              .
            </p>
          )}
          {solution?.kind === 'impossible' && (
            <p className="bad" role="alert">
              These pins contradict each other: no order keeps them all. Take one off.
            </p>
          )}
          <ol>
            {now.steps.slice(1).map((step, i) => (
              <StepLine key={step.wine} at={i + 1} step={step} />
            ))}
          </ol>
          {best !== null && !isBest && (
            <Button tone="strong" onPress={() => onOrder(best.order)}>
              Take the best order
            </Button>
          )}
          {best !== null && !isBest && (
            <span className="soft" style={{ fontSize: 14 }}>
              {best.order.map((entry) => nameOf(entry)).join(' · ')}
            </span>
          )}
          <span className="soft" style={{ fontSize: 14 }}>
            You can move any wine by hand: it is judged at once. <Key>alt</Key> <Key>←</Key> <Key>→</Key>
          </span>
        </>
      )}
    </OrderCard>
  );
}

type StepOf = OrderJudgement['steps'][number];
/** The sentence of the strongest reason of a step. */
export function topReason(step: StepOf): string | undefined {
  const top = [...step.reasons].sort((a, b) => b.push - a.push)[0];
  return top === undefined ? undefined : sentence(orderWording, top);
}
/** A step with its reasons: the strongest in sight, all of them a click away, adding up to the strain. */
function StepLine({ at, step }: { at: number; step: StepOf }) {
  const top = topReason(step);
  const reasons = [...step.reasons].sort((a, b) => b.push - a.push);
  return (
    <li>
      <span className={step.strain >= 6 ? 'bad' : 'good'}>
        {at} then {at + 1}
      </span>{' '}
      {strainWord(step.strain)}
      {top === undefined ? ': nothing is masked.' : `: ${top}.`} <strong>{signed(step.strain, 1)}</strong>
      {reasons.length > 1 && (
        <details>
          <summary className="soft">all {reasons.length} reasons</summary>
          <ul>
            {reasons.map((reason, i) => (
              <li key={i}>
                {sentence(orderWording, reason)} {signed(reason.push, 1)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </li>
  );
}
