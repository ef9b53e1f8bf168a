'use client';
import styled from 'styled-components';
import type { AnswerOf } from '@/contract/answers';
import { Disclosure } from '@/ui/disclosure';

const Said = styled.dl`
  margin: 0;
  div {
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
  }
  dt {
    color: var(--soft);
    font-size: 0.875rem;
  }
  dd {
    margin: 2px 0 0;
  }
  ul {
    margin: 0;
    padding-left: 18px;
  }
`;
type Invited = NonNullable<AnswerOf<'guest', 'find'>['invitation']>;

/** What to have ready before the evening: at the table, or at home with a bottle of one's own. */
export function Invitation({ invited }: { invited: Invited }) {
  return (
    <>
      <p style={{ margin: '10px 0 0' }}>
        {invited.when}, until about {invited.ends}.
      </p>
      <Disclosure says="What to have ready if you taste at home">
        <Said>
          <div>
            <dt>Glasses</dt>
            <dd>
              {invited.glasses}, {invited.pours}
            </dd>
          </div>
          <div>
            <dt>Have ready</dt>
            <dd>
              <ul>
                {invited.ready.map((thing) => (
                  <li key={thing}>{thing}</li>
                ))}
              </ul>
            </dd>
          </div>
          {invited.temperatures !== '' && (
            <div>
              <dt>Serve</dt>
              <dd>{invited.temperatures}</dd>
            </div>
          )}
          {invited.wines.map((wine) => (
            <div key={wine.label}>
              <dt>Wine {wine.label}</dt>
              <dd>
                <strong>{wine.name}</strong>
                {wine.about === '' ? '' : `, ${wine.about}`}. {wine.fridge}
                {wine.instead === '' ? '' : ` Or any ${wine.instead}.`}
              </dd>
            </div>
          ))}
        </Said>
        <p className="soft" style={{ marginTop: 10 }}>
          {invited.caution}
        </p>
      </Disclosure>
    </>
  );
}
