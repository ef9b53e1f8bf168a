/** Words of the field, a line each: what a screen says without explaining it leads here. */
export const glossary = {
  strain:
    'How much one glass spoils the next, added up over the flight: what is masked, what falls flat, a step back in weight or colour. None is 0; a jolt the palate would notice is 6 and more.',
  school: 'A way of ordering wines that people follow: weight first, colour first, young before old. The school decides what counts as a step back.',
  assumed: 'Not stated and not tasted: taken from wines of its kind. A fact or a tasting takes its place.',
  spares: 'Bottles beyond what the pours need, so that one that is corked, leaks or breaks does not leave a guest without.',
  τ: 'The time in which a bottle comes 63 % of the way to the cold around it. A long τ is a slow fridge.',
  'slow ruler': 'A finish of 20 seconds is medium, 45 long, 75 very long. Handbooks measure shorter: over 10 seconds is long there.',
} as const;
