'use client';
import type { ClaimView } from '@/contract/answers';
import { capital, counted } from '@rose/core/wine/plural';
import { Disclosure } from '@/ui/disclosure';
import { Entries } from './findings-list';

const verdictWord = { meets: 'meets', fails: 'fails', unknown: 'cannot tell' } as const;

/** What the texts say of the wine, claim by claim, with the paragraph. */
export function InLaw({ claims }: { claims: readonly ClaimView[] }) {
  const aside = claims.filter((claim) => claim.aside);
  return (
    <section aria-label="In law">
      <h2>In law</h2>
      <p className="soft">as the texts stood in 2024; the current text decides</p>
      <Claims of={claims.filter((claim) => !claim.aside)} />
      {aside.length > 0 && (
        <Disclosure says={<span className="soft">{counted(aside.length, 'term')} nobody claims of it, and laws of other markets</span>}>
          <Claims of={aside} />
        </Disclosure>
      )}
    </section>
  );
}
const Claims = ({ of }: { of: readonly ClaimView[] }) => (
  <Entries>
    {of.map((claim) => (
      <li key={claim.id}>
        <div className="line">
          <span>{claim.title}</span>
          <span className={`verdict ${claim.verdict}`}>{verdictWord[claim.verdict]}</span>
        </div>
        {claim.because.length > 0 && `${capital(claim.because.join('; '))}. `}
        <span className="source">{claim.source}</span>
      </li>
    ))}
  </Entries>
);
