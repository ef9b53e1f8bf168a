import { print } from '../print';
import { margin } from '../sheets';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { blindKinds } from '@rose/core/flight/flight';
import { restKinds } from '@rose/core/order/order-wine';
import { bothBands, bothTemperatures, bothVolumes } from '@rose/core/wine/measure';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import { glassShape } from '@rose/knowledge/glasses/index';
import { madder, soft } from '../paper';
import { aboutWine, clockOf, headOf, seatsOf, type PrintSource } from '../source';

export const cues = print({
  kind: 'cues',
  parts: { mode: 'open or blind', cues: 'the wines, their order or times', allergens: 'the allergens' },
  facts: (source: PrintSource) => {
    const { flight, whole, venue } = source;
    const doubleBlind = flight.blind === 'double';
    return {
      ...headOf(source, flight.evening === 'panel' ? seatsOf(source, doubleBlind ? 'double' : 'open') : []),
      mode: blindKinds[flight.blind],
      cues: whole.prepared.map((wine, i) => {
        const rest = flight.rests.find((entry) => entry.after === wine.wine.id);
        return {
          label: placeLetter(i),
          at: clockOf(source, wine.pourAt),
          name: doubleBlind ? `bag ${placeLetter(i)}` : wine.wine.name,
          about: doubleBlind ? '' : aboutWine(wine),
          pour: bothVolumes(wine.pourMl, venue.volume),
          temperature: doubleBlind ? '' : `${bothTemperatures(wine.aim, venue.temperature)}, band ${bothBands(wine.band, venue.temperature)}`,
          glass: glassShape(wine.entry.glass ?? flight.glass).name,
          then: rest === undefined ? '' : `${restKinds[rest.kind].label}, ${restKinds[rest.kind].minutes} min`,
        };
      }),
      allergens: allergenSentence(whole.amounts),
    };
  },
  draw(sheets, facts) {
    const { paper, right } = sheets;
    sheets.pages(
      facts.cues,
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
      { head: () => sheets.header(`Pourer’s cue sheet · ${facts.mode}`), above: facts.allergens },
    );
    if (facts.seats.length > 0) {
      paper.newPage();
      const aRow = Math.max(...facts.seats.map((seat) => seat.glasses.length));
      sheets.pages(
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
        { head: () => sheets.header('Pour list by seat'), above: facts.allergens },
      );
    }
  },
});
