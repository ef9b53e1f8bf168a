/** What a seat may need later, fetched while there is a network: the parts of a note, the lock, the end. A part that cannot be had now is asked for when it is needed. */
export const rest = (): Promise<unknown> =>
  Promise.allSettled([
    import('../guided'),
    import('../look/eye-row'),
    import('../loaded-after-the-look'),
    import('../judge/ideas'),
    import('./arrival'),
    import('./asked'),
    import('./doubt'),
    import('./leaving'),
    import('./locked'),
    import('./something-is-wrong'),
    import('./told'),
    import('./uncovered'),
  ]);
