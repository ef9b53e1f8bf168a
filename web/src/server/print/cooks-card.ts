import { clockIn } from '@rose/core/wine/day';
import { counted, listed } from '@rose/core/wine/plural';
import { instantOf } from '@rose/knowledge/evening/whole';
import { weighedInWords } from '@rose/core/quantity/weighed';
import { betweenCourses, type CooksCard } from '@rose/knowledge/menu/cooks-card';
import { hair, madder, Paper, soft } from './paper';

const margin = 18;
const foot = 20;
/** The flight a menu goes out with: its name, and when its first wine is poured, where that is set. */
export interface Beside {
  readonly flight: string;
  readonly firstPour: Date | undefined;
  readonly timeZone: string;
}
/** A minute as the clock shows it at the venue, or as a distance from the first course. */
const clockOf =
  (beside: Beside | undefined) =>
  (minutes: number): string => {
    if (beside?.firstPour !== undefined) return clockIn(instantOf(beside.firstPour, minutes), beside.timeZone);
    const away = Math.abs(Math.round(minutes));
    const said = away < 60 ? `${away} min` : `${Math.floor(away / 60)} h${away % 60 === 0 ? '' : ` ${away % 60} min`}`;
    return minutes < 0 ? `${said} before` : minutes === 0 ? 'first course' : `${said} after`;
  };
const seats = (numbers: readonly number[]): string => (numbers.length === 1 ? `seat ${numbers[0]}` : `seats ${listed(numbers.map(String))}`);

/** The cook’s card of a menu on A4: the order of work, then each course with its grams, plates that differ and its wine, then what to buy. */
export async function cardToPdf(name: string, guests: number, card: CooksCard, on: Date, beside?: Beside): Promise<Uint8Array> {
  const clock = clockOf(beside);
  const paper = await Paper.of('a4', `${name}: cook’s card`, on);
  const { width, height } = paper.size;
  const inner = width - 2 * margin;
  let y = 24;
  const room = (mm: number) => {
    if (y + mm < height - foot) return;
    paper.newPage();
    y = 22;
  };
  const heading = (text: string) => {
    room(16);
    y += 4;
    y = paper.block(text, margin, y, inner, { face: 'serif', size: 16 }) + 1;
    paper.line(margin, y - 3, width - margin, y - 3, { colour: hair });
    y += 2;
  };
  const line = (text: string, style: Parameters<Paper['block']>[4] = {}) => {
    room(7);
    y = paper.block(text, margin, y, inner, style) + 0.6;
  };
  y = paper.block(name, margin, y, inner, { face: 'serif', size: 24 }) + 1;
  line(
    `Cook’s card for ${counted(guests, 'guest')}; ${beside === undefined ? `a course every ${betweenCourses} minutes` : `courses go out with the wines of ${beside.flight}`}; some ${card.hands} minutes of work by hand.`,
    { colour: soft },
  );
  heading('Order of work');
  for (const { at, what, hands } of card.work) {
    room(6);
    paper.text(clock(at), margin, y, { size: 9.5, colour: soft });
    paper.text(`${what} (${hands} min by hand)`, margin + 38, y, { size: 9.5 });
    y += 5.4;
  }
  for (const course of card.courses) {
    heading(`${course.name}`);
    line(`${clock(course.at)} · ${course.serve}`, { colour: soft, size: 9.5 });
    for (const plate of course.plates) {
      // A heading never stands alone at the foot of a page.
      room(18);
      line(
        plate.seats.length === 0
          ? `For ${counted(plate.guests, 'guest')}`
          : `For ${seats(plate.seats)}: ${plate.swaps.length === 0 ? 'the same' : listed(plate.swaps)}`,
        { face: 'bold', size: 10 },
      );
      if (plate.ask.length > 0) line(`Ask before it goes out: ${listed(plate.ask)}.`, { colour: madder, size: 9.5 });
      for (const { name: part, each, all, cooked } of plate.rows) {
        room(6);
        paper.text(`${part}${cooked.length === 0 ? '' : `, ${cooked.join(', ')}`}`, margin + 4, y, { size: 9.5 });
        paper.text(`${weighedInWords(each)} each`, width - margin - 30, y, { size: 9.5, colour: soft, align: 'right' });
        paper.text(weighedInWords(all), width - margin, y, { size: 9.5, align: 'right' });
        y += 5;
      }
    }
    if (course.another.length > 0) line(`Another dish for ${seats(course.another)}: no swap keeps the shape of this one.`, { colour: madder });
    y += 1;
    if (course.say !== undefined) line(course.say, { face: 'serif', size: 11.5 });
  }
  heading('To buy');
  const half = inner / 2;
  card.shopping.forEach(({ name: part, grams }, i) => {
    if (i % 2 === 0) {
      room(6);
      if (i > 0) y += 5.2;
    }
    const x = margin + (i % 2) * half;
    paper.text(part, x, y, { size: 9.5 });
    paper.text(weighedInWords(grams), x + half - 8, y, { size: 9.5, align: 'right' });
  });
  y += 8;
  line(
    'Allergens: only what these parts are known to hold is looked after here. Read labels, keep boards and pans apart, and ask each guest. Knives and hot fat: one thing at a time.',
    { colour: soft, size: 9 },
  );
  return paper.save();
}
