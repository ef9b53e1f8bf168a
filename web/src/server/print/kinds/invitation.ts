import { counted } from '@rose/core/wine/plural';
import { print } from '../print';
import { margin } from '../sheets';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { bothVolumes } from '@rose/core/wine/measure';
import { fridgeMinutesAtHome, haveReady } from '@rose/knowledge/evening/at-home';
import type { PreparedWine } from '@rose/knowledge/evening/evening';
import { styleOf } from '@rose/knowledge/styles/index';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import { glassShape } from '@rose/knowledge/glasses/index';
import { hair, madder, soft } from '../paper';
import { aboutWine, clockOf, headOf, isBlind, temperatureSentence, type PrintSource } from '../source';

/** When a guest's own bottle goes into their own fridge, counted back from its pour. */
function atHome(source: PrintSource, wine: PreparedWine): string {
  const minutes = fridgeMinutesAtHome(wine);
  if (minutes === 0) return 'No fridge: the room will do.';
  if (!Number.isFinite(minutes)) return 'Into your fridge the day before.';
  return `Into your fridge at ${clockOf(source, wine.pourAt - minutes)}, ${minutes} min before it is poured.`;
}

export const invitation = print({
  kind: 'invitation',
  parts: {
    evening: 'the times',
    glasses: 'the glasses',
    pours: 'the pours',
    ready: 'what to have ready',
    temperatures: 'the temperatures',
    allergens: 'the allergens',
    wines: 'the wines or their food',
    caution: 'the cautions',
  },
  facts: (source: PrintSource) => {
    const { flight, whole, venue } = source;
    const { minutes, wines } = whole.amounts;
    return {
      ...headOf(source),
      evening: { starts: clockOf(source, 0), ends: clockOf(source, minutes), minutes },
      glasses: `${wines.length} × ${glassShape(flight.setting === 'water' ? 'tumbler' : flight.glass).name}`,
      pours: `${counted(wines.length, 'pour')} of ${bothVolumes(flight.pourMl, venue.volume)}`,
      ready: haveReady(flight, minutes),
      temperatures: temperatureSentence(source),
      allergens: allergenSentence(whole.amounts),
      wines: isBlind(source)
        ? []
        : whole.prepared.map((wine, i) => ({
            label: placeLetter(i),
            name: wine.wine.name,
            about: aboutWine(wine),
            instead: wine.wine.profile.body.from === 'style' && !styleOf(wine.wine.facts).unknown ? wine.wine.profile.body.why : '',
            fridge: atHome(source, wine),
          })),
      caution: 'Eat before you come and plan a way home without driving. Who is pregnant, takes medicine or is under age does not drink. You may always spit.',
    };
  },
  draw(sheets, facts) {
    const { paper, height, right } = sheets;
    sheets.header('Invitation');
    const { evening, wines } = facts;
    let y = 46;
    paper.text('You are invited', margin, y, { face: 'italic', size: 18 });
    y += 12;
    const say = (title: string, text: string) => {
      if (text === '') return;
      paper.text(title, margin, y, { face: 'bold', size: 11 });
      y = paper.block(text, margin + 34, y, right - margin - 34, { size: 11, leading: 5.4 }) + 3;
    };
    say('When', `${facts.when}. First pour ${evening.starts}, until about ${evening.ends}.`);
    say('What', `${facts.pours}.`);
    say('Glasses', facts.glasses);
    say('Have ready', `${facts.ready.join('; ')}.`);
    say('Serve', facts.temperatures);
    say('Allergens', facts.allergens);
    if (wines.length > 0) {
      y += 4;
      paper.text('If you taste at home', margin, y, { face: 'serif', size: 15 });
      y += 8;
      for (const wine of wines) {
        if (y > height - 40) {
          sheets.footer();
          paper.newPage();
          sheets.header('Invitation');
          y = 42;
        }
        paper.text(wine.label, margin, y, { face: 'bold', size: 11, colour: madder });
        paper.text(wine.name, margin + 10, y, { face: 'serif', size: 13 });
        paper.text(wine.about, margin + 10, y + 5, { size: 9, colour: soft });
        paper.text([wine.fridge, wine.instead === '' ? '' : `Or any ${wine.instead}.`].filter((part) => part !== '').join(' '), margin + 10, y + 9.6, {
          size: 9,
        });
        y += 16;
      }
    }
    paper.line(margin, height - 28, right, height - 28, { colour: hair });
    paper.block(facts.caution, margin, height - 23, right - margin, { size: 9, leading: 4 });
    sheets.footer();
  },
});
