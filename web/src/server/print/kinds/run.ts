import { print } from '../print';
import { margin } from '../sheets';
import { stockOf } from '@rose/knowledge/evening/evening';
import { ink, madder, soft } from '../paper';
import { clockOf, headOf, type PrintSource } from '../source';

export const run = print({
  kind: 'run',
  parts: { stock: 'fridge, bucket or hands', tasks: 'the timetable', caution: 'the cautions' },
  facts: (source: PrintSource) => {
    const stock = stockOf(source.flight, source.venue);
    return {
      ...headOf(source),
      stock: `${stock.fridgePlaces} fridge places, ${stock.bucketPlaces} in the bucket, ${stock.freezerPlaces} in the freezer, ${stock.hands} ${stock.hands === 1 ? 'pair' : 'pairs'} of hands`,
      tasks: source.timetable.tasks.map((task) => ({
        at: clockOf(source, task.minute),
        day: task.minute < -20 * 60 ? 'the day before' : '',
        text: task.text,
        minutes: task.minutes,
        critical: task.critical,
      })),
      caution: 'Knives, screws and warm sparkling bottles hurt. Local law and house rules come first.',
    };
  },
  draw(sheets, facts) {
    const { paper, height, right } = sheets;
    sheets.pages(facts.tasks, 30, (task, place) => {
      const y = 39 + place * 7.6;
      paper.box(margin, y - 3.4, 4, 4, { colour: ink });
      paper.text(task.at, margin + 8, y, { face: 'bold', size: 11 });
      paper.text(task.text, margin + 26, y, { size: 10.5 });
      paper.text(`${task.day === '' ? '' : `${task.day} · `}${task.minutes} min${task.critical ? ' · no slack' : ''}`, right, y, {
        size: 9,
        colour: task.critical ? madder : soft,
        align: 'right',
      });
      paper.line(margin, y + 2.2, right, y + 2.2);
    });
    paper.text(`${facts.stock}. ${facts.caution}`, margin, height - 16, { size: 8, colour: soft });
  },
});
