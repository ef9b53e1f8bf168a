'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useBreadcrumbs } from 'react-aria/useBreadcrumbs';
import styled from 'styled-components';
import { leftAt } from './place-in-list';

const Way = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: 0.875rem;
  color: var(--soft);
  li:not(:last-child)::after {
    content: '›';
    margin-left: 6px;
  }
  a {
    color: var(--soft);
    text-underline-offset: 3px;
  }
  @media (pointer: coarse) {
    a {
      display: inline-flex;
      align-items: center;
      min-height: 36px;
    }
  }
`;
export interface Step {
  readonly href: string;
  readonly name: string;
}
/** Where a page lies: each step leads back, to a list as one left it. */
export function WayBack({ steps }: { steps: readonly Step[] }) {
  const { navProps } = useBreadcrumbs({ 'aria-label': 'Way back' });
  return (
    <nav {...navProps}>
      <Way>
        {steps.map((step) => (
          <li key={step.href}>
            <OneStep {...step} />
          </li>
        ))}
      </Way>
    </nav>
  );
}
function OneStep({ href, name }: Step) {
  const router = useRouter();
  return (
    <Link
      href={href}
      prefetch={false}
      onClick={(event) => {
        if (event.metaKey || event.ctrlKey || event.shiftKey) return;
        event.preventDefault();
        router.push(leftAt(href));
      }}
    >
      {name}
    </Link>
  );
}
