'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import styled from 'styled-components';

const Row = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 0 16px;
    border-radius: 10px;
    color: var(--soft);
    text-decoration: none;
    font-weight: 500;
  }
  a:hover {
    color: var(--ink);
  }
  a[aria-current='page'] {
    background: var(--strong);
    color: var(--on-strong);
    font-weight: 650;
  }
  @media (max-width: 30em) {
    a {
      padding: 0 11px;
    }
  }
  @media print {
    display: none;
  }
`;
/** Pages that belong together, by their addresses. */
export function TabLinks({ label, pages }: { label: string; pages: Readonly<Record<string, string>> }) {
  const path = usePathname();
  return (
    <Row aria-label={label}>
      {Object.entries(pages).map(([href, name]) => (
        <Link key={href} href={href} prefetch={false} aria-current={path === href ? 'page' : undefined}>
          {name}
        </Link>
      ))}
    </Row>
  );
}
