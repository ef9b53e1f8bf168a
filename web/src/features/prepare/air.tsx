'use client';
import styled from 'styled-components';
import { airChoices, type AirAdvice, type AirChoice } from '@rose/core/air/air';
import { capital } from '@rose/core/wine/plural';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { SelectField } from '@/ui/select-field';

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 220px;
    gap: 20px;
    align-items: start;
    padding: 12px 0;
    border-bottom: 1px solid var(--line);
  }
  h3 {
    margin: 0 0 2px;
  }
  p {
    margin: 2px 0;
    font-size: 0.9375rem;
  }
  @media (max-width: 47.5em) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

const sentenceOf = (reasons: AirAdvice['reasons']) => `${capital(reasons.map((reason) => reason.text).join('; '))}.`;

/** To breathe or not: the advice with its reasons, doubt and risk, the other school beside it, and a test with two glasses where it is not clear. */
export function AirAdviceList({
  whole,
  mayEdit,
  clock,
  onChoose,
}: {
  whole: WholeEvening;
  mayEdit: boolean;
  clock: (minute: number) => string;
  onChoose: (wine: string, air: AirChoice | undefined) => void;
}) {
  return (
    <List aria-label="Air">
      {whole.prepared.map(({ wine, air, entry, chosenAir, pourAt }) => (
        <li key={wine.id}>
          <div>
            <h3>{wine.name}</h3>
            <p>
              <strong>{capital(airChoices[air.choice])}</strong>
              {air.minutes > 0 ? `, ${air.minutes} min ahead` : ''}. {capital(air.doubt)}
              {air.risk === 'none' ? '' : `; the risk of harm is ${air.risk}`}.
            </p>
            <p className="soft">{sentenceOf(air.reasons)}</p>
            {air.against.length > 0 && <p className="soft">Against it: {air.against.map((reason) => reason.text).join('; ')}.</p>}
            <p className="soft">{air.opposing.says}</p>
            {air.test && <p>Not sure? Pour one glass at {clock(pourAt - 60)} and one at the table, and smell them side by side.</p>}
            {chosenAir.choice !== air.choice && (
              <p>
                You chose: {airChoices[chosenAir.choice]}
                {chosenAir.minutes > 0 ? `, ${chosenAir.minutes} min ahead` : ''}.
              </p>
            )}
          </div>
          {mayEdit && (
            <SelectField
              label={`Air for ${wine.name}`}
              hideLabel
              value={entry.air ?? ''}
              empty="as advised"
              onChange={(value) => onChoose(wine.id, value === '' ? undefined : (value as AirChoice))}
              options={airChoices}
            />
          )}
        </li>
      ))}
    </List>
  );
}
