'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { counted } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { Frame, Page } from '@/ui/frame';
import { useDays } from '@/ui/here';
import { WayBack } from '@/ui/way-back';

const Course = styled.section`
  margin: 22px 0 34px;
  .scroll {
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    font-size: 0.9375rem;
    margin-top: 8px;
  }
  th {
    text-align: left;
    font-weight: 400;
    color: var(--soft);
    padding: 8px 18px 8px 0;
    vertical-align: bottom;
  }
  th a {
    color: var(--ink);
  }
  td {
    padding: 8px 18px 8px 0;
    border-top: 1px solid var(--line);
    vertical-align: top;
    max-width: 260px;
  }
  td:first-child {
    white-space: nowrap;
  }
`;
/** Courses: their evenings by date, who came to which, and what was promised. */
export function Courses({ courses }: { courses: AnswerOf<'course', 'list'>['courses'] }) {
  const days = useDays();
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
        <h1>Courses</h1>
        {courses.length === 0 && <p className="soft">No course yet. An evening joins one where it is looked back on, after it was poured.</p>}
        {courses.map((course) => (
          <Course key={course.id} aria-label={course.name}>
            <h2>{course.name}</h2>
            {course.evenings.length === 0 ? (
              <p className="soft">No evening yet.</p>
            ) : (
              <div className="scroll">
                <table>
                  <thead>
                    <tr>
                      <th scope="col">{counted(course.evenings.length, 'evening')}</th>
                      {course.evenings.map((evening) => (
                        <th scope="col" key={evening.id}>
                          {evening.flightId === null ? (
                            evening.name
                          ) : (
                            <Link href={`/flights/${evening.flightId}/after?evening=${evening.id}`}>{evening.name}</Link>
                          )}
                          <br />
                          {days.said(evening.startedAt)}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {course.people.map((person, i) => (
                      <tr key={`${person.name} ${i}`}>
                        <td>{person.name}</td>
                        {course.evenings.map((evening, at) => (
                          <td key={evening.id}>{person.at.includes(at) ? 'came' : ''}</td>
                        ))}
                      </tr>
                    ))}
                    <tr>
                      <td className="soft">promised</td>
                      {course.evenings.map((evening) => (
                        <td key={evening.id}>{evening.promised}</td>
                      ))}
                    </tr>
                  </tbody>
                </table>
              </div>
            )}
          </Course>
        ))}
        {courses.length > 0 && <p className="soft">Who kept a key is known by it from evening to evening; others by their name, while it is kept.</p>}
      </Page>
    </Frame>
  );
}
