'use client';
import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { mostCourses, pourings, thrifts, type MenuDocument, type Pouring, type Thrift } from '@rose/core/menu/menu-document';
import { capital, counted } from '@rose/core/wine/plural';
import { menuLines, readLine } from '@rose/knowledge/dishes/read-line';
import { menuStyles, type MenuPlan, type MenuWine } from '@rose/knowledge/menu/index';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { ButtonLink } from '@/ui/button-link';
import { Deleted } from '@/ui/deleted';
import { DocumentHead } from '@/ui/document/document-head';
import { Clashes } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { TextArea, TextField } from '@/ui/field';
import { Frame } from '@/ui/frame';
import { useMay } from '@/ui/here';
import { NumberField } from '@/ui/number-field';
import { Progress } from '@/ui/progress';
import { SelectField } from '@/ui/select-field';
import { partRows } from '@/ui/start-dish';
import { useSolver } from '@/workers/use-solver';
import { MenuCourses } from './menu-courses';
import { MenuSeats } from './menu-seats';
import { whatMoved } from './menu-moved';
import { partsInWords } from './part-names';

const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(320px, 430px) minmax(0, 1fr);
  max-width: 1400px;
  min-height: calc(100vh - 56px);
  > * {
    padding: 24px 28px 48px;
    min-width: 0;
  }
  > :first-child {
    border-right: 1px solid var(--line);
  }
  h1 {
    font-size: 2.125rem;
  }
  h2 {
    margin: 22px 0 6px;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
    margin-top: 10px;
  }
  @media (max-width: 60em) {
    grid-template-columns: 1fr;
    min-height: 0;
    > :first-child {
      border-right: 0;
      border-bottom: 1px solid var(--line);
    }
    > * {
      padding: 18px 16px;
    }
  }
`;
const Rows = styled.ol`
  list-style: none;
  margin: 6px 0;
  padding: 0;
  li {
    border-top: 1px solid var(--line);
    padding: 8px 0;
  }
  .name {
    font: 500 1.125rem/1.25 var(--serif);
  }
`;
type Course = MenuDocument['courses'][number];
const withoutPin = ({ pin: _, dry: __, ...course }: Course): Course => course;

/** A menu: courses in words, who sits where and what they must not eat, and which wine comes with which course. */
export function MenuPage({
  flights,
  id,
  revision,
  document,
}: {
  flights: readonly { id: string; name: string }[];
  id: string;
  revision: number;
  document: MenuDocument;
}) {
  const mayEdit = useMay('dish.edit');
  const open = useDocument('menu', { id, document, revision });
  const menu = open.document;
  const [text, setText] = useState('');
  const [lost, setLost] = useState<readonly string[]>([]);
  const [wines, setWines] = useState<readonly MenuWine[]>(menu.among === 'styles' ? menuStyles : []);
  const [currency, setCurrency] = useState('');
  /** The menu that stands beside the flight these wines are of. */
  const [beside, setBeside] = useState<AnswerOf<'menu', 'wines'>['beside']>(null);
  const [trouble, setTrouble] = useState('');
  const [deleted, setDeleted] = useState(false);
  useEffect(() => {
    setBeside(null);
    if (menu.among === 'styles') {
      setWines(menuStyles);
      return;
    }
    const asked = new AbortController();
    call(contract.menu.wines, { among: menu.among }, { signal: asked.signal }).then(
      (found) => {
        setWines(found.wines);
        setCurrency(found.currency);
        setBeside(found.beside);
        setTrouble('');
      },
      (error: Error) => !asked.signal.aborted && setTrouble(error.message),
    );
    return () => asked.abort();
  }, [menu.among]);
  // What was changed here since counts from then on.
  const other = beside !== null && beside.id !== id && open.revision === revision ? beside : undefined;
  const plated = menu.courses.some(({ parts }) => parts.length > 0);
  const solving = useSolver('menu', plated && wines.length > 0 ? { menu, wines } : null, { keep: true, wait: 250 });
  const answer = solving.output;
  const plan = answer?.kind === 'plan' ? answer : undefined;
  const moved = useMoved(plan);
  const change = (next: (m: MenuDocument) => MenuDocument, field = '') => mayEdit && open.change(next, field);
  const courseIs = (courseId: string, next: (course: Course) => Course, field?: string) =>
    change((m) => ({ ...m, courses: m.courses.map((course) => (course.id === courseId ? next(course) : course)) }), field);
  const add = () => {
    const read = menuLines(text).map((line) => ({ line, dish: readLine(line) }));
    const known = read.filter(({ dish }) => dish.parts.length > 0);
    const room = mostCourses - menu.courses.length;
    change((m) => ({
      ...m,
      name: m.name === '' && known.length > 0 ? `Menu: ${capital(known[0]!.dish.name)}`.slice(0, 200) : m.name,
      courses: [...m.courses, ...known.slice(0, room).map(({ dish }) => ({ id: v4(), name: capital(dish.name), parts: partRows(dish.parts) }))],
    }));
    setLost(read.flatMap(({ dish }) => (dish.parts.length === 0 ? [dish.name] : dish.notUnderstood)));
    // What there is no room for stays where it was written.
    setText(
      known
        .slice(room)
        .map(({ line }) => line)
        .join('\n'),
    );
  };
  const move = (at: number, by: number) =>
    change((m) => {
      const courses = [...m.courses];
      const [taken] = courses.splice(at, 1);
      courses.splice(at + by, 0, taken!);
      return { ...m, courses };
    });
  if (deleted)
    return (
      <Deleted
        name={menu.name}
        bringBack={() => call(contract.menu.restore, { id })}
        list={{ href: '/pairing', label: 'To the table' }}
        onBack={() => setDeleted(false)}
      />
    );
  return (
    <Frame>
      <Columns>
        <section aria-label="The menu">
          <DocumentHead
            steps={[{ href: '/pairing', name: 'Table' }]}
            name={menu.name.trim() === '' ? 'A new menu' : menu.name}
            open={open}
            mayEdit={mayEdit}
            hangsOn={() => Promise.resolve('Nothing hangs on it, and it can be brought back.')}
            remove={() => call(contract.menu.delete, { id })}
            onDeleted={() => setDeleted(true)}
          />
          {trouble !== '' && <p role="alert">{trouble}</p>}
          <Clashes
            open={open}
            label={(path) => clashLabels[path[0]!] ?? 'A part of the menu'}
            show={(value) => (typeof value === 'object' && value !== null && 'name' in value ? String(value.name) : JSON.stringify(value))}
          />
          {mayEdit && <TextField label="Name" value={menu.name} onChange={(name) => change((m) => ({ ...m, name }), 'name')} />}
          <h2>Courses</h2>
          <Rows>
            {menu.courses.map((course, at) => (
              <li key={course.id}>
                <span className="name">
                  {at + 1}. {course.name}
                </span>
                <span className="soft" style={{ display: 'block' }}>
                  {partsInWords(course.parts)}
                </span>
                {mayEdit && (
                  <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap', alignItems: 'center', marginTop: 4 }}>
                    <Button size="small" label={`${course.name}: earlier`} disabled={at === 0} onPress={() => move(at, -1)}>
                      Earlier
                    </Button>
                    <Button size="small" label={`${course.name}: later`} disabled={at === menu.courses.length - 1} onPress={() => move(at, 1)}>
                      Later
                    </Button>
                    <Button
                      size="small"
                      label={`${course.name}: leave out`}
                      onPress={() => change((m) => ({ ...m, courses: m.courses.filter((one) => one.id !== course.id) }))}
                    >
                      Leave out
                    </Button>
                  </div>
                )}
              </li>
            ))}
          </Rows>
          {menu.courses.length === 0 && <p className="soft">No courses yet. Write or paste them, one to a line: each is read as its parts.</p>}
          {mayEdit && (menu.courses.length < mostCourses || text !== '') && (
            <>
              <TextArea label="More courses" hint={`one to a line, ${mostCourses} at most`} value={text} onChange={setText} rows={3} />
              <p style={{ marginTop: 8 }}>
                <Button tone={plated ? 'plain' : 'strong'} onPress={add} disabled={text.trim() === '' || menu.courses.length >= mostCourses}>
                  Put them on the menu
                </Button>
              </p>
              {menu.courses.length >= mostCourses && <p className="soft">A menu has {mostCourses} courses at most: leave one out to put another on.</p>}
              {lost.length > 0 && (
                <p role="status" style={{ color: 'var(--amber)' }}>
                  Not understood: {lost.map((word) => `“${word}”`).join(', ')}. Say it another way, or build the dish from its parts at the Table.
                </p>
              )}
            </>
          )}
          <h2>The table</h2>
          <div className="pair">
            <NumberField
              label="Guests"
              unit=""
              value={menu.guests}
              low={1}
              high={200}
              onChange={(guests) => guests !== undefined && change((m) => ({ ...m, guests: Math.round(guests) }), 'guests')}
            />
            <NumberField
              label="Wines at most"
              unit=""
              value={menu.most}
              low={1}
              high={12}
              onChange={(most) => most !== undefined && change((m) => ({ ...m, most: Math.round(most) }), 'most')}
            />
            <NumberField
              label="Poured a course, a guest"
              unit="mL"
              value={menu.pourMl}
              low={20}
              high={300}
              onChange={(pourMl) => pourMl !== undefined && change((m) => ({ ...m, pourMl: Math.round(pourMl) }), 'pourMl')}
            />
            <SelectField<Pouring> label="Poured" value={menu.pouring} options={pourings} onChange={(pouring) => change((m) => ({ ...m, pouring }))} />
            <SelectField<string>
              label="Out of"
              value={menu.among}
              options={{
                styles: `${menuStyles.length} general styles`,
                cellar: 'the cellar',
                ...Object.fromEntries<string>(flights.map((flight) => [`flight:${flight.id}`, flight.name])),
              }}
              onChange={(among) => change((m) => ({ ...m, among, courses: m.courses.map(withoutPin) }))}
            />
            {menu.among !== 'styles' && (
              <>
                <SelectField<Thrift>
                  label="How much money counts"
                  value={menu.thrift}
                  options={thrifts}
                  onChange={(thrift) => change((m) => ({ ...m, thrift }))}
                />
                <NumberField
                  label="Budget for the table"
                  unit={currency}
                  value={menu.budgetMinor === undefined ? undefined : menu.budgetMinor / 100}
                  low={0}
                  high={1_000_000}
                  onChange={(budget) =>
                    change(({ budgetMinor: _, ...m }) => (budget === undefined ? m : { ...m, budgetMinor: Math.round(budget * 100) }), 'budget')
                  }
                />
              </>
            )}
          </div>
          {other !== undefined && (
            <p className="soft" style={{ marginTop: 12 }}>
              Ready and the lists of this flight go by another menu, <Link href={`/pairing/menus/${other.id}`}>{other.name}</Link>, because it was changed last.
              {mayEdit && ' Change something here, and they go by this one.'}
            </p>
          )}
          <MenuSeats menu={menu} mayEdit={mayEdit} change={change} />
        </section>
        <section aria-label="The wines">
          <h2 style={{ marginTop: 0 }}>Which wine with which course</h2>
          {moved !== '' && (
            <p role="status" className="soft">
              {moved}
            </p>
          )}
          {solving.progress !== null && answer === undefined && <Progress says="Trying every menu" share={solving.progress} stop={solving.stop} />}
          {solving.trouble !== '' && (
            <p role="alert">
              {solving.trouble}{' '}
              <Button size="small" onPress={solving.retry}>
                Try again
              </Button>
            </p>
          )}
          {!plated ? (
            <p className="soft">Put the first course on the menu.</p>
          ) : wines.length === 0 ? (
            <p className="soft">There are no wines in this list yet.</p>
          ) : answer?.kind === 'impossible' ? (
            <p role="alert">{answer.why}</p>
          ) : plan === undefined ? null : (
            <MenuCourses
              plan={plan}
              menu={menu}
              wines={wines}
              currency={currency}
              pin={mayEdit ? (courseId, choice) => courseIs(courseId, (course) => ({ ...withoutPin(course), ...choice })) : undefined}
            />
          )}
          {plan !== undefined && open.revision > 0 && (
            <p style={{ display: 'flex', gap: 10, flexWrap: 'wrap', margin: '14px 0' }}>
              <ButtonLink href={`/api/v1/menus/${id}/files/pdf`} download>
                Cook’s card, PDF
              </ButtonLink>
              <ButtonLink href={`/api/v1/menus/${id}/files/jsonld`} download>
                As recipes, JSON-LD
              </ButtonLink>
            </p>
          )}
          {plan !== undefined && (
            <p className="soft">
              {counted(menu.courses.length, 'course')}, {plan.points.toFixed(0)} points in all: the fit of each course of 100, less what the order of the wines
              and the money cost. {plan.proven ? 'No menu of this list has more.' : 'The search was cut short: a better one may be there.'}
            </p>
          )}
        </section>
      </Columns>
    </Frame>
  );
}
const clashLabels: Readonly<Record<string, string>> = {
  courses: 'A course',
  seats: 'A seat',
  guests: 'Guests',
  name: 'The name',
  most: 'Wines at most',
  pourMl: 'The pour',
  among: 'The list of wines',
  budgetMinor: 'The budget',
};

/** What the last change of the menu did to its wines, in a sentence. */
function useMoved(plan: MenuPlan | undefined): string {
  const before = useRef<MenuPlan | undefined>(undefined);
  const [said, setSaid] = useState('');
  useEffect(() => {
    if (plan === undefined) return;
    if (before.current !== undefined && before.current !== plan) setSaid(whatMoved(before.current, plan));
    before.current = plan;
  }, [plan]);
  return said;
}
