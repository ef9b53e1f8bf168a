import { print } from '../print';
import { margin } from '../sheets';
import { keysOf } from '@rose/core/wine/keys';
import { knownGlass } from '@rose/core/wine/known-glass';
import { applies, observables, observableIds, type ObservableId } from '@rose/core/wine/observables';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import { descriptors, families } from '@rose/knowledge/smells/data';
import { routineOf } from '@rose/knowledge/routines/index';
import { ink, soft } from '../paper';
import { headOf, seatsOf, type PrintSource } from '../source';

const scales: readonly { readonly id: string; readonly label: string; readonly notches: readonly string[] }[] = observableIds.flatMap((id) => {
  const spec = observables[id];
  return spec.kind === 'scale' && spec.quarter === 'palate' && 'bearing' in spec ? [{ id, label: spec.label, notches: [...spec.notches] }] : [];
});

/** The scales a glass is asked: of an open one what its wine has, of a hidden one what any wine of the flight has, so that no sheet tells which is where. */
function asked({ flight, whole }: PrintSource, name: string): readonly string[] {
  const known = whole.prepared.filter(({ wine }) => flight.blind !== 'open' || wine.name === name).map(({ wine }) => knownGlass(wine.facts));
  return scales.filter(({ id }) => known.length === 0 || known.some((glass) => applies(id as ObservableId, {}, glass))).map(({ id }) => id);
}
/** Words for smells, a line a family, for those who have none ready. */
const smells: readonly { readonly family: string; readonly words: readonly string[] }[] = keysOf(families)
  .filter((family) => family !== 'fault')
  .map((family) => ({
    family: families[family].label,
    words: descriptors
      .filter((entry) => entry.family === family && entry.origin !== 'fault')
      .slice(0, 6)
      .map(({ name }) => name),
  }));

export const sheet = print({
  kind: 'sheet',
  parts: { scales: 'the scales', asked: 'what each glass is asked', smells: 'the words for smells', routine: 'the routine', allergens: 'the allergens' },
  facts: (source: PrintSource) => ({
    ...headOf(source, seatsOf(source)),
    scales,
    asked: seatsOf(source).map(({ glasses }) => glasses.map(({ name }) => asked(source, name))),
    smells,
    routine: routineOf(source.flight).steps.map((step) => step.name),
    allergens: allergenSentence(source.whole.amounts),
  }),
  draw(sheets, facts) {
    const { paper, height, right } = sheets;
    for (const [s, seat] of facts.seats.entries()) {
      if (s > 0) paper.newPage();
      const label = `${facts.routine.join(' · ')} · seat ${seat.seat === '' ? '______' : seat.seat}`;
      sheets.pages(
        seat.glasses,
        2,
        (glass, place) => {
          const ids = facts.asked[s]?.[seat.glasses.indexOf(glass)];
          const palate = ids === undefined ? facts.scales : facts.scales.filter(({ id }) => ids.includes(id));
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
          paper.text('again? yes · no', margin + 62, y, { size: 9 });
          paper.text('drunk with', margin + 90, y, { size: 9 });
          paper.line(margin + 107, y + 0.5, right - 46, y + 0.5);
          paper.text('your mark ______ of 100', right, y, { size: 9, align: 'right' });
        },
        { head: () => sheets.header(label), above: facts.allergens },
      );
    }
    paper.newPage();
    sheets.header('Words for smells: does it remind you of one of these?');
    const half = (right - margin - 8) / 2;
    const rows = Math.ceil(facts.smells.length / 2);
    facts.smells.forEach(({ family, words }, i) => {
      const [x, y] = [margin + (i < rows ? 0 : half + 8), 44 + (i % rows) * Math.min(17, (height - 70) / rows)];
      paper.text(family, x, y, { size: 10, face: 'bold' });
      paper.block(words.join(', '), x, y + 5, half, { size: 9, colour: soft, most: 2 });
    });
  },
});
