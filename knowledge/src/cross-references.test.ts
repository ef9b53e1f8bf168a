import { describe, expect, it } from 'vitest';
import { facts } from '@rose/core/wine/facts';
import { keysOf } from '@rose/core/wine/keys';
import { appellations } from './appellations/data';
import { archetypes } from './archetypes/index';
import { closures } from './closures/index';
import { grapes } from './grapes/index';
import { descriptors, families as familyTable } from './smells/index';
import { generalStyles } from './styles/index';

const families = keysOf(familyTable).map((id) => ({ id }));

/** What is named in one table by an id stands in the other: a misspelt one is never met, and says so nowhere. */
const unknown = (named: readonly string[], known: readonly { readonly id: string }[]) => {
  const ids = new Set(known.map(({ id }) => id));
  return [...new Set(named)].filter((id) => !ids.has(id));
};

describe('what one table names stands in the other', () => {
  it('grapes: those of appellations, and those of the kinds a glass may be', () => {
    expect(
      unknown(
        appellations.flatMap((rule) => rule.requirements.flatMap((asks) => (asks.kind === 'grapes' ? asks.of : []))),
        grapes,
      ),
    ).toEqual([]);
  });
  it('values of facts: those appellations ask for are options of the fact', () => {
    const asked = appellations.flatMap((rule) =>
      rule.requirements.flatMap((asks) => (asks.kind === 'is' ? asks.oneOf.map((value) => [asks.fact, value] as const) : [])),
    );
    expect(asked.length).toBeGreaterThan(20);
    expect(asked.filter(([fact, value]) => !Object.keys(facts[fact].options).includes(value))).toEqual([]);
  });
  it('closures: each a fact can have is described, and no other', () => {
    expect(closures.map(({ id }) => id).sort()).toEqual([...keysOf(facts.closure.options)].sort());
  });
  it('styles: those of grapes', () =>
    expect(
      unknown(
        grapes.map(({ style }) => style),
        generalStyles,
      ),
    ).toEqual([]));
  it('families of smells: those of smells and of kinds', () => {
    expect(
      unknown(
        descriptors.map(({ family }) => family),
        families,
      ),
    ).toEqual([]);
    expect(
      unknown(
        archetypes.flatMap((kind) => Object.keys(kind.smells)),
        families,
      ),
    ).toEqual([]);
  });
  it('no id stands twice in its own table', () => {
    for (const [name, table] of Object.entries({ appellations, archetypes, closures, grapes, descriptors, families, generalStyles })) {
      const ids = table.map(({ id }) => id);
      expect(
        ids.filter((id, i) => ids.indexOf(id) !== i),
        name,
      ).toEqual([]);
    }
  });
});
