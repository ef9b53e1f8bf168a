import { print } from '../print';
import { margin } from '../sheets';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { bothBands } from '@rose/core/wine/measure';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import { madder, soft } from '../paper';
import { aboutWine, foodWith, headOf, isBlind, temperatureSentence, type PrintSource } from '../source';

export const handout = print({
  kind: 'handout',
  parts: { allergens: 'the allergens', temperatures: 'the temperatures', wines: 'the wines or their food' },
  facts: (source: PrintSource) => {
    const hidden = { name: '', about: '', temperature: '', dishes: [], cheese: '' };
    return {
      ...headOf(source),
      allergens: allergenSentence(source.whole.amounts),
      temperatures: temperatureSentence(source),
      wines: source.whole.prepared.map((wine, i) => ({
        label: placeLetter(i),
        ...(isBlind(source)
          ? hidden
          : { name: wine.wine.name, about: aboutWine(wine), temperature: bothBands(wine.band, source.venue.temperature), ...foodWith(source, wine.wine.id) }),
      })),
    };
  },
  draw(sheets, facts) {
    const { paper, height, right } = sheets;
    sheets.pages(facts.wines, 7, (wine, place) => {
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
    paper.block(`${facts.temperatures} ${facts.allergens}`.trim(), margin, height - 20, right - margin, {
      size: 8,
      colour: soft,
      most: 2,
      leading: 3.4,
    });
  },
});
