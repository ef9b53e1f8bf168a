'use client';
import { leastStrain, restKinds, strainWord, type OrderJudgement, type Rest } from '@rose/core/order/judge';
import { orderWording } from '@rose/core/order/wording';
import { sentence } from '@rose/core/wine/reason';
import { signed } from '@rose/core/wine/search-folding';
import { Disclosure } from '@/ui/disclosure';

/** A strain as it is shown: one decimal below ten. */
export const strainFigure = (n: number) => (n < 10 ? n.toFixed(1) : n.toFixed(0));

type StepOf = OrderJudgement['steps'][number];
/** The reasons of a step that are worth a word, the strongest first. */
const worthAWord = (step: StepOf) => step.reasons.filter((reason) => Math.abs(reason.push) >= leastStrain).sort((a, b) => b.push - a.push);
/** The sentence of the strongest reason of a step; none of an easy one. */
export function topReason(step: StepOf): string | undefined {
  const top = worthAWord(step)[0];
  return top === undefined ? undefined : sentence(orderWording, top);
}
/** A step with its reasons: the strongest in sight, all of them a click away, adding up to the strain. */
export function StepLine({ at, step, rest }: { at: number; step: StepOf; rest: Rest | undefined }) {
  const top = topReason(step);
  const reasons = worthAWord(step);
  return (
    <li>
      <span className={step.strain >= 6 ? 'bad' : 'good'}>
        {at} then {at + 1}
      </span>{' '}
      {strainWord(step.strain)}
      {top === undefined ? ': nothing is masked.' : `: ${top}.`} <strong>{signed(step.strain, 1)}</strong>
      {rest !== undefined && <span className="good"> with {restKinds[rest.kind].label} between</span>}
      {reasons.length > 1 && (
        <Disclosure says={<span className="soft">all {reasons.length} reasons</span>}>
          <ul>
            {reasons.map((reason, i) => (
              <li key={i}>
                {sentence(orderWording, reason)} {signed(reason.push, 1)}
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
    </li>
  );
}
