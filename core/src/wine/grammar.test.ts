import { describe, expect, it } from 'vitest';
import { airRules } from '../air/air';
import { neighbourRules, precedenceRules, restRules } from '../order/carry-over';
import { themeWording } from '../theme/theme';
import { windowRules } from '../window/window';
import { sentence, type Wording } from './reason';

const saying = (rules: readonly { readonly id: string; readonly says: (args: never) => string }[]) =>
  Object.fromEntries(rules.map((entry) => [entry.id, entry.says])) as never;
/** Every wording of a rule, with one of everything: what is counted is then singular, and what follows an article goes with its sound. */
const all: Readonly<Record<string, Wording<never>>> = {
  air: saying(airRules),
  order: saying([...neighbourRules, ...precedenceRules, ...Object.values(restRules)]),
  theme: themeWording as never,
  window: saying(windowRules),
};
const one = new Proxy({}, { get: (_target, name) => (typeof name === 'string' ? 1 : undefined), has: () => true }) as Readonly<Record<string, number>>;
/** What rules count. */
const counted = /\b1 (?:days|months|years|wines|grapes|known grapes|places|vintages|colours|guests|minutes|bottles|glasses|pours|notes)\b/;

describe('what is counted agrees with its count', () => {
  for (const [of, wording] of Object.entries(all))
    it.each(Object.keys(wording))(`${of}: %s`, (id) => {
      const said = sentence(wording as never, { id, push: 1, unit: 'none', args: one } as never).replaceAll('\u00a0', ' ');
      expect(said).not.toMatch(counted);
      expect(said).not.toMatch(/\ba (?:off|orange|amber|oak|un[a-z])/);
      expect(said).not.toMatch(/undefined|NaN/);
    });
});
