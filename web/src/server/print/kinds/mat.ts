import { print } from '../print';
import { margin } from '../sheets';
import { glassShape } from '@rose/knowledge/glasses/index';
import { ink, soft } from '../paper';
import { headOf, seatsOf, type PrintSource } from '../source';

export const mat = print({
  kind: 'mat',
  parts: { glass: 'the glass' },
  facts: (source: PrintSource) => {
    const shape = glassShape(source.flight.setting === 'water' ? 'tumbler' : source.flight.glass);
    return { ...headOf(source, seatsOf(source)), glass: { name: shape.name, footMm: shape.footMm } };
  },
  draw(sheets, facts) {
    const { paper, width, height, right } = sheets;
    const { name, footMm } = facts.glass;
    const diameter = footMm + 4;
    for (const [s, seat] of facts.seats.entries()) {
      if (s > 0) paper.newPage();
      const across = Math.max(1, Math.floor((width - 2 * 10) / (diameter + 4)));
      const down = Math.max(1, Math.floor((height - 66) / (diameter + 7)));
      sheets.pages(
        seat.glasses,
        across * down,
        (glass, place) => {
          const x = width / 2 + ((place % across) - (across - 1) / 2) * (diameter + 4);
          const y = 38 + diameter / 2 + Math.floor(place / across) * (diameter + 7);
          paper.circle(x, y, diameter);
          paper.text(glass.label, x, y + 3, { face: 'bold', size: 20, align: 'centre' });
          if (glass.name !== '') paper.block(glass.name, x, y + 10, diameter - 12, { size: 8, align: 'centre', colour: soft, most: 2 });
        },
        {
          head: () => {
            sheets.header(seat.seat === '' ? 'Glass mat' : `Glass mat · seat ${seat.seat}`);
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
        },
      );
    }
  },
});
