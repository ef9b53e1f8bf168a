'use client';
import styled from 'styled-components';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import { moneyInWords } from '@rose/core/wine/money';
import { counted, listed } from '@rose/core/wine/plural';
import type { MenuCourse, MenuPlan, MenuWine, Plate } from '@rose/knowledge/menu/index';
import { examples } from '@rose/knowledge/styles/examples';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import { nameOf } from './part-names';

const List = styled.ol`
  list-style: none;
  margin: 10px 0;
  padding: 0;
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 120px;
    gap: 4px 16px;
    border-top: 1px solid var(--line);
    padding: 14px 0;
  }
  .course {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .wine {
    font: 500 1.3125rem/1.25 var(--serif);
    display: block;
  }
  .n {
    font: 600 1.75rem/1 var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
  }
  .n small {
    display: block;
    font: 400 0.8125rem/1.3 var(--sans);
    color: var(--soft);
  }
  .more {
    grid-column: 1 / -1;
    font-size: 0.9375rem;
  }
  .more p {
    margin: 4px 0;
  }
  .down {
    color: var(--madder);
  }
`;
/** The choice that lets a course go without a wine. */
const orNone = 'or-none';
const metAs = (wine: string | undefined) => (wine === undefined || examples[wine] === undefined ? '' : examples[wine]);
const seats = (numbers: readonly number[]) => (numbers.length === 1 ? `seat ${numbers[0]}` : `seats ${listed(numbers.map(String))}`);
const swapsInWords = ({ swaps }: Plate) =>
  listed(swaps.map(({ out, into }) => (into === undefined ? `no ${nameOf(out)}` : `${nameOf(into)} instead of ${nameOf(out)}`)));
const askInWords = ({ ask }: Plate) => listed([...new Set(ask.map(({ part, why }) => `${nameOf(part)} (${why})`))]);

function PlatesOf({ course }: { course: MenuCourse }) {
  const { plates, another } = course.plates;
  return (
    <>
      {plates
        .filter((plate) => plate.seats.length > 0)
        .map((plate) => (
          <p key={plate.seats.join()}>
            <strong>For {seats(plate.seats)}:</strong> {plate.swaps.length === 0 ? 'the same plate' : swapsInWords(plate)}
            {plate.ask.length > 0 && <>; ask about {askInWords(plate)}</>}.
          </p>
        ))}
      {another.length > 0 && (
        <p className="down">
          <strong>Another dish for {seats(another)}:</strong> no swap keeps the shape of this one.
        </p>
      )}
    </>
  );
}

/** The plan: course by course its wine with the reason, plates that differ, what another wine would cost; then bottles and money. */
export function MenuCourses({
  plan,
  menu,
  wines,
  currency,
  pin,
}: {
  plan: MenuPlan;
  menu: MenuDocument;
  wines: readonly MenuWine[];
  currency: string;
  pin: ((courseId: string, choice: { readonly pin?: string; readonly dry?: true }) => void) | undefined;
}) {
  const chosenFor = (id: string) => {
    const course = menu.courses.find((one) => one.id === id);
    return course?.pin ?? (course?.dry === true ? orNone : '');
  };
  const money = (minor: number) => moneyInWords(Math.round(minor), currency);
  const choices = Object.fromEntries([
    [orNone, 'left to the menu, or no wine'],
    ['none', 'no wine'],
    ...wines.map(({ wine }) => [wine.id, wine.name] as const),
  ]);
  const unwilling = menu.seats.filter(({ seat, allergens }) => seat <= menu.guests && allergens.includes('sulphites'));
  return (
    <>
      <List>
        {plan.courses.map((course) => {
          const { wine, other } = course;
          return (
            <li key={course.id}>
              <span>
                <span className="course">{course.name}</span>
                <span className="wine">{wine === undefined ? 'no wine' : course.wineName}</span>
                {metAs(wine) !== '' && <span className="soft">{metAs(wine)}</span>}
              </span>
              {wine === undefined ? (
                <span />
              ) : (
                <span className="n">
                  {Math.round(course.shown)}
                  <small>of 100, {course.band}</small>
                </span>
              )}
              <div className="more">
                {course.because !== '' && <p>{course.because}.</p>}
                {course.step !== undefined && (
                  <p>
                    After the wine before it loses {counted(Math.round(course.step.points), 'point')}: {course.step.because}.
                  </p>
                )}
                <PlatesOf course={course} />
                {course.worst !== undefined && (
                  <p className="soft">
                    It fits the plate of {seats(course.worst.seats)} least: {Math.round(course.worst.shown)} of 100.
                  </p>
                )}
                {course.soft !== undefined && (
                  <p className="soft">
                    Without alcohol: {course.soft.name} ({course.soft.how}).
                  </p>
                )}
                {other !== undefined && (
                  <p className="soft">
                    Otherwise {other.wineName}
                    {metAs(other.wine) === '' ? '' : ` (${metAs(other.wine)})`}:{' '}
                    {other.costs < 0.5 ? 'as good' : `${other.costs.toFixed(1)} points less for the whole menu`}
                    {other.money !== undefined && Math.abs(other.money) >= 50
                      ? `, ${money(Math.abs(other.money))} ${other.money > 0 ? 'more' : 'less'}`
                      : ''}.{' '}
                    {pin !== undefined && (
                      <Button size="small" label={`Take ${other.wineName} with ${course.name}`} onPress={() => pin(course.id, { pin: other.wine })}>
                        Take it
                      </Button>
                    )}
                  </p>
                )}
                {pin !== undefined && (
                  <div style={{ maxWidth: 380 }}>
                    <SelectField
                      label={`Fixed for ${course.name}`}
                      value={chosenFor(course.id)}
                      empty="left to the menu"
                      options={choices}
                      onChange={(to) => pin(course.id, to === '' ? {} : to === orNone ? { dry: true } : { pin: to })}
                    />
                  </div>
                )}
              </div>
            </li>
          );
        })}
      </List>
      <h2>What is opened</h2>
      <ul>
        {plan.pours.map(({ wine, wineName, ml, bottles, money: cost }) => (
          <li key={wine}>
            <strong>{wineName}</strong>: {ml} mL in all
            {bottles.length > 0 && cost !== undefined && <>, {listed(bottles.map(({ ml: size, count }) => `${counted(count, 'bottle')} of ${size} mL`))}</>}
            {cost === undefined ? '' : `, ${money(cost)}`}
          </li>
        ))}
      </ul>
      {plan.money !== undefined && (
        <p>
          <strong>{money(plan.money)}</strong> for the table, {money(plan.money / menu.guests)} a guest.
          {plan.unpriced > 0 && ` ${counted(plan.unpriced, 'wine')} without a price count at the middle of the others.`}
        </p>
      )}
      {unwilling.length > 0 && (
        <p>
          <strong>Sulphites:</strong> nearly every wine holds them. Tell {seats(unwilling.map(({ seat }) => seat))} before anything is poured.
        </p>
      )}
      {plan.left.length > 0 && (
        <p className="soft">
          Left out: {listed(plan.left.slice(0, 6).map(({ wineName, why }) => `${wineName} (${why})`))}
          {plan.left.length > 6 && ` and ${plan.left.length - 6} more`}.
        </p>
      )}
      {plan.one !== undefined && plan.courses.length > 1 && (
        <>
          <h2>One wine for all of it</h2>
          <p>
            Fairest: <strong>{plan.one.fairest.wineName}</strong>, at its worst {Math.round(plan.one.fairest.least)} of 100, {Math.round(plan.one.fairest.mean)}{' '}
            on the whole.
            {plan.one.best.wine !== plan.one.fairest.wine && (
              <>
                {' '}
                Best on the whole: <strong>{plan.one.best.wineName}</strong>, {Math.round(plan.one.best.mean)}, at its worst {Math.round(plan.one.best.least)}.
              </>
            )}
          </p>
        </>
      )}
    </>
  );
}
