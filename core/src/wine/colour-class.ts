/** The colour a wine is sold as, by what its maker did with the skins. */
export const colourClasses = ['white', 'rose', 'amber', 'red'] as const;
export type ColourClass = (typeof colourClasses)[number];
export const colourWord: Readonly<Record<ColourClass, string>> = { white: 'white', rose: 'rosé', amber: 'amber', red: 'red' };
