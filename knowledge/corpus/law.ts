import type { Requirement, Verdict } from '@rose/core/classify/classify';
import { check } from '@rose/core/classify/classify';
import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { fold } from '@rose/core/wine/search-folding';
import { appellations } from '../src/appellations/data';
import { sameGrapeOf } from '../src/grapes/index';
import { appellationClaim, appellationClaims, euCategory, labelClaims, sweetnessTerm } from '../src/jurisdictions/index';
import type { WineCase } from './cases';
import type { Expectation } from './score';

type Asked = WineCase['expect']['law'][number];
interface Answer {
  readonly said: string;
  readonly right: boolean;
}
const verdictFor: Readonly<Record<string, Verdict>> = { meets: 'meets', fails: 'fails', 'cannot tell': 'unknown' };
const plainName = (name: string) => fold(name).replace(/ (doc|docg|doca|do|aoc|pdo|dop|igt)$/, '');

/** Which requirement of a rule a claim in words asks for; undefined for the whole rule. */
function asks(claim: string): ((requirement: Requirement) => boolean) | undefined {
  if (/% vol|alcohol/.test(claim)) return (requirement) => requirement.kind !== 'grapes' && 'fact' in requirement && requirement.fact === 'abv';
  if (/lees/.test(claim)) return (requirement) => 'fact' in requirement && requirement.fact === 'leesMonths';
  if (/wood|oak|barrel/.test(claim)) return (requirement) => 'fact' in requirement && requirement.fact === 'woodMonths';
  if (/sugar/.test(claim)) return (requirement) => 'fact' in requirement && requirement.fact === 'sugar';
  if (/\d %( |$)|grape| only$/.test(claim)) return (requirement) => requirement.kind === 'grapes';
  return undefined;
}
/** Terms that stand for one another in the text of the rule. */
const sameTerm: Readonly<Record<string, string>> = { medium: 'medium sweet', 'demi-sec': 'medium dry' };
const worst = (verdicts: readonly Verdict[]): Verdict => (verdicts.includes('fails') ? 'fails' : verdicts.includes('unknown') ? 'unknown' : 'meets');

/** The product's answer to a claim; undefined where no rule of ours speaks of it. */
function answer(facts: WineFacts, asked: Asked): Answer | undefined {
  const want = verdictFor[asked.answer];
  const told = (verdict: Verdict, title: string): Answer => ({ said: `${title}: ${verdict}`, right: verdict === want });
  if (asked.rule === 'sweetness') {
    const term = sweetnessTerm(facts);
    if (want === undefined || asked.name === '') {
      const word = term.word ?? term.title.toLowerCase();
      return { said: `${term.title}: ${term.verdict}`, right: term.verdict === 'meets' && (word === asked.answer || word === sameTerm[asked.answer]) };
    }
    const allowed = [term.title, term.word ?? '', ...term.reasons.map((reason) => String(reason.args['value'] ?? ''))].join(' ').toLowerCase();
    if (term.verdict === 'unknown') return told('unknown', term.title);
    return told(
      [asked.name.toLowerCase(), sameTerm[asked.name.toLowerCase()]].some((word) => word !== undefined && allowed.includes(word)) ? 'meets' : 'fails',
      allowed,
    );
  }
  if (asked.rule === 'variety' || asked.rule === 'vintage' || asked.rule === 'origin') {
    const ours = labelClaims(facts).find(
      (claim) => claim.id.startsWith(`${asked.market.toLowerCase()}-${asked.rule}`) && fold(claim.title).includes(fold(asked.name)),
    );
    return ours === undefined ? undefined : told(ours.verdict, ours.title);
  }
  if (asked.rule === 'category' && asked.market === 'EU') {
    const ours = euCategory(facts);
    const same = fold(ours.title) === fold(asked.name);
    return told(same ? ours.verdict : 'fails', ours.title);
  }
  if (asked.rule === 'appellation' || asked.rule === 'tier') {
    const shown = appellationClaims(facts);
    const ours = appellations.filter((entry) => shown.some((claim) => claim.id === entry.id));
    const name = plainName(asked.name);
    const bare = (text: string) => plainName(text).replace(/ (red|white|no vintage)$/, '');
    const rule = ours.find((entry) => bare(entry.name) === name || (entry.of !== undefined && plainName(entry.of) === name));
    if (rule === undefined) {
      const other = appellations.find(
        (entry) => entry.country === asked.market && !entry.term && entry.family.split('|').some((family) => plainName(family) === name),
      );
      const stated = factOf(facts, 'appellation');
      if (other !== undefined && stated !== undefined && ours.every((entry) => entry.family !== other.family))
        return told('fails', `the label states ${stated}, not ${asked.name}`);
      if (/without an ageing term|no ageing term/i.test(asked.name) && ours.length > 0)
        return told('meets', `${ours[0]!.family} without a term asks nothing of ageing`);
      return undefined;
    }
    const part = asks(asked.claim);
    const spoken = part === undefined ? [] : rule.requirements.filter(part);
    // A share of another grape than the rule speaks of is not asked by it.
    const ofGrape = (entry: Requirement) => entry.kind === 'grapes' && entry.label.split(/ and |, /).some((label) => fold(asked.claim).includes(fold(label)));
    const one = /\d+ % [A-Z]/.test(asked.claim) && spoken.some((entry) => entry.kind === 'grapes');
    const parts = one || spoken.some(ofGrape) ? spoken.filter(ofGrape) : spoken;
    if (one && parts.length === 0) return undefined;
    const verdict = parts.length === 0 ? appellationClaim(rule, facts).verdict : worst(parts.map((entry) => check(entry, facts, sameGrapeOf(facts)).verdict));
    return told(verdict, rule.name);
  }
  return undefined;
}

export function judgeLaw({
  id,
  facts,
  expect,
  certainty,
  because,
}: Pick<WineCase, 'id' | 'expect' | 'certainty'> & { facts: WineFacts; because: readonly string[] }): readonly Expectation[] {
  return expect.law.flatMap((asked, i): Expectation[] => {
    const found = answer(facts, asked);
    const shared = {
      key: `${id} law ${i + 1}`,
      certainty,
      wanted: `${asked.claim} (${asked.market}): ${asked.answer}`,
      said: found?.said ?? 'no rule of ours',
      because,
    };
    // Wrong by silence: we have rules for the name, and this one was not among them.
    const known =
      asked.name !== '' &&
      appellations.some(
        (entry) =>
          entry.country === asked.market &&
          [...entry.family.split('|'), entry.of ?? ''].some((name) => name !== '' && plainName(asked.name) === plainName(name)),
      );
    return [
      { group: 'law answered', right: Number(found !== undefined), ...shared },
      ...(found === undefined ? [] : [{ group: 'law right of answered' as const, right: Number(found.right), ...shared }]),
      ...(known ? [{ group: 'law not wrong by silence' as const, right: Number(found !== undefined), ...shared }] : []),
    ];
  });
}
