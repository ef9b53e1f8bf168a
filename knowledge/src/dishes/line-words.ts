/** Words of a menu that say nothing of the taste: they are read and left. Common practice. */
export const plainWords: readonly string[] = (
  'a an the of on in with and or over under from for to at by its our my your own some some more plus w n side aside bed style all any into top out half dozen bucket bowl plate ' +
  'fresh freshly baby new young seasonal local organic free range corn fed line caught hand dived house homemade home made classic traditional rustic crispy crisp crunchy tender ' +
  'warm hot served big small large whole thin thinly thick sliced slice shaved chopped diced cut boneless crushed smashed day dish plus lightly gently slowly slow long hour hr min ' +
  'please pls thanks i had have would like just want order g gram grams kg v vg ve gf df piece portion hand crust sauce purée puree texture foam crumb crumbs steak fillet loin leg ' +
  'wedge leaf leaves seed juice zest slab head heart stick skewer mixed wild dressed stuffed filled topped finished tossed wrapped rolled reduction dressing garnish garnished selection yolk ' +
  'con y e al alla alle all de del della di da do a à au aux la le les las los et und mit vom von com em em il lo i mit auf an den der die das d l s'
).split(' ');
/** How much, before or after what it is said of: a share of the usual amount. Own choice. */
export const amountWords: Readonly<Record<string, number>> = {
  little: 0.5,
  bit: 0.5,
  light: 0.5,
  touch: 0.5,
  hint: 0.4,
  pinch: 0.4,
  dash: 0.4,
  few: 0.6,
  drizzle: 0.7,
  much: 2,
  extra: 1.7,
  lots: 2,
  lot: 2,
  plenty: 2,
  very: 2,
  heavy: 1.7,
  heavily: 1.7,
  loads: 2,
  double: 2,
};
/** Words that take away what follows, up to the next comma. */
export const takingAway: readonly string[] = ['no', 'without', 'not', 'nothing', 'hold', 'minus', 'sans', 'ohne', 'sin', 'senza'];
/** What a word for a taste means on a plate. */
export const tasteWords: Readonly<Record<string, string>> = {
  garlicky: 'garlic',
  spicy: 'chilli-flakes',
  fiery: 'chilli-flakes',
  creamy: 'cream',
  buttery: 'butter',
  lemony: 'lemon-juice',
  peppery: 'black-pepper',
  cheesy: 'grated-cheese',
  herby: 'parsley',
  minty: 'mint',
  numbing: 'sichuan-pepper',
  honeyed: 'honey-spoon',
  truffled: 'truffle',
  salty: 'sea-salt',
  vinegary: 'vinegar-spoon',
  gingery: 'ginger',
  mustardy: 'mustard-spoon',
  winey: 'wine-cooked',
  soup: 'broth',
};
