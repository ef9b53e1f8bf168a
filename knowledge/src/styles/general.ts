import { generalStyles, type GeneralStyle } from './data';

export { generalStyles, type GeneralStyle };
const byId = new Map(generalStyles.map((style) => [style.id, style]));
/** The style of an id; every id that is shipped has one. */
export const generalStyle = (id: string): GeneralStyle => byId.get(id)!;
/** Whether a style is made with added spirit. */
export const isFortified = ({ name }: Pick<GeneralStyle, 'name'>): boolean => name.includes('fortified');
