import type { FactId, FactValue, Origin, WineFacts } from '@rose/core/wine/facts';

/** A fact that a word of a label lets one state, and how firmly: by law, or as such wines usually are. */
export type Implied = { [Id in FactId]: { readonly id: Id; readonly value: FactValue<Id>; readonly origin: Extract<Origin, 'law' | 'assumed'> } }[FactId];
/** A word on a label that says how the wine was made, ripened or graded. */
export interface LabelTerm {
  /** As it stands on labels, other languages and spellings after it. */
  readonly words: readonly string[];
  /** ISO 3166 codes of the countries it means this in; absent: anywhere. */
  readonly countries?: readonly string[];
  /** Colours of which its figures hold; absent: of any. */
  readonly colours?: readonly NonNullable<WineFacts['colour']>['value'][];
  /** What it means, a sentence. */
  readonly means: string;
  readonly implies: readonly Implied[];
  readonly source: string;
}
const usual = 'common practice';
const law = <Id extends FactId>(id: Id, value: FactValue<Id>) => ({ id, value, origin: 'law' }) as Implied;
const mostly = <Id extends FactId>(id: Id, value: FactValue<Id>) => ({ id, value, origin: 'assumed' }) as Implied;
const term = (words: string, means: string, implies: readonly Implied[] = [], countries?: string, source = usual): LabelTerm => ({
  words: words.split('|'),
  means,
  implies,
  source,
  ...(countries === undefined ? {} : { countries: countries.split(' ') }),
});
/** Ages that a law asks of reds; whites and rosés of the name have others. */
const ofReds = (entry: LabelTerm): LabelTerm => ({ ...entry, colours: ['red'] });
const spain = 'RD 1363/2011, from memory: check the current text';
const german = 'WeinG and WeinV, from memory: check the current text';
const spirit = [law('fortified', true)];

/** Words of labels; the figures that a law asks are its least, from memory where it says so. */
export const labelTerms: readonly LabelTerm[] = [
  term('joven', 'young, with little wood or none', [mostly('oak', 'none')], 'ES'),
  term('roble|tinto roble', 'some months in oak, fewer than a crianza has', [mostly('oak', 'used'), mostly('woodMonths', 4)], 'ES'),
  ofReds(term('crianza', 'two years in all for a red, six months of them in oak at least', [law('oak', 'used'), law('woodMonths', 6), law('totalMonths', 24)], 'ES', spain)),
  ofReds(term('gran reserva', 'five years in all for a red, eighteen months of them in oak at least', [law('oak', 'used'), law('woodMonths', 18), law('totalMonths', 60)], 'ES', spain)),
  ofReds(term('reserva', 'three years in all for a red, a year of them in oak at least', [law('oak', 'used'), law('woodMonths', 12), law('totalMonths', 36)], 'ES', spain)),
  term('reserva|gran reserva|reserve|réserve', 'a word of the maker’s: it promises no age by law here', [], 'CL AR US AU NZ ZA FR'),
  term('riserva', 'kept longer before sale than the plain wine, as its specification says', [], 'IT'),
  term('superiore', 'of a little more strength or ripeness than the plain wine, as its specification says', [], 'IT'),
  term('classico', 'from the old heart of the area', [], 'IT'),
  term('ripasso', 'young wine worked again on the skins that dried grapes left', [], 'IT'),
  term('amarone|passito|recioto|vin santo|vinsanto|vin de paille|strohwein|schilfwein', 'of grapes dried before they were pressed', [law('driedGrapes', true)]),
  term('kabinett', 'of ripe grapes, nothing added: often light and not quite dry', [], 'DE', german),
  term('spätlese', 'of grapes picked late; dry or sweet', [], 'DE AT', german),
  term('auslese', 'of chosen ripe bunches; mostly sweet', [], 'DE AT', german),
  term('beerenauslese|trockenbeerenauslese', 'of berries shrivelled on the vine: very sweet', [], 'DE AT', german),
  term('eiswein|icewine|ice wine', 'of grapes pressed frozen: very sweet and sharp'),
  term('trocken', 'dry by law: up to 4 g/L of sugar, or up to 9 where acidity is near it', [], 'DE AT', german),
  term('feinherb', 'not quite dry; no law fixes it', [], 'DE'),
  term('halbtrocken', 'a little sweet: up to 12 g/L of sugar, or up to 18 where acidity is near it', [], 'DE AT', german),
  term('sur lie', 'left on its lees until bottling', [mostly('leesMonths', 6)]),
  term('nouveau|primeur|novello|vino novello', 'sold weeks after the harvest, to be drunk within months', [law('oak', 'none')]),
  term('solera', 'a blend of many years', [law('vintage', { kind: 'none' })]),
  term('brut nature|zero dosage|pas dosé|dosage zéro|non dosé|bruto natural', 'no sugar added after the second fermentation', [law('dosed', false), law('bubbles', 'sparkling')]),
  term('crémant|méthode traditionnelle|traditional method|metodo classico|método tradicional|cap classique|champagne', 'a second fermentation in its own bottle', [law('method', 'bottle'), law('bubbles', 'sparkling')]),
  term('pét-nat|pet nat|pétillant naturel|méthode ancestrale|col fondo', 'bottled before its first fermentation had ended', [law('method', 'ancestral')]),
  term('frizzante|perlant|pétillant|perlwein|vino de aguja', 'lightly sparkling', [law('bubbles', 'light')]),
  term('spumante|espumante|espumoso|sekt|mousseux', 'sparkling', [law('bubbles', 'sparkling')]),
  term('vin jaune', 'years under a veil of yeast, never topped up', [law('underFlor', true), law('woodMonths', 60)], 'FR'),
  term('fino|manzanilla', 'aged under a veil of yeast, with spirit', [...spirit, law('underFlor', true)], 'ES'),
  term('oloroso', 'aged in air, with spirit, without a veil', [...spirit, law('underFlor', false)], 'ES'),
  term('ruby|tawny|late bottled vintage|lbv|colheita', 'with spirit', spirit, 'PT'),
  term('sercial|verdelho|bual|boal|malmsey|malvazia', 'with spirit and aged warm, where it is a Madeira', [], 'PT'),
  term('unfiltered|non filtré|ungefiltert|non filtrato|sin filtrar', 'not filtered: it may be hazy', [law('filtered', false)]),
  term('organic|bio|biologique|biologico|ecológico|ökologisch', 'of organic growing', [law('organic', true)]),
  term('orange wine|amber wine|ramato|skin contact', 'a white that stood on its skins', [mostly('colour', 'amber')]),
  term('barrique|fût de chêne|fûts de chêne|barrel aged|barrel fermented', 'in small oak casks', [mostly('oak', 'some')]),
  term('unoaked|unwooded|inox|sans bois', 'never in wood', [law('oak', 'none')]),
  term('late harvest|vendange tardive|vendanges tardives|vendemmia tardiva|spätlese trocken', 'of grapes picked late'),
  term('grand cru|premier cru|1er cru', 'a graded place; what the grade asks differs by region', [], 'FR LU'),
  term('old vines|vieilles vignes|viñas viejas|alte reben', 'no law says how old'),
];
