'use client';
import { tellingReasons, strainWord, type OrderJudgement } from '@rose/core/order/judge';
import { restKinds, type Rest } from '@rose/core/order/order-wine';
import { counted } from '@rose/core/wine/plural';
import { signed } from '@rose/core/wine/search-folding';
import { Disclosure } from '@/ui/disclosure';

/** A strain as it is shown: one decimal below ten. */
export const strainFigure = (n: number) => (n < 10 ? n.toFixed(1) : n.toFixed(0));

type StepOf = OrderJudgement['steps'][number];
/** The sentence of the strongest reason of a step; none of an easy one. */
export function topReason(step: StepOf): string | undefined {
  const top = tellingReasons(step).told[0];
  return top === undefined ? undefined : top.text;
}
/** A step with its reasons: the strongest in sight, all of them a click away, adding up to the strain. */
export function StepLine({ at, step, rest }: { at: number; step: StepOf; rest: Rest | undefined }) {
  const top = topReason(step);
  const { told, others, together } = tellingReasons(step);
  return (
    <li>
      <span className={step.strain >= 6 ? 'bad' : 'good'}>
        {at} then {at + 1}
      </span>{' '}
      {strainWord(step.strain)}
      {top === undefined ? ': nothing that anyone feels.' : `: ${top}.`} <strong>{signed(step.strain, 1)}</strong>
      {rest !== undefined && <span className="good"> with {restKinds[rest.kind].label} between</span>}
      {told.length > 0 && told.length + others > 1 && (
        <Disclosure says={<span className="soft">all {told.length + others} reasons</span>}>
          <ul>
            {told.map((reason, i) => (
              <li key={i}>
                {reason.text} {signed(reason.push, 1)}
              </li>
            ))}
            {others > 0 && (
              <li>
                {counted(others, 'smaller one')}
                {others > 1 ? ', together' : ''} {signed(together, 1)}
              </li>
            )}
          </ul>
        </Disclosure>
      )}
    </li>
  );
}
