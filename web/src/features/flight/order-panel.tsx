'use client';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { Move } from '@rose/core/order/advice';
import { asGoodAs, type OrderJudgement } from '@rose/core/order/judge';
import { restKinds, type OrderWine } from '@rose/core/order/order-wine';
import { shiftsBetween, shiftsInWords } from '@rose/core/order/advice';
import { brokenPins } from '@rose/core/order/pins';
import { schoolOf, schools } from '@rose/core/order/ordering-rules';
import { mostRests, type OrderSolution } from '@rose/core/order/solve';
import { signed } from '@rose/core/wine/search-folding';
import { Button, Key } from '@/ui/button';
import { Explained } from '@/ui/explained';
import { Disclosure } from '@/ui/disclosure';
import { Progress } from '@/ui/progress';
import { SelectField } from '@/ui/select-field';
import { Switch } from '@/ui/switch';
import { capital, counted } from '@rose/core/wine/plural';
import { restCheeses } from '@rose/knowledge/cheeses/palate';
import type { Solving } from '@/workers/use-solver';
import { OrderQuestions } from './order-questions';
import { StepLine, strainFigure } from './order-steps';
import { pinSentence } from './pin-words';

const OrderCard = styled.aside`
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--raised);
  padding: 18px 20px;
  display: grid;
  gap: 12px;
  h2 {
    margin: 0;
  }
  .settings {
    display: grid;
    gap: 10px;
  }
  .figure {
    font: 600 2.5rem/1 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .of {
    color: var(--soft);
    margin-left: 8px;
  }
  ol {
    list-style: none;
    margin: 0;
    padding: 12px 0 0;
    display: grid;
    gap: 10px;
    font-size: 0.875rem;
    line-height: 1.4;
    border-top: 1px solid var(--line);
  }
  .bad {
    color: var(--madder);
    font-weight: 650;
  }
  .good {
    color: var(--sea);
    font-weight: 650;
  }
  .small {
    font-size: 0.875rem;
    line-height: 1.4;
    margin: 0;
  }
  .disclosure {
    font-size: 0.875rem;
  }
  .disclosure-line {
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
    gap: 6px;
    color: var(--soft);
  }
`;
interface Props {
  readonly flight: FlightDocument;
  readonly order: readonly string[];
  readonly wines: readonly OrderWine[];
  readonly now: OrderJudgement;
  /** Strain of the order kept beside this one, and of the order before the last move. */
  readonly other: OrderJudgement | null;
  readonly before: number | null;
  readonly move: Move | undefined;
  readonly solving: Solving<OrderSolution>;
  /** The best order as it would be without any note; undefined while no note speaks for a wine. */
  readonly untasted: OrderSolution | undefined;
  readonly mayEdit: boolean;
  readonly nameOf: (wine: string) => string;
  readonly change: (next: Partial<FlightDocument>) => void;
}

export function moveInWords(move: Move, nameOf: (wine: string) => string): string {
  if (move.kind === 'swap') return `Change ${nameOf(move.wine)} and ${nameOf(move.other)}`;
  if (move.kind === 'shift') return move.other === '' ? `Pour ${nameOf(move.wine)} first` : `Pour ${nameOf(move.wine)} after ${nameOf(move.other)}`;
  const rest = move.rests.find((entry) => entry.after === move.wine);
  return `Rest with ${restKinds[rest?.kind ?? 'bread'].label} before ${nameOf(move.other)}`;
}

/** What the notes changed in the best order, with each wine's place before and after. */
function movedByNotes(before: readonly string[], after: readonly string[], nameOf: (wine: string) => string): string {
  const moved = shiftsBetween(before, after);
  return moved.length === 0
    ? 'Your notes leave the best order as it was.'
    : `Your notes moved ${counted(moved.length, 'wine')} in the best order: ${shiftsInWords(moved, nameOf)}.`;
}

/** How the present order does beside the best one, step by step with its reasons; what one move would do; what the schools say; which missing facts it turns on. */
export function OrderPanel({ flight, order, wines, now, other, before, move, solving, untasted, mayEdit, nameOf, change }: Props) {
  const { output: solution, progress, trouble } = solving;
  const school = schoolOf(flight.school);
  const best = solution?.kind === 'best' ? solution.judgement : null;
  const broken = brokenPins(order, flight.pins);
  const isBest = best !== null && broken.length === 0 && asGoodAs(now.strain, best.strain);
  const sections = solution?.kind === 'best' ? solution.sections : undefined;
  const price = before === null ? 0 : now.strain - before;
  const cheeses = restCheeses(
    now.order.flatMap((id) => wines.find((wine) => wine.id === id) ?? []),
    now.rests,
  );
  return (
    <OrderCard aria-label="Order">
      <h2>Order</h2>
      {mayEdit ? (
        <Disclosure
          says={
            <span className="soft">
              {school.label} · {flight.mostRests === 0 ? 'no rests' : `${counted(flight.mostRests, 'rest')} at most`}
              {flight.cheese ? ', one with cheese' : ''}
            </span>
          }
        >
          <div className="settings">
            <SelectField
              label="School"
              value={flight.school}
              onChange={(value) => change({ school: value })}
              options={Object.fromEntries(schools.map((entry) => [entry.id, entry.label]))}
            />
            <p className="soft small">
              {school.says} <Explained word="school">What is a school?</Explained>
            </p>
            <SelectField
              label="Rests at most"
              value={String(flight.mostRests)}
              onChange={(value) => change({ mostRests: Number(value) })}
              options={Object.fromEntries(Array.from({ length: mostRests + 1 }, (_, n) => [String(n), n === 0 ? 'none' : String(n)]))}
            />
            <Switch on={flight.cheese} onChange={(cheese) => change({ cheese })}>
              One of them may be with cheese
            </Switch>
          </div>
        </Disclosure>
      ) : (
        <p className="soft small">
          {school.label}. {school.says}
        </p>
      )}
      {wines.length < 2 ? (
        <p className="soft">Choose two wines or more, and the best order is found at once.</p>
      ) : (
        <>
          <div>
            <span className="figure">{strainFigure(now.strain)}</span>
            <span className="of">
              <Explained word="strain" />
              {best !== null && !isBest && (
                <>
                  ; the best is <strong>{strainFigure(best.strain)}</strong>
                </>
              )}
              {isBest && (
                <>
                  , {now.strain - best.strain > 0.05 ? 'as good as the best there is' : 'the best there is'}
                  {sections === undefined ? '' : ' within its sections'}
                </>
              )}
            </span>
          </div>
          {Math.abs(price) > 0.05 && (
            <p className="small" role="status">
              Your last move: <strong className={price > 0 ? 'bad' : 'good'}>{signed(price, 1)}</strong>
            </p>
          )}
          {progress !== null && <Progress says="Trying every order" share={progress} stop={solving.stop} />}
          {trouble !== '' && (
            <p className="small" role="alert">
              {trouble} The best order is not known.{' '}
              <Button size="small" onPress={solving.retry}>
                Try again
              </Button>
            </p>
          )}
          {sections !== undefined && (
            <p className="soft small">
              More than sixteen wines: solved exactly in {sections.length} sections with a rest between. Over all of them another order may be a little better.
            </p>
          )}
          {broken.length > 0 && solution?.kind !== 'impossible' && (
            <p className="bad small">
              {broken.length === 1 ? 'A pin is not kept' : `${broken.length} pins are not kept`} by this order:{' '}
              {broken.map((pin) => pinSentence(pin, nameOf)).join(', ')}.
            </p>
          )}
          {solution?.kind === 'impossible' && (
            <p className="bad small" role="alert">
              No order keeps {solution.pins.length === 1 ? 'this pin' : `these ${solution.pins.length} pins together`}:{' '}
              {solution.pins.map((pin) => pinSentence(pin, nameOf)).join('; ')}. Take one off.
            </p>
          )}
          <ol>
            {now.steps.slice(1).map((step, i) => (
              <StepLine key={step.wine} at={i + 1} step={step} rest={now.rests.find((entry) => entry.after === now.order[i])} />
            ))}
          </ol>
          {mayEdit && best !== null && !isBest && (
            <Button tone="strong" onPress={() => change({ order: best.order, rests: best.rests })}>
              Take the best order
            </Button>
          )}
          {best !== null && !isBest && (
            <span className="soft small">
              {best.order.map((entry) => `${nameOf(entry)}${best.rests.some((rest) => rest.after === entry) ? ' ◆' : ''}`).join(' · ')}
            </span>
          )}
          {best !== null && untasted?.kind === 'best' && <p className="soft small">{movedByNotes(untasted.judgement.order, best.order, nameOf)}</p>}
          {mayEdit && move !== undefined && (
            <p className="small">
              {moveInWords(move, nameOf)}: the one move that takes most off, <strong className="good">{signed(-move.fall, 1)}</strong>{' '}
              <Button size="small" onPress={() => change({ order: move.order, rests: move.rests })}>
                Do it
              </Button>
            </p>
          )}
          {mayEdit && flight.rests.length > 0 && (
            <div className="small">
              {now.rests.map((rest) => {
                const cheese = cheeses.find(({ after }) => after === rest.after);
                return (
                  <p key={rest.after} style={{ margin: '0 0 6px' }}>
                    {capital(restKinds[rest.kind].label)} after {nameOf(rest.after)}
                    {cheese !== undefined && (
                      <>
                        , {cheese.grams} g of <strong>{cheese.name}</strong> a guest: {cheese.because}
                      </>
                    )}
                    .
                  </p>
                );
              })}
              <Button size="small" tone="quiet" onPress={() => change({ rests: [] })}>
                Take the rests out
              </Button>
            </div>
          )}
          <Second flight={flight} order={order} now={now} other={other} mayEdit={mayEdit} nameOf={nameOf} change={change} />
          <OrderQuestions flight={flight} order={order} wines={wines} nameOf={nameOf} mayEdit={mayEdit} change={change} />
          <span className="soft small">
            You can move any wine by hand: it is judged at once. <Key>alt</Key> <Key>←</Key> <Key>→</Key>
          </span>
        </>
      )}
    </OrderCard>
  );
}

/** A second order kept beside the first, and the one really poured. */
function Second({ flight, order, now, other, mayEdit, nameOf, change }: Pick<Props, 'flight' | 'order' | 'now' | 'other' | 'mayEdit' | 'nameOf' | 'change'>) {
  if (!mayEdit && flight.other === null && flight.poured === null) return null;
  return (
    <div className="small">
      {other !== null && (
        <p className="small">
          Kept beside it, strain {strainFigure(other.strain)}: {other.order.map((wine) => nameOf(wine)).join(' · ')}
        </p>
      )}
      {flight.poured !== null && <p className="small good">Poured in this order: {flight.poured.map((wine) => nameOf(wine)).join(' · ')}</p>}
      {mayEdit && (
        <span style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }}>
          {flight.other === null ? (
            <Button size="small" onPress={() => change({ other: order })}>
              Keep this order beside
            </Button>
          ) : (
            <>
              <Button size="small" onPress={() => change({ order: flight.other!, other: order })}>
                Change the two
              </Button>
              <Button size="small" tone="quiet" onPress={() => change({ other: null })}>
                Drop the other
              </Button>
            </>
          )}
          <Button size="small" tone="quiet" onPress={() => change({ poured: flight.poured === null ? now.order : null })}>
            {flight.poured === null ? 'This was poured' : 'It was not poured'}
          </Button>
        </span>
      )}
    </div>
  );
}
