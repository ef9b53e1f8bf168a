import type { ObservableId } from '@rose/core/wine/observables';

/** The private card of a question: for the taster alone, nothing of the wine. */
export interface GuideCard {
  readonly ask: string;
  readonly do: string;
  readonly feel: string;
  readonly why: string;
  readonly mistaken: string;
}
const card = (ask: string, act: string, feel: string, why: string, mistaken: string): GuideCard => ({ ask, do: act, feel, why, mistaken });

export const cards: Readonly<Partial<Record<ObservableId, GuideCard>>> = {
  clarity: card(
    'Is it clear?',
    'Tilt the glass over something white and look through the edge.',
    'Print seen through it is sharp, or it is not.',
    'A haze may be style or trouble; the nose decides.',
    'A cold glass that has misted outside. Wipe it.',
  ),
  particles: card(
    'Is anything in it?',
    'Hold it to the light and turn it.',
    'Crystals shine, a deposit lies, flakes float.',
    'Crystals and a deposit are harmless.',
    'Cork crumbs: they say nothing of cork taint.',
  ),
  colour: card(
    'What colour is it?',
    'White page behind, daylight if you can.',
    'White, rosé, amber or red.',
    'It settles which kinds of wine are possible.',
    'Deep rosé for light red: ask what the maker wanted.',
  ),
  hue: card(
    'Which shade, at the core?',
    'Look straight down into the middle.',
    'Whites run from green to brown, reds from purple to brown.',
    'The shade moves one way with the years.',
    'Candle light turns everything older.',
  ),
  depth: card(
    'How deep is it?',
    'Look straight down: can you read through it?',
    'Watery to opaque.',
    'It tells of grape, skins and age; never of flavour.',
    'A full glass looks deeper than a small pour.',
  ),
  rimHue: card(
    'And at the rim?',
    'Tilt, and look where the wine thins out.',
    'A rim browner than the core tells of years.',
    'The rim is where age shows first.',
    'A pale rim is thin wine, not old wine.',
  ),
  rim: card(
    'How wide is the pale edge?',
    'Tilted over white, look at the last centimetre.',
    'None to very wide.',
    'A wide watery edge goes with light wines.',
    'It widens with the tilt: always the same tilt.',
  ),
  bead: card(
    'Any bubbles?',
    'Wait a minute after the pour, then look.',
    'Steady strings, or a few on the glass.',
    'Bubbles of the pour are gone by then.',
    'A dusty glass makes bubbles of its own.',
  ),
  tears: card(
    'What runs down the glass?',
    'Swirl, hold still, wait for drops.',
    'Thin and quick, or thick and slow.',
    'Alcohol leaves the film faster than water; sugar slows the drops.',
    'Quality. It shows none.',
  ),
  noseStill: card(
    'How loud, before you swirl?',
    'Leave the glass still. One short sniff.',
    'Shy to soaring.',
    'What leaves a still glass is what it gives freely.',
    'A full glass smells less: there is no room above the wine.',
  ),
  noseSwirled: card(
    'And after the swirl?',
    'Swirl three times, then short sniffs.',
    'Usually louder, seldom quieter.',
    'Swirling wets the glass and frees what is heavier.',
    'Alcohol that stings is not intensity.',
  ),
  health: card(
    'Is it healthy?',
    'Before pleasure: damp cellar, vinegar, bad egg, bruised apple?',
    'Clean, or a doubt.',
    'A fault hides everything else; find it first.',
    'The glass or the cloth. Smell the empty glass.',
  ),
  noseFineness: card(
    'How fine is the nose?',
    'Not how loud: how well it hangs together.',
    'Rough to superb.',
    'Loud and fine are two things.',
    'A favourite smell. Fineness is the whole.',
  ),
  sweetness: card(
    'Is there sugar?',
    'First sip, tip of the tongue, the first second.',
    'Bone dry to luscious.',
    'Sugar is felt at once and fades into acid.',
    'Ripe fruit and vanilla smell sweet. Hold your nose: what stays is sugar.',
  ),
  acidity: card(
    'How does it water?',
    'Spit or swallow, tip your head forward, mouth open.',
    'How fast the mouth fills.',
    'Saliva comes to thin the acid.',
    'Bitterness and bubbles. Sour waters, bitter does not.',
  ),
  tannin: card(
    'Do your cheeks dry?',
    'Rub tongue on gums and cheeks.',
    'Slick to gripping.',
    'Tannin binds the slip of saliva.',
    'Acid. Acid waters, tannin dries.',
  ),
  tanninGrain: card(
    'What is the grain?',
    'As with cloth: between tongue and palate.',
    'Silk, dust, chalk, coarse.',
    'Grapes and years differ in it as in amount.',
    'Much tannin with coarse tannin. It can be much and fine.',
  ),
  tanninRipeness: card(
    'Is it ripe?',
    'Does it taste of stalk, of nothing, or of old tea?',
    'Green, ripe, drying out.',
    'Unripe tannin tastes green; old tannin outlives its fruit.',
    'Oak that dries. Look for vanilla with it.',
  ),
  alcohol: card(
    'Is it warm going down?',
    'Swallow a little, breathe out.',
    'A glow in throat and nose.',
    'Alcohol warms; it also sweetens and weighs.',
    'Acid that burns, or a cold that stings.',
  ),
  body: card(
    'How heavy is it?',
    'Hold it still on the tongue: which milk?',
    'Water to cream.',
    'Alcohol, sugar and extract weigh.',
    'Flavour. A loud wine can be light.',
  ),
  bubbles: card('Does it prickle?', 'Press it against the palate.', 'Still to fierce.', 'Gas stings, cools and sharpens acid.', 'Acid. Acid does not move.'),
  intensity: card(
    'How loud is the flavour?',
    'Work it round, let air over it.',
    'Shy to soaring.',
    'Compare with the nose: more, or less?',
    'Alcohol and tannin. They are loud without flavour.',
  ),
  bitterness: card(
    'Is it bitter?',
    'Wait until after the swallow, at the back.',
    'None to harsh.',
    'It comes late and stays.',
    'Tannin. Bitter is a taste, tannin a touch.',
  ),
  palateHealth: card(
    'Clean in the mouth?',
    'Wait half a minute: mouse comes late.',
    'Clean, or a doubt.',
    'Some faults only show inside.',
    'The last bite you ate.',
  ),
  palateFineness: card(
    'How fine is it in the mouth?',
    'How it moves from start to end.',
    'Rough to superb.',
    'A fine wine has no gap and no corner.',
    'Strength.',
  ),
  finish: card(
    'How long does it stay?',
    'Swallow or spit, press, and press again when the pleasure has gone.',
    'Seconds of flavour.',
    'The length of pleasure is the plainest measure of a wine.',
    'Acid, heat or bitterness that stays when flavour has gone. That is the second press.',
  ),
  balance: card(
    'Does anything stick out?',
    'Think of the parts: sweet, sour, bitter, hot.',
    'Clashing to seamless.',
    'Balance is where no part is noticed.',
    'Liking. A balanced wine may not be yours.',
  ),
  complexity: card(
    'Does it keep changing?',
    'Go back twice. Is it the same?',
    'One note to many-sided.',
    'A simple wine says all at once.',
    'A long list of words for one smell.',
  ),
};
