import { print } from '../print';
import { margin } from '../sheets';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { soft } from '../paper';
import { headOf, isBlind, type PrintSource } from '../source';

/** At most so many labels. */
const mostLabels = 240;

export const bags = print({
  kind: 'bags',
  parts: { labels: 'the bottles' },
  facts: (source: PrintSource) => {
    const blind = isBlind(source);
    const wines = source.whole.prepared;
    // Of a blind flight each place gets the same number of labels: how many bottles a wine needs would tell which it is.
    const most = Math.max(...wines.map((wine) => wine.bottles));
    return {
      ...headOf(source),
      labels: wines
        .flatMap((wine, i) =>
          Array.from({ length: blind ? most : wine.bottles }, (_, n) => ({ label: placeLetter(i), bottle: n + 1, name: blind ? '' : wine.wine.name })),
        )
        .slice(0, mostLabels),
    };
  },
  draw(sheets, facts) {
    const { paper, width, height } = sheets;
    const [across, down] = [2, 4];
    const [w, h] = [(width - 2 * margin) / across, (height - 56) / down];
    sheets.pages(facts.labels, across * down, (label, place) => {
      const [x, y] = [margin + (place % across) * w, 36 + Math.floor(place / across) * h];
      paper.box(x + 1, y, w - 2, h - 3);
      paper.text(label.label, x + w / 2, y + h / 2 + 6, { face: 'serif', size: 58, align: 'centre' });
      paper.text(`bottle ${label.bottle}`, x + w / 2, y + h - 8, { size: 9, colour: soft, align: 'centre' });
      if (label.name !== '') paper.text(label.name, x + w / 2, y + 9, { size: 10, face: 'serif', align: 'centre' });
    });
  },
});
