import type { Args, Rule } from '../../wine/rule';
import type { FitRuleId } from '../weights';
import { acidRules } from './acid';
import { awkwardRules } from './awkward';
import { bubbleRules } from './bubbles';
import { echoRules } from './echo';
import { heatRules } from './heat';
import { oakRules } from './oak';
import type { Pair } from './pair';
import { rindRules } from './rinds';
import { sugarRules } from './sugar';
import { tanninRules } from './tannin';
import { weightRules } from './weight';

type FitRule = Rule<FitRuleId, Pair, Args>;
/** Every rule of a fit, family by family, with what a family is about. */
export const ruleFamilies = {
  weight: { name: 'weight', rules: weightRules },
  acid: { name: 'acid, vinegar and brine', rules: acidRules },
  sugar: { name: 'sweetness', rules: sugarRules },
  tannin: { name: 'grip', rules: tanninRules },
  heat: { name: 'heat and spice', rules: heatRules },
  bubbles: { name: 'bubbles', rules: bubbleRules },
  oak: { name: 'wood', rules: oakRules },
  rinds: { name: 'rinds and blue mould', rules: rindRules },
  awkward: { name: 'foods that turn wine', rules: awkwardRules },
  echo: { name: 'shared smells', rules: echoRules },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly rules: readonly FitRule[] }>>;
export type FitFamily = keyof typeof ruleFamilies;
export const fitRules: readonly FitRule[] = Object.values(ruleFamilies).flatMap(({ rules }): readonly FitRule[] => rules);

const families = new Map<string, FitFamily>(
  Object.entries(ruleFamilies).flatMap(([family, { rules }]) => rules.map(({ id }): [string, FitFamily] => [id, family as FitFamily])),
);
/** The family of a rule; undefined for a reason that is no rule. */
export const familyOf = (rule: string): FitFamily | undefined => families.get(rule);
