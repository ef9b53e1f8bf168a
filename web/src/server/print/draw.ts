import { dayInWords } from '@rose/core/wine/day';
import { printKinds, type PaperId, type PrintKind } from '../../contract/prints';
import { hair, ink, madder, Paper, soft } from './paper';
import type { PrintFacts } from './facts';

export interface Foot {
  readonly plan: number;
  readonly on: Date;
  /** The day it is printed, on the venue's calendar. */
  readonly day: string;
  readonly id: string;
}
const margin = 16;

/** Draws a print from its facts, and from nothing else but the date, the plan and the id at its foot. */
export async function drawPrint(kind: PrintKind, facts: PrintFacts, paperId: PaperId, foot: Foot): Promise<Uint8Array> {
  const paper = await Paper.of(paperId, `${facts.title}: ${printKinds[kind].label}`, foot.on);
  const { width, height } = paper.size;
  const right = width - margin;
  const header = (label: string = printKinds[kind].label) => {
    paper.text(facts.title, margin, 21, { face: 'serif', size: 22 });
    paper.text(label, right, 21, { face: 'bold', size: 10, align: 'right' });
    paper.text(`${facts.when} · ${facts.subtitle}`, margin, 28, { colour: soft });
    paper.line(margin, 31.5, right, 31.5, { colour: ink, width: 0.3 });
  };
  const footer = () => {
    paper.line(margin, height - 13, right, height - 13);
    paper.text(`Rose Compass · plan ${foot.plan} · printed ${dayInWords(foot.day)}`, margin, height - 8.5, { size: 8, colour: soft });
    paper.text(foot.id, right, height - 8.5, { size: 8, colour: soft, align: 'right' });
    const allergens = String(facts['allergens'] ?? '');
    if (allergens !== '' && (kind === 'sheet' || kind === 'cues')) paper.text(allergens, margin, height - 16, { size: 8 });
  };
  const pages = <T>(items: readonly T[], size: number, draw: (item: T, place: number, at: number) => void, head = header) => {
    for (let i = 0; i < Math.max(1, items.length); i += size) {
      if (i > 0) paper.newPage();
      head();
      items.slice(i, i + size).forEach((item, place) => draw(item, place, i + place));
      footer();
    }
  };
  const list = <T>(part: string) => (facts[part] ?? []) as readonly T[];

  switch (kind) {
    case 'sheet': {
      const palate = list<{ label: string; notches: string[] }>('scales');
      for (const [s, seat] of facts.seats.entries()) {
        if (s > 0) paper.newPage();
        const label = `${list<string>('routine').join(' · ')} · seat ${seat.seat === '' ? '______' : seat.seat}`;
        pages(
          seat.glasses,
          2,
          (glass, place) => {
            const top = 38 + place * ((height - 60) / 2);
            paper.circle(margin + 8, top + 4, 16);
            paper.text(glass.label, margin + 8, top + 6, { face: 'bold', size: glass.label.length > 2 ? 13 : 17, align: 'centre' });
            paper.text(
              glass.name === '' ? 'Your name for it' : glass.name,
              margin + 21,
              top + 3,
              glass.name === '' ? { colour: soft, size: 9 } : { face: 'serif', size: 15 },
            );
            paper.line(margin + 21, top + 9, right, top + 9);
            const lines = ['Look: clear? colour, core and rim', 'Smell, still', 'Smell, after the swirl'];
            lines.forEach((text, i) => {
              paper.text(text, margin, top + 18 + i * 9, { size: 9, colour: soft });
              paper.line(margin + 52, top + 18.5 + i * 9, right, top + 18.5 + i * 9);
            });
            const from = top + 46;
            const step = Math.min(8.2, ((height - 60) / 2 - 66) / Math.max(1, palate.length));
            palate.forEach((scale, i) => {
              const y = from + i * step;
              paper.text(scale.label, margin, y + 1, { size: 9, face: 'bold' });
              const [x1, x2] = [margin + 34, right - 2];
              paper.line(x1, y, x2, y, { colour: soft });
              scale.notches.forEach((word, n) => {
                const x = x1 + ((x2 - x1) * n) / 4;
                paper.line(x, y - 1.3, x, y + 1.3, { colour: ink });
                paper.text(word, x, y + 4, { size: 6.5, colour: soft, align: n === 0 ? 'left' : n === 4 ? 'right' : 'centre' });
              });
            });
            const y = from + palate.length * step + 3;
            paper.text('The pleasant flavour lasts ______ s', margin, y, { size: 9 });
            paper.text('again? yes · no', margin + 82, y, { size: 9 });
            paper.text('your mark ______ of 100', right, y, { size: 9, align: 'right' });
          },
          () => header(label),
        );
      }
      break;
    }
    case 'mat': {
      const { name, footMm } = facts['glass'] as { name: string; footMm: number };
      const diameter = footMm + 4;
      for (const [s, seat] of facts.seats.entries()) {
        if (s > 0) paper.newPage();
        const across = Math.max(1, Math.floor((width - 2 * 10) / (diameter + 4)));
        const down = Math.max(1, Math.floor((height - 66) / (diameter + 7)));
        pages(
          seat.glasses,
          across * down,
          (glass, place) => {
            const x = width / 2 + ((place % across) - (across - 1) / 2) * (diameter + 4);
            const y = 38 + diameter / 2 + Math.floor(place / across) * (diameter + 7);
            paper.circle(x, y, diameter);
            paper.text(glass.label, x, y + 3, { face: 'bold', size: 20, align: 'centre' });
            if (glass.name !== '') paper.block(glass.name, x, y + 10, diameter - 12, { size: 8, align: 'centre', colour: soft, most: 2 });
          },
          () => {
            header(seat.seat === '' ? 'Glass mat' : `Glass mat · seat ${seat.seat}`);
            const y = height - 20;
            paper.line(margin, y, margin + 100, y, { colour: ink, width: 0.3 });
            for (let mm = 0; mm <= 100; mm += 10) {
              paper.line(margin + mm, y - (mm % 50 === 0 ? 3 : 1.8), margin + mm, y, { colour: ink, width: 0.3 });
              if (mm % 50 === 0) paper.text(`${mm}`, margin + mm, y + 3.5, { size: 7, align: 'centre' });
            }
            paper.block(
              `Print at 100 %, not “fit to page”. This ruler is 100 mm; each circle is ${diameter} mm, for a ${name}.`,
              margin + 106,
              y - 1,
              right - margin - 106,
              { size: 7.5, colour: soft, leading: 3.2 },
            );
          },
        );
      }
      break;
    }
    case 'bags': {
      const labels = list<{ label: string; bottle: number; name: string }>('labels');
      const [across, down] = [2, 4];
      const [w, h] = [(width - 2 * margin) / across, (height - 56) / down];
      pages(labels, across * down, (label, place) => {
        const [x, y] = [margin + (place % across) * w, 36 + Math.floor(place / across) * h];
        paper.box(x + 1, y, w - 2, h - 3);
        paper.text(label.label, x + w / 2, y + h / 2 + 6, { face: 'serif', size: 58, align: 'centre' });
        paper.text(`bottle ${label.bottle}`, x + w / 2, y + h - 8, { size: 9, colour: soft, align: 'centre' });
        if (label.name !== '') paper.text(label.name, x + w / 2, y + 9, { size: 10, face: 'serif', align: 'centre' });
      });
      break;
    }
    case 'cues': {
      const cues = list<{ label: string; at: string; name: string; about: string; pour: string; temperature: string; glass: string; then: string }>('cues');
      pages(
        cues,
        8,
        (cue, place) => {
          const y = 41 + place * 27.5;
          paper.text(cue.at, margin, y + 2, { face: 'bold', size: 15 });
          paper.text(cue.label, margin + 24, y + 2, { face: 'serif', size: 20, colour: madder });
          paper.text(cue.name, margin + 38, y, { face: 'serif', size: 14 });
          paper.text(cue.about, margin + 38, y + 5.5, { size: 9, colour: soft });
          paper.text([cue.pour, cue.temperature, cue.glass].filter((text) => text !== '').join(' · '), margin + 38, y + 11, { size: 10 });
          if (cue.then !== '') paper.text(`then ${cue.then}`, margin + 38, y + 16.5, { size: 10, face: 'bold' });
          paper.line(margin, y + 20, right, y + 20);
        },
        () => header(`Pourer’s cue sheet · ${String(facts['mode'])}`),
      );
      if (facts.seats.length > 0) {
        paper.newPage();
        const aRow = Math.max(...facts.seats.map((seat) => seat.glasses.length));
        pages(
          facts.seats,
          12,
          (seat, place) => {
            const y = 40 + place * 19;
            paper.text(`Seat ${seat.seat}`, margin, y + 3, { face: 'bold', size: 11 });
            seat.glasses.forEach((glass, i) => {
              const x = margin + 22 + (i * (right - margin - 22)) / aRow;
              paper.text(glass.label, x, y + 1, { face: 'bold', size: 10 });
              paper.block(glass.name, x, y + 5, (right - margin - 22) / aRow - 2, { size: 6.5, colour: soft, most: 2, leading: 2.8 });
            });
            paper.line(margin, y + 12, right, y + 12);
          },
          () => header('Pour list by seat'),
        );
      }
      break;
    }
    case 'run': {
      const tasks = list<{ at: string; day: string; text: string; minutes: number; critical: boolean }>('tasks');
      pages(tasks, 30, (task, place) => {
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
      paper.text(`${String(facts['stock'])}. ${String(facts['caution'])}`, margin, height - 16, { size: 8, colour: soft });
      break;
    }
    case 'handout': {
      const wines = list<{ label: string; name: string; about: string; temperature: string; dishes: string[]; cheese: string }>('wines');
      pages(wines, 7, (wine, place) => {
        const y = 40 + place * 31;
        paper.text(wine.label, margin, y + 1, { face: 'serif', size: 20, colour: madder });
        if (wine.name === '') {
          paper.text('Your name for it, and what you would eat with it', margin + 14, y, { size: 9, colour: soft });
          paper.line(margin + 14, y + 10, right, y + 10);
          paper.line(margin + 14, y + 19, right, y + 19);
        } else {
          paper.text(wine.name, margin + 14, y, { face: 'serif', size: 15 });
          paper.text(wine.about, margin + 14, y + 5.5, { size: 9, colour: soft });
          paper.text(`Serve at ${wine.temperature}.`, margin + 14, y + 11.5, { size: 10 });
          const food = [wine.dishes.length > 0 ? `With ${wine.dishes.join(' or ')}.` : '', wine.cheese === '' ? '' : `Cheese: ${wine.cheese}.`]
            .filter((text) => text !== '')
            .join(' ');
          paper.block(food, margin + 14, y + 17, right - margin - 14, { size: 10, most: 2 });
        }
        paper.line(margin, y + 25, right, y + 25);
      });
      paper.block(`${String(facts['temperatures'])} ${String(facts['allergens'])}`.trim(), margin, height - 20, right - margin, {
        size: 8,
        colour: soft,
        most: 2,
        leading: 3.4,
      });
      break;
    }
    case 'invitation': {
      header('Invitation');
      const evening = facts['evening'] as { starts: string; ends: string; minutes: number };
      let y = 46;
      paper.text('You are invited', margin, y, { face: 'italic', size: 18 });
      y += 12;
      const say = (title: string, text: string) => {
        if (text === '') return;
        paper.text(title, margin, y, { face: 'bold', size: 11 });
        y = paper.block(text, margin + 34, y, right - margin - 34, { size: 11, leading: 5.4 }) + 3;
      };
      say('When', `${facts.when}. First pour ${evening.starts}, until about ${evening.ends}.`);
      say('What', `${String(facts['pours'])}.`);
      say('Glasses', String(facts['glasses']));
      say('Cold', String(facts['temperatures']));
      say('Allergens', String(facts['allergens']));
      const wines = list<{ label: string; name: string; about: string; instead: string }>('wines');
      if (wines.length > 0) {
        y += 4;
        paper.text('If you taste at home', margin, y, { face: 'serif', size: 15 });
        y += 8;
        for (const wine of wines) {
          if (y > height - 40) {
            footer();
            paper.newPage();
            header('Invitation');
            y = 42;
          }
          paper.text(wine.label, margin, y, { face: 'bold', size: 11, colour: madder });
          paper.text(wine.name, margin + 10, y, { face: 'serif', size: 13 });
          paper.text(wine.about, margin + 10, y + 5, { size: 9, colour: soft });
          if (wine.instead !== '') paper.text(`or any ${wine.instead}`, margin + 10, y + 9.6, { size: 9 });
          y += 16;
        }
      }
      paper.line(margin, height - 28, right, height - 28, { colour: hair });
      paper.block(String(facts['caution']), margin, height - 23, right - margin, { size: 9, leading: 4 });
      footer();
      break;
    }
  }
  return paper.save();
}
