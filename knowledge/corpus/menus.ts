import { neighbourReasons, strainOf } from '@rose/core/order/carry-over';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { fitNumber, shownFit } from '@rose/core/pairing/dish-fit';
import { readLine } from '../src/dishes/read-line';
import { menuStyle, pointsPerStrain, withoutWine } from '../src/menu/index';
import { dishOf, styleWine } from '../src/pairing/index';
import type { MenuCase, WineWords } from './cases';
import { stylesMeant } from './dishes';
import type { Expectation } from './score';

const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;

/** An acceptable allocation is not worse than the unacceptable one by the sum a menu is solved for: courses, less the order of the wines. */
export function judgeMenu(menu: MenuCase, wineWords: Readonly<Record<string, WineWords>>): readonly Expectation[] {
  const plates = menu.courses.map((course) => dishOf(readLine(course).parts));
  const lost: string[] = [];
  const meant = (phrase: string) => {
    const styles = stylesMeant(wineWords[phrase] ?? { skip: true });
    if (styles.length === 0 && phrase !== 'none') lost.push(phrase);
    return styles;
  };
  const worth = ({ pours }: MenuCase['acceptable']): number => {
    const styles = pours.map(({ pour }) => meant(pour));
    const courses = styles.map((own, c) => (own.length === 0 ? withoutWine : mean(own.map((style) => shownFit(fitNumber(plates[c]!, styleWine(style)))))));
    const poured = styles.filter((own, c) => own.length > 0 && pours[c]!.pour !== pours[c - 1]?.pour);
    const steps = poured
      .slice(1)
      .map((own, i) =>
        mean(
          own.flatMap((to) =>
            poured[i]!.map((from) => pointsPerStrain * strainOf(neighbourReasons(menuStyle(from).order, menuStyle(to).order, schoolOf('weight'), 'bread'))),
          ),
        ),
      );
    return courses.reduce((sum, one) => sum + one, 0) - steps.reduce((sum, one) => sum + one, 0);
  };
  const [good, bad] = [worth(menu.acceptable), worth(menu.unacceptable)];
  return [
    {
      group: 'menus',
      key: `${menu.id} allocation`,
      right: good >= bad && plates.every(({ empty }) => !empty) ? 1 : 0,
      certainty: menu.certainty,
      wanted: `${menu.acceptable.pours.map(({ pour }) => pour).join(' | ')} not below ${menu.unacceptable.pours.map(({ pour }) => pour).join(' | ')}`,
      said: `${good.toFixed(0)} and ${bad.toFixed(0)}`,
      ...(lost.length === 0 ? {} : { because: [`not placed: ${lost.join(', ')}`] }),
    },
  ];
}
