'use client';
import styled from 'styled-components';
import { dimensionNames } from '@rose/core/deduce/archetype';
import { deduceWording, valueWord, type Deduced } from '@rose/core/deduce/deduce';
import type { NoteDocument } from '@rose/core/wine/note';
import { sentence } from '@rose/core/wine/reason';
import { deduceNote, settles } from '@rose/knowledge/archetypes/index';
import Link from 'next/link';
import { claimsOf } from '@rose/knowledge/popular-errors/index';
import { Disclosure } from '@/ui/disclosure';

const Body = styled.div`
  .disclosure {
    border-bottom: 1px solid var(--line);
  }
  .disclosure-line {
    min-height: 44px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 0.875rem;
    margin: 0 0 10px;
  }
  th {
    font-weight: 400;
    text-align: left;
    padding: 2px 0;
  }
  td {
    text-align: right;
    white-space: nowrap;
    padding: 2px 0 2px 8px;
  }
  svg {
    display: block;
    width: 5.75rem;
    height: 12px;
  }
`;
const percent = (chance: number) => `${Math.round(chance * 100)} %`;
const why = {
  open: 'nothing is likelier than not, or clearly ahead',
  spans: 'the two ends of your spans speak for different answers',
  start: 'it leads only because most kinds are so to begin with; what you recorded speaks against it',
  nothing: 'nothing but the colour was looked at',
} as const;

/** The answers of the deduction, each with what pushed towards it and away, in bits. */
export function Told({ doc }: { doc: NoteDocument }) {
  const found = deduceNote(doc);
  const next = settles(doc);
  const claims = claimsOf(doc);
  return (
    <Body>
      {found.dimensions.map((entry) => (
        <Row key={entry.dimension} entry={entry} />
      ))}
      <p className="soft" style={{ marginTop: 10 }}>
        Nearest kinds:{' '}
        {found.kinds
          .slice(0, 3)
          .map(({ archetype, chance }) => `${archetype.name} ${percent(chance)}`)
          .join(', ')}
        ; none of the kinds known here {percent(found.other)}.
      </p>
      <p className="soft">
        Bubbles: {found.sparkling.leader === null ? 'cannot tell' : found.sparkling.leader ? 'sparkling' : 'none'} ({percent(found.sparkling.chance)}{' '}
        sparkling).
      </p>
      {next !== undefined && (
        <p className="soft">
          What would settle most: <strong>{next.cue.label}</strong>, about {next.bits.toFixed(1)} bits.
        </p>
      )}
      {claims.map((claim) => (
        <p className="soft" key={claim.id}>
          <em>“{claim.said}”</em> {claim.but}
        </p>
      ))}
      <p className="soft">
        <Link href="/notebook/claims">More that is said of wine, and is not so</Link>
      </p>
      <p className="soft">
        From {found.kinds.filter((entry) => entry.chance > 0).length} kinds of wine of this colour, common practice, equally likely at the start, and one in two
        that it is none of them. One bit doubles the odds; an observation moves at most 4.
      </p>
    </Body>
  );
}

function Row({ entry }: { entry: Deduced }) {
  const { dimension, values, leader, reasons } = entry;
  const widest = Math.max(1, ...reasons.slice(1).map((reason) => Math.abs(reason.push)));
  return (
    <Disclosure
      wide
      says={
        <>
          <span>
            {dimensionNames[dimension]}: <strong>{leader === null ? 'cannot tell' : valueWord(dimension, leader)}</strong>
          </span>
          <span className="soft">
            {values
              .slice(0, leader === null ? 2 : 1)
              .map(({ value, chance }) => `${leader === null ? `${valueWord(dimension, value)} ` : ''}${percent(chance)}`)
              .join(', ')}
          </span>
        </>
      }
    >
      {entry.why !== '' && <p className="soft">It cannot be told: {why[entry.why]}.</p>}
      <table>
        <caption className="soft" style={{ textAlign: 'left' }}>
          What pushed towards or away from “{valueWord(dimension, values[0]!.value)}”, in bits
        </caption>
        <tbody>
          {reasons.map((reason, i) => (
            <tr key={i}>
              <th scope="row">{sentence(deduceWording, reason)}</th>
              <td>
                {i > 0 && (
                  <svg viewBox="-46 0 92 12" aria-hidden>
                    <line x1="0" x2="0" y1="0" y2="12" stroke="var(--soft)" />
                    <rect
                      x={reason.push < 0 ? (reason.push / widest) * 44 : 0}
                      y="2"
                      width={(Math.abs(reason.push) / widest) * 44}
                      height="8"
                      fill={reason.push < 0 ? 'var(--faint)' : 'var(--madder)'}
                    />
                  </svg>
                )}
              </td>
              <td>
                {reason.push >= 0 ? '+' : '−'}
                {Math.abs(reason.push).toFixed(1)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Disclosure>
  );
}
