'use client';
import { countryName } from '@rose/core/wine/country';
import { v4 } from 'uuid';
import { useState } from 'react';
import styled from 'styled-components';
import { goalKinds, type Goal, type GoalKind, type JudgedGoal } from '@rose/core/flight/goals';
import { colourWord, type ColourClass } from '@rose/core/wine/observables';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import type { Amounts } from '@rose/knowledge/evening/amounts';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import { moneyInWords } from '@rose/core/wine/money';
import { NumberField } from '@/ui/number-field';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  font-size: 0.875rem;
  strong {
    font-weight: 650;
  }
`;
const Goals = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  li {
    display: inline-flex;
    gap: 8px;
    align-items: center;
    border: 1px solid var(--line);
    border-radius: 18px;
    padding: 2px 4px 2px 14px;
    min-height: 36px;
    font-size: 0.875rem;
  }
  li[data-verdict='met'] {
    border-color: var(--sea);
    color: var(--sea);
  }
  li[data-verdict='not met'] {
    border-color: var(--madder);
    color: var(--madder);
  }
`;
const Add = styled.form`
  display: grid;
  grid-template-columns: 1fr 120px auto;
  gap: 10px;
  align-items: end;
  max-width: 520px;
  margin-top: 10px;
`;
const span = (range: { least: number; most: number } | undefined, show: (n: number) => string) =>
  range === undefined ? '' : range.least === range.most ? show(range.least) : `${show(range.least)} to ${show(range.most)}`;

export function goalInWords({ goal, has, unknown, verdict }: JudgedGoal, currency: string): string {
  const figure =
    goal.kind === 'aHead'
      ? `${moneyInWords(goal.figure, currency)} a head at most`
      : goal.kind === 'abv'
        ? `${goal.figure} % vol at most`
        : goal.kind === 'merchant'
          ? `${goal.figure} % from one merchant`
          : `at least ${goal.figure} ${goalKinds[goal.kind].label}`;
  const now = goal.kind === 'aHead' ? moneyInWords(has, currency) : goal.kind === 'abv' ? `${has} %` : goal.kind === 'merchant' ? `${has} %` : String(has);
  return `${figure}: ${verdict}, ${now} now${verdict === 'cannot tell' ? `, ${unknown} not known` : ''}`;
}

/** What the flight adds up to, counted as it is built, and the goals the host set for it. */
export function Strip({
  amounts,
  currency,
  mayEdit,
  goals,
  onGoals,
}: {
  amounts: Amounts;
  currency: string;
  mayEdit: boolean;
  goals: readonly Goal[];
  onGoals: (goals: readonly Goal[]) => void;
}) {
  const { strip } = amounts;
  const [kind, setKind] = useState<GoalKind>('unoaked');
  const [figure, setFigure] = useState<number | undefined>(3);
  const money = (minor: number) => moneyInWords(minor, currency);
  const parts = [
    Object.entries(strip.colours)
      .map(([colour, n]) => `${n} ${colour === 'unknown' ? 'of unknown colour' : colourWord[colour as ColourClass]}`)
      .join(', '),
    strip.sparkling > 0 ? `${strip.sparkling} sparkling` : '',
    strip.sweet > 0 ? `${strip.sweet} sweet` : '',
    `oak: ${strip.oak.with} with, ${strip.oak.without} without${strip.oak.unknown > 0 ? `, ${strip.oak.unknown} not known` : ''}`,
    strip.countries.length > 0 ? `${strip.countries.length === 1 ? 'country' : 'countries'}: ${strip.countries.map(countryName).join(', ')}` : '',
    Object.keys(strip.merchants).length > 0
      ? `bought: ${Object.entries(strip.merchants)
          .map(([merchant, n]) => `${merchant} (${n})`)
          .join(', ')}`
      : '',
    strip.price === undefined ? '' : `bottles ${span(strip.price, money)}${strip.unknownPrices > 0 ? `, ${strip.unknownPrices} without a price` : ''}`,
    strip.abv === undefined ? '' : `${span(strip.abv, (n) => String(n))} % vol`,
    strip.ages === undefined ? '' : `${span(strip.ages, (n) => String(n))} ${strip.ages.most === 1 ? 'year' : 'years'} old on the day`,
  ].filter((part) => part !== '');
  return (
    <section aria-label="What the flight adds up to">
      <Line>
        {parts.map((part) => (
          <span key={part}>{part}</span>
        ))}
      </Line>
      <Line>
        <span>
          <strong>Allergens</strong> {allergenSentence(amounts)}
        </span>
      </Line>
      {amounts.goals.length > 0 && (
        <Goals aria-label="Goals">
          {amounts.goals.map((judged) => (
            <li key={judged.goal.id} data-verdict={judged.verdict}>
              {goalInWords(judged, currency)}
              {mayEdit && (
                <Button
                  size="small"
                  tone="quiet"
                  label={`Drop the goal ${goalKinds[judged.goal.kind].label}`}
                  onPress={() => onGoals(goals.filter((goal) => goal.id !== judged.goal.id))}
                >
                  ×
                </Button>
              )}
            </li>
          ))}
        </Goals>
      )}
      {mayEdit && (
        <Add
          onSubmit={(event) => {
            event.preventDefault();
            if (figure !== undefined) onGoals([...goals, { id: v4(), kind, figure: kind === 'aHead' ? Math.round(figure * 100) : figure }]);
          }}
        >
          <SelectField
            label="A goal"
            value={kind}
            onChange={(value) => setKind(value as GoalKind)}
            options={Object.fromEntries(
              Object.entries(goalKinds).map(([id, entry]) => [id, ['aHead', 'abv', 'merchant'].includes(id) ? entry.label : `at least … ${entry.label}`]),
            )}
          />
          <NumberField label="Figure" unit={kind === 'aHead' ? currency : goalKinds[kind].unit} low={0} high={10_000} value={figure} onChange={setFigure} />
          <Button type="submit">Set it</Button>
        </Add>
      )}
    </section>
  );
}
