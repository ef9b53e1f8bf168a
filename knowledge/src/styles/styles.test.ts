import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import type { WineFacts } from '@rose/core/wine/facts';
import { anchors, loadsOf, profileKeys, resolveProfile } from '@rose/core/wine/profile';
import { throughAnchors } from '@rose/core/wine/units';
import { grapeNamed, grapes, grapesCalled, homonyms } from '../grapes/index';
import { bandOf } from '../serving-temperatures/index';
import { familiarGrapes } from '../theme/index';
import { examples } from './examples';
import { assumedLoads, generalStyle, generalStyles, rungOf, styleOf } from './index';

const day = '2026-11-15';
const stated = (facts: Readonly<Record<string, unknown>>): WineFacts =>
  Object.fromEntries(Object.entries(facts).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const only = (...names: readonly string[]) => names.map((grape) => ({ grape, share: { kind: 'unknown' } }));
const all = (grape: string) => [{ grape, share: { kind: 'exact', percent: 100 } }];
const wine = (facts: Readonly<Record<string, unknown>>) => {
  const known = stated({ bubbles: 'still', ...facts });
  const choice = styleOf(known);
  const profile = resolveProfile(known, choice.style, undefined, day);
  return {
    ...choice,
    id: choice.style.id,
    loads: loadsOf(profile),
    profile,
    facts: known,
    rung: rungOf(known, loadsOf(profile)),
    band: bandOf(known, loadsOf(profile)),
  };
};
const trade = (says: string, test: () => void) => published('common practice, from memory', says, test);

describe('a wine of spirit', () => {
  const fino = { colour: 'white', grapes: all('Palomino'), abv: 15, fortified: true };
  const wines = {
    'a fino by its label': [fino, 'veil-fortified'],
    'a fino said to be under flor': [{ ...fino, underFlor: true }, 'veil-fortified'],
    oloroso: [{ ...fino, abv: 19, woodMonths: 120 }, 'dark-nutty-dry'],
    cream: [{ ...fino, abv: 18, sugar: 130, woodMonths: 60 }, 'nutty-sweet'],
    'Pedro Ximénez': [{ colour: 'white', grapes: all('Pedro Ximénez'), abv: 17, sugar: 400, fortified: true, woodMonths: 72 }, 'raisined-fortified'],
    'a Muscat of the south': [{ colour: 'white', grapes: all('Muscat'), abv: 15, sugar: 110, fortified: true }, 'muscat-fortified'],
    'white port': [{ colour: 'white', grapes: only('Malvasia Fina', 'Gouveio'), abv: 19, sugar: 90, fortified: true }, 'white-fortified'],
    'an old Muscat of the south': [
      { colour: 'white', grapes: all('Muscat'), abv: 17.5, sugar: 280, fortified: true, woodMonths: 180 },
      'aged-muscat-fortified',
    ],
    Sercial: [{ colour: 'white', grapes: all('Sercial'), abv: 19, sugar: 55, fortified: true }, 'madeira-dry'],
    Bual: [{ colour: 'white', grapes: all('Bual'), abv: 19, sugar: 100, fortified: true }, 'madeira-sweet'],
    'a young red of Grenache': [{ colour: 'red', grapes: all('Grenache'), abv: 16, sugar: 95, fortified: true, woodMonths: 12 }, 'grenache-fortified'],
    'an old tawny': [{ colour: 'red', grapes: only('Touriga Nacional'), abv: 20, sugar: 110, fortified: true, woodMonths: 240 }, 'tawny-fortified'],
  } as const;
  for (const [name, [facts, style]] of Object.entries(wines))
    trade(`${name} is of the colour it is poured in, and of its own kind`, () => {
      const found = wine(facts);
      expect(found.id).toBe(style);
      expect(found.style.colour).toBe(facts.colour);
      if (facts.colour === 'white') expect(found.loads.tannin).toBeLessThan(10);
    });
  trade('a fino told by its label reads as the one told to be under flor, and is served as cold', () => {
    const [label, told] = [wine(fino), wine({ ...fino, underFlor: true })];
    for (const key of profileKeys) expect(Math.abs(label.loads[key] - told.loads[key]), key).toBeLessThan(4);
    expect([label.band.id, told.band.id]).toEqual(['flor', 'flor']);
  });
  trade('a Muscat and a white port are served cold, one of raisins a little less', () => {
    expect(wine(wines['a Muscat of the south'][0]).band.high).toBeLessThanOrEqual(10);
    expect(wine(wines['white port'][0]).band.high).toBeLessThanOrEqual(10);
    expect(wine(wines['Pedro Ximénez'][0]).band).toMatchObject({ low: 10, high: 13 });
  });
  it('has the strength of its kind: through the anchors every style of spirit lies from 15 to 20 % vol', () => {
    const strength = (load: number) => {
      for (let abv = 0; abv <= 24; abv += 0.1) if (throughAnchors(anchors.abv, abv) >= load) return abv;
      return 24;
    };
    for (const style of generalStyles.filter((entry) => /fortified|nutty-|madeira/.test(entry.id))) {
      expect(strength(style.loads.alcohol), style.id).toBeGreaterThanOrEqual(14.9);
      expect(strength(style.loads.alcohol), style.id).toBeLessThanOrEqual(20.1);
    }
  });
});

describe('a still wine', () => {
  it('is never taken for one of spirit or of flor that it is not said to be', () => {
    for (const grape of ['Verdelho', 'Sercial', 'Pedro Ximénez', 'Palomino', 'Savagnin', 'Heida', 'Boal']) {
      const found = wine({ colour: 'white', grapes: all(grape), fortified: false, abv: 13, sugar: 2 });
      expect(found.id, grape).not.toMatch(/fortified|nutty|madeira|veil/);
      expect(found.style.loads.alcohol, grape).toBeLessThan(77);
    }
  });
  trade('a wine of dried grapes, a young one of the same grapes and a sweet one are three kinds', () => {
    const amarone = wine({ colour: 'red', grapes: only('Corvina', 'Rondinella'), abv: 16, woodMonths: 30, oak: 'used', sugar: 6 });
    const young = wine({ colour: 'red', grapes: only('Corvina', 'Rondinella'), abv: 12, sugar: 4, oak: 'none' });
    const recioto = wine({ colour: 'red', grapes: only('Corvina', 'Rondinella'), abv: 12.5, sugar: 110, driedGrapes: true });
    expect([amarone.id, young.id, recioto.id]).toEqual(['dried-grape-red', 'juicy-red', 'dried-grape-sweet-red']);
    expect(amarone.band).toMatchObject({ low: 16, high: 18 });
    expect(young.band.high).toBeLessThanOrEqual(16);
  });
  trade('dry Pinot Grigio is light and dry, with skins it is amber; a dry Gewürztraminer is dry', () => {
    const grigio = { colour: 'white', grapes: all('Pinot Grigio'), sugar: 3, abv: 12 };
    expect(wine(grigio).style.name).not.toMatch(/off-dry/);
    expect(wine(grigio).band).toMatchObject({ low: 7, high: 10 });
    expect(wine({ ...grigio, sugar: 25 }).id).toBe('offdry-gris');
    expect(wine({ grapes: all('Pinot Grigio'), sugar: 2, skinDays: 3 }).style.colour).toBe('amber');
    expect(wine({ colour: 'white', grapes: all('Gewürztraminer'), sugar: 4 }).style.name).toMatch(/^dry/);
  });
  trade('sharp and light in alcohol, a Kabinett stands with the whites', () => {
    const kabinett = wine({ colour: 'white', grapes: all('Riesling'), sugar: 48, acidity: 8, abv: 8.5 });
    expect(kabinett.id).toBe('offdry-riesling');
    expect(wine({ colour: 'white', grapes: all('Riesling'), sugar: 110, acidity: 8, abv: 8 }).rung).toBe('sweet');
  });
  trade('dry Muscat is loud, and its grape is known', () => {
    const muscat = wine({ colour: 'white', grapes: all('Muscat'), sugar: 3 });
    expect(muscat).toMatchObject({ id: 'dry-muscat', unknown: false });
    expect(muscat.loads.intensity).toBeGreaterThanOrEqual(70);
  });
  trade('Merlot and Carmenère are softer than Cabernet', () => {
    const of = (grape: string) => wine({ colour: 'red', grapes: all(grape) }).loads;
    const cabernet = of('Cabernet Sauvignon');
    for (const grape of ['Merlot', 'Carmenère']) {
      expect(cabernet.tannin - of(grape).tannin, grape).toBeGreaterThanOrEqual(12);
      expect(cabernet.acidity - of(grape).acidity, grape).toBeGreaterThanOrEqual(6);
    }
  });
  it('of a grape not known is the whole span of its colour, and says so', () => {
    const unknown = wine({ colour: 'red', grapes: all('Never Heard Of') });
    expect(unknown).toMatchObject({ unknown: true, why: 'a red, grape not known' });
    for (const { key, low, high } of assumedLoads(unknown.profile, true)) {
      const value = unknown.loads[key];
      expect(low, key).toBeLessThanOrEqual(Math.max(0, value - 25));
      expect(high, key).toBeGreaterThanOrEqual(Math.min(100, value + 25));
    }
    expect(wine({ colour: 'white' })).toMatchObject({ unknown: true, why: 'a white, grape not known' });
    expect(wine({}).why).toBe('colour and grape not known: a white until one is said');
    for (const { name, skin } of grapes) expect(wine({ colour: skin === 'black' ? 'red' : 'white', grapes: all(name) }).why, name).not.toMatch(/not known/);
  });
  it('of several grapes is its parts by share: their order is nothing, and without shares each counts alike', () => {
    const names = ['Nebbiolo', 'Merlot', 'Barbera'];
    const [there, back] = [names, [...names].reverse()].map((some) => wine({ colour: 'red', grapes: only(...some) }));
    expect(there!.id).toBe(back!.id);
    for (const key of profileKeys) expect(there!.loads[key]).toBeCloseTo(back!.loads[key], 9);
    const alone = names.map((name) => wine({ colour: 'red', grapes: all(name) }).loads.tannin);
    expect(there!.loads.tannin).toBeGreaterThan(Math.min(...alone));
    expect(there!.loads.tannin).toBeLessThan(Math.max(...alone));
    // A grape split in two of the same name is the same wine.
    const split = wine({
      colour: 'red',
      grapes: [
        ...all('Nebbiolo').map((one) => ({ ...one, share: { kind: 'exact', percent: 50 } })),
        { grape: 'Nebbiolo', share: { kind: 'exact', percent: 50 } },
      ],
    });
    expect(split.loads).toEqual(wine({ colour: 'red', grapes: all('Nebbiolo') }).loads);
  });
  it('moves by small steps: a month more of wood, a tenth of strength, a gram of sugar is never another wine', () => {
    const bases = [
      { colour: 'white', grapes: all('Chardonnay'), abv: 13, sugar: 3, oak: 'some', woodMonths: 6 },
      { colour: 'white', grapes: only('Macabeo', 'Malvasia'), abv: 13, sugar: 2, oak: 'used', woodMonths: 30 },
      { colour: 'red', grapes: only('Tempranillo', 'Graciano'), abv: 13.5, sugar: 3, oak: 'some', woodMonths: 12 },
      { colour: 'white', grapes: all('Riesling'), abv: 12, sugar: 8, acidity: 7.5 },
      { colour: 'amber', grapes: all('Ribolla Gialla'), abv: 13, skinDays: 20 },
    ];
    const steps = { woodMonths: 1, abv: 0.1, sugar: 0.5, skinDays: 1, leesMonths: 1 } as const;
    for (const base of bases)
      for (const [key, step] of Object.entries(steps)) {
        let before: ReturnType<typeof wine> | undefined;
        for (let i = 0; i < 40; i++) {
          const now = wine({ ...base, [key]: (((base as Readonly<Record<string, unknown>>)[key] as number | undefined) ?? 0) + i * step });
          // 12, 45 and 120 g/L are thresholds of law and of kind, and a day on the skins makes an amber wine.
          if (before !== undefined && key !== 'skinDays')
            for (const load of profileKeys)
              if (load !== 'sweetness')
                expect(Math.abs(now.loads[load] - before.loads[load]), `${String(base.grapes[0]!.grape)} ${key} ${i} ${load}`).toBeLessThan(9);
          before = now;
        }
      }
  });
});

describe('the general styles', () => {
  it('each is met as something a guest knows, and no two are told apart by nothing', () => {
    for (const style of generalStyles) expect(examples[style.id], style.id).toMatch(/\p{L}/u);
    expect(Object.keys(examples).filter((id) => !generalStyles.some((style) => style.id === id))).toEqual([]);
    const keys = profileKeys.filter((key) => key !== 'fragility');
    // What stands for a grape that is not known is the middle of its colour, and so is some kind.
    const kinds = generalStyles.filter((style) => !style.id.startsWith('unknown-'));
    const twins = kinds.flatMap((a, i) =>
      kinds.slice(i + 1).flatMap((b) => {
        const far = keys.some((key) => Math.abs(a.loads[key] - b.loads[key]) >= 12);
        const smell = a.echoes.slice(0, 2).some((echo) => !b.echoes.includes(echo)) || b.echoes.slice(0, 2).some((echo) => !a.echoes.includes(echo));
        return a.colour === b.colour && !far && !smell ? [`${a.id} and ${b.id}`] : [];
      }),
    );
    expect(twins).toEqual([]);
  });
});

describe('the table of grapes', () => {
  it('knows what is grown and asked for', () => {
    const asked =
      'Negroamaro, Rondinella, Moscatel, Zibibbo, Aligoté, Müller-Thurgau, Dornfelder, Petite Sirah, Durif, Bonarda, Airén, Bobal, Picpoul, País, Welschriesling, Graševina, Muscadelle, Marzemino, Norton, Muscadine, Seyval, Mtsvane, Aidani, Pecorino, Friulano, Schiava, Teroldego, Baga, Arinto, Treixadura, Moschofilero, Malagousia, Petit Manseng, Gros Manseng, Trousseau, Poulsard, Saint Laurent, Plavac Mali, Fetească Neagră, Bacchus, Koshu, Tinta Barroca, Tinta Cão, Torrontés Riojano, Piquepoul Blanc, Muscat Ottonel, Malmsey';
    expect(asked.split(', ').filter((name) => grapesCalled(name).length === 0)).toEqual([]);
    expect(grapes.length).toBeGreaterThanOrEqual(300);
  });
  it('has each id once, a style for each, and no name of two grapes without saying so', () => {
    expect(new Set(grapes.map((grape) => grape.id)).size).toBe(grapes.length);
    for (const grape of grapes) expect(generalStyle(grape.style), grape.id).toBeDefined();
    for (const [name, country, id] of homonyms) expect(grapeNamed(name, { country })?.id, `${name} in ${country}`).toBe(id);
    for (const id of familiarGrapes)
      expect(
        grapes.some((grape) => grape.id === id),
        id,
      ).toBe(true);
  });
  trade('one name means different vines in different countries', () => {
    expect(grapeNamed('Bonarda', { country: 'AR' })?.name).toBe('Douce Noire');
    expect(grapeNamed('Bonarda', { country: 'IT' })?.name).toBe('Croatina');
    expect(grapesCalled('Bonarda')).toHaveLength(2);
    expect(grapeNamed('Johannisberg', { country: 'CH' })?.name).toBe('Silvaner');
    expect(grapeNamed('Auxerrois', { colour: 'red' })?.name).toBe('Malbec');
    expect(grapeNamed('Auxerrois', { colour: 'white' })?.id).toBe('auxerrois');
  });
});
