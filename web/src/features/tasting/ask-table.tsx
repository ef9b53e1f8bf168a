'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import type { AnswerOf } from '@/contract/answers';
import { rankable } from '@rose/core/call/sets';
import type { Telling } from '@rose/core/tasting/gives-away';
import { reached, uncoverable } from '@rose/core/tasting/program';
import { listed } from '@rose/core/wine/plural';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Disclosure } from '@/ui/disclosure';
import { TextField } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import type { Led } from '../shared-flight/use-led';

/** Questions hosts ask at every table: before the truth, one tap each. Common practice. */
const usual = {
  me: { question: 'For me, or not?', options: ['for me', 'not for me'] },
  dry: { question: 'Sweet or dry?', options: ['sweet', 'dry'] },
  dear: { question: 'Dearer or cheaper than the one before?', options: ['dearer', 'cheaper'] },
  food: { question: 'Would you drink this with food or without?', options: ['with food', 'without'] },
  three: { question: 'Which is another wine than the other two:', options: [] },
  two: { question: 'Which do you like better:', options: [] },
  order: { question: 'Put them in order, from the best down:', options: [] },
  own: { question: '', options: ['yes', 'no'] },
} as const;
/** The glasses poured last, by their places. */
const lastPlaces = (poured: number, n: number) => Array.from({ length: n }, (_, i) => poured - n + i);
type Usual = keyof typeof usual;
const names: Record<Usual, string> = {
  me: 'For me, or not',
  dry: 'Sweet or dry',
  dear: 'Dearer or cheaper',
  food: 'With food or without',
  three: 'The odd one of the last three',
  two: 'The better of the last two',
  order: 'All glasses in order',
  own: 'A question of my own',
};

/** Questions about sets of glasses are for a panel, once so many are poured; in order are put all, since only those are the same wines at every seat. */
function offered(panel: boolean, poured: number, wines: number): Partial<Record<Usual, string>> {
  const may: Partial<Record<Usual, boolean>> = {
    three: panel && poured >= 3,
    two: panel && poured >= 2,
    order: panel && poured === wines && poured >= rankable.least && poured <= rankable.most,
  };
  return Object.fromEntries(Object.entries(names).filter(([id]) => may[id as Usual] !== false));
}

const Bars = styled.dl`
  margin: 8px 0;
  div {
    display: grid !important;
    grid-template-columns: 96px 1fr 34px !important;
    align-items: center;
    border: 0 !important;
    padding: 4px 0 !important;
  }
  i {
    display: block;
    height: 8px;
    background: var(--ink);
  }
  dd {
    text-align: right;
  }
`;
/** Puts a question to the table, with what the host expects kept beside it; and how it stands, once it is counted. */
export function AskTable({ led, away }: { led: Led; away: (text: string) => Telling | undefined }) {
  const [chosen, setChosen] = useState<Usual>('me');
  const [own, setOwn] = useState('');
  const [forecast, setForecast] = useState('');
  const { state, people } = led;
  const { poll } = state;
  const stop = state.program[state.at]!;
  const poured = reached(state.program, state.far) + 1;
  const sizes: Partial<Record<Usual, number>> = { three: 3, two: 2, order: poured };
  const size = sizes[chosen];
  const set = size === undefined ? undefined : lastPlaces(poured, size);
  const question =
    chosen === 'own'
      ? own
      : set === undefined
        ? usual[chosen].question
        : `${usual[chosen].question} ${chosen === 'order' ? listed(set.map(placeLetter)) : `${listed(set.map(placeLetter), 'or')}?`}`;
  const options: readonly string[] = set === undefined ? usual[chosen].options : set.map(placeLetter);
  const told = chosen === 'own' ? away(question) : undefined;
  const answers = people.answers;
  const counts = answers?.counts ?? [];
  const total = counts.reduce((sum, n) => sum + n, 0);
  return (
    <div>
      <h2>Ask the table</h2>
      {poll === null ? (
        <>
          <div style={{ display: 'grid', gap: 10, marginTop: 8 }}>
            <SelectField label="Question" value={chosen} onChange={(value) => setChosen(value as Usual)} options={offered(state.panel, poured, state.wines)} />
            {chosen === 'own' && (
              <TextField label="Your question, to be answered with yes or no" value={own} onChange={(value) => setOwn(value.slice(0, 200))} />
            )}
            {told !== undefined && (
              <p role="status" className="late">
                “{told.words}” gives away the {uncoverable[told.fact]} of this wine, which is covered still: leave the word out, or ask after the reveal.
              </p>
            )}
            <SelectField
              label="I expect most to say"
              value={forecast}
              empty="no idea"
              onChange={setForecast}
              options={Object.fromEntries(options.map((word, i) => [String(i), word]))}
            />
            <Button
              disabled={!led.leads || question.trim() === ''}
              onPress={() =>
                void led.act('ask', {
                  pollId: v4(),
                  place: 'place' in stop ? stop.place : null,
                  question,
                  options: [...options],
                  forecast: forecast === '' ? null : Number(forecast),
                  ...(set === undefined ? {} : { places: set, ...(chosen === 'order' ? { ranked: true } : {}) }),
                })
              }
            >
              Put it to them
            </Button>
          </div>
        </>
      ) : (
        <>
          <p style={{ margin: '8px 0' }}>{poll.question}</p>
          <Bars>
            {poll.options.map((word, i) => (
              <div key={word}>
                <dt>{word}</dt>
                <span>
                  <i style={{ width: `${answers?.pollId === poll.id && total > 0 ? (100 * (counts[i] ?? 0)) / total : 0}%` }} />
                </span>
                <dd>{answers?.pollId === poll.id ? (counts[i] ?? 0) : 0}</dd>
              </div>
            ))}
          </Bars>
          <p className="soft">
            {answers?.pollId === poll.id ? total : 0} of {people.people.filter((person) => !person.left).length} answered. The table sees none of it yet.
          </p>
          <Button disabled={!led.leads} onPress={() => void led.act('count', {})}>
            End the question
          </Button>
        </>
      )}
      <AskedBefore id={state.id} tick={state.tick} />
    </div>
  );
}
type Asked = AnswerOf<'tasting', 'asked'>;
/** What was counted already, with what the host expected beside it. */
function AskedBefore({ id, tick }: { id: string; tick: number }) {
  const [asked, setAsked] = useState<Asked>({ polls: [], tally: '' });
  useEffect(() => {
    let there = true;
    call(contract.tasting.asked, { id }).then(
      (found) => there && setAsked(found),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [id, tick]);
  const counted = asked.polls.filter((poll) => !poll.open);
  if (counted.length === 0) return null;
  return (
    <Disclosure says={`${counted.length} asked before`}>
      {counted.map((poll) => (
        <p key={poll.id} style={{ padding: '6px 0' }}>
          {poll.place === null ? '' : `${placeLetter(poll.place)}: `}
          {/[.?!]$/.test(poll.question) ? poll.question : `${poll.question}.`} {poll.ranked ? 'First came ' : ''}
          {poll.options.map((option, i) => `${option} ${poll.counts[i] ?? 0}`).join(', ')}.
          {poll.forecast === null ? '' : ` You expected ${poll.options[poll.forecast] ?? ''}.`}
          {poll.result === '' ? '' : ` ${poll.result}`}
        </p>
      ))}
      {asked.tally !== '' && <p className="soft">{asked.tally}</p>}
    </Disclosure>
  );
}
