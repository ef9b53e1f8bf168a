'use client';
import { scaleLinear } from 'd3-scale';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { observables } from '@rose/core/wine/observables';
import { counted, listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useActAndRead } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextArea, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { useDays } from '@/ui/here';
import { SelectField } from '@/ui/select-field';
import { WayBack } from '@/ui/way-back';

type Recap = AnswerOf<'tasting', 'recap'>;
type Wine = Recap['wines'][number];
const Wines = styled.ol`
  list-style: none;
  margin: 14px 0 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: 44px minmax(0, 1fr) 230px;
    gap: 4px 18px;
    padding: 14px 0;
    border-bottom: 1px solid var(--line);
  }
  .letter {
    font: 500 1.75rem/1 var(--serif);
    color: var(--madder);
  }
  .name {
    font: 500 1.3125rem/1.25 var(--serif);
  }
  .soft {
    font-size: 0.9375rem;
  }
  @media (max-width: 47.5em) {
    li {
      grid-template-columns: 36px minmax(0, 1fr);
    }
    .span {
      grid-column: 2;
    }
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 34px;
  margin-top: 26px;
  .form {
    display: grid;
    gap: 14px;
    justify-items: start;
    margin-top: 10px;
  }
  .form > div {
    width: 100%;
  }
  @media (max-width: 62em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
/** Marks of quality are given between these. */
const { low, high } = observables.quality;
const x = scaleLinear().domain([low, high]).range([10, 210]);
/** From the lowest mark to the highest, with the middle: the same scale for every wine. */
function Marks({ quality }: { quality: Wine['quality'] }) {
  if (quality === null) return <span className="soft">no mark</span>;
  const said = `${Math.round(quality.middle)} in the middle, from ${quality.low} to ${quality.high}, ${counted(quality.people, 'mark')} of ${low} to ${high}`;
  return (
    <svg width="220" height="46" viewBox="0 0 220 46" role="img" aria-label={said}>
      <line x1="10" x2="210" y1="26" y2="26" stroke="var(--line)" />
      <line x1={x(quality.low)} x2={x(quality.high)} y1="26" y2="26" stroke="var(--ink)" strokeWidth="3" strokeLinecap="round" />
      <circle cx={x(quality.middle)} cy="26" r="6" fill="var(--madder)" />
      <text x={x(quality.middle)} y="14" textAnchor="middle" fontSize="13" fill="var(--ink)">
        {Math.round(quality.middle)}
      </text>
      <text x="10" y="43" fontSize="11" fill="var(--soft)">
        {low}
      </text>
      <text x="210" y="43" textAnchor="end" fontSize="11" fill="var(--soft)">
        {high}
      </text>
    </svg>
  );
}
/** An evening looked back on: how the wines went, who came, and what comes next. */
export function After({
  id,
  flightId,
  name,
  startedAt,
  recap,
  courses,
}: {
  id: string;
  flightId: string;
  name: string;
  startedAt: string;
  recap: Recap;
  courses: readonly { readonly id: string; readonly name: string }[];
}) {
  const days = useDays();
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: `/flights/${flightId}/pour`, name }]} />
        <div className="title">
          <div>
            <h1>Looking back</h1>
            <div className="soft">
              {name}, {days.said(startedAt)} ·{' '}
              {recap.came.length === 0 ? 'nobody came' : `${counted(recap.came.length, 'guest')}: ${listed(recap.came.map((who) => who.name))}`}
            </div>
          </div>
        </div>
        {recap.says.map((sentence) => (
          <p key={sentence} style={{ font: '500 1.3125rem/1.4 var(--serif)', maxWidth: '60ch' }}>
            {sentence}
          </p>
        ))}
        <Wines aria-label={recap.panel ? 'The wines of the flight' : 'The wines, in the order they were poured'}>
          {recap.wines.map((wine) => (
            <li key={wine.place}>
              <span className="letter">{recap.panel ? '' : placeLetter(wine.place)}</span>
              <span>
                <span className="name">{wine.wine?.name ?? (recap.panel ? 'A wine still covered' : `Glass ${wine.code}, still covered`)}</span>
                <br />
                <span className="soft">
                  {[
                    wine.wine?.producer ?? '',
                    wine.smells.length === 0 ? '' : `smelt by several: ${wine.smells.map((smell) => `${smell.name} (${smell.people})`).join(', ')}`,
                    wine.food === '' ? '' : `with ${wine.food}`,
                  ]
                    .filter((part) => part !== '')
                    .join(' · ')}
                </span>
              </span>
              <span className="span">
                <Marks quality={wine.quality} />
              </span>
            </li>
          ))}
        </Wines>
        <p className="soft" style={{ marginTop: 8 }}>
          The line runs from the lowest mark of quality to the highest, the dot is the middle. Only what was written before anything of the wine was uncovered
          counts in a blind flight; simulated guests do not count.
        </p>
        <Two>
          <Belongs id={id} recap={recap} courses={courses} />
          <section aria-label="What was opened">
            <h2>Opened</h2>
            <p>
              {recap.opened.length === 0
                ? 'No bottle left the cellar with the close.'
                : `${listed(recap.opened.map((entry) => `${counted(entry.bottles, 'bottle')} of ${entry.name}`))} left the cellar.`}
            </p>
            {recap.aside.map((glass) => (
              <p key={glass.glassId}>
                {glass.place === null
                  ? `${glass.name ?? 'One of the wines'}, glass ${glass.code} and the others of its bottle, was put aside:`
                  : `Wine ${placeLetter(glass.place)}, glass ${glass.code}, was put aside:`}{' '}
                <a href={`/api/v1/tastings/${id}/glasses/${glass.glassId}/fault-sheet`}>a sheet for its merchant</a>
              </p>
            ))}
            <p style={{ marginTop: 12 }}>
              <Link href={`/flights/${flightId}/unmask?evening=${id}`}>The calls, fact by fact</Link> ·{' '}
              <Link href={`/flights/${flightId}/paper?evening=${id}`}>Type in from paper</Link>
            </p>
          </section>
        </Two>
      </Page>
    </Frame>
  );
}
/** The course an evening belongs to, and what was promised for next time. */
function Belongs({ id, recap, courses }: { id: string; recap: Recap; courses: readonly { readonly id: string; readonly name: string }[] }) {
  const [courseId, setCourseId] = useState(recap.course?.id ?? '');
  const [promised, setPromised] = useState(recap.promised);
  const [fresh, setFresh] = useState('');
  const act = useActAndRead();
  const keep = () =>
    void act.run(async () => {
      let belongs = courseId === '' ? null : courseId;
      if (fresh.trim() !== '') {
        belongs = v7();
        await call(contract.course.save, { id: belongs, name: fresh });
        setCourseId(belongs);
        setFresh('');
      }
      await call(contract.tasting.belongs, { id, courseId: belongs, promised });
    });
  const kept = courseId === (recap.course?.id ?? '') && promised === recap.promised && fresh === '';
  return (
    <section aria-label="Course and next time">
      <h2>Next time</h2>
      <ActForm act={act} onSubmit={keep} className="form">
        <TextArea label="What was promised for next time" value={promised} onChange={setPromised} />
        {courses.length > 0 && (
          <SelectField
            label="Course"
            value={courseId}
            empty="none"
            onChange={setCourseId}
            options={Object.fromEntries(courses.map((course) => [course.id, course.name]))}
          />
        )}
        <TextField label="Begin a course" hint="a name" value={fresh} onChange={setFresh} />
        <Button type="submit" tone="strong" disabled={act.busy || kept}>
          {kept ? 'Kept' : 'Keep it'}
        </Button>
      </ActForm>
      {recap.course !== null && (
        <p style={{ marginTop: 10 }}>
          <Link href="/notebook/courses">{recap.course.name}, evening by evening</Link>
        </p>
      )}
    </section>
  );
}
