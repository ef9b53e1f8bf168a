'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { buttonLook, type ButtonLook } from './button-look';

const Anchor = styled(Link)`
  ${buttonLook}
`;
const Download = styled.a`
  ${buttonLook}
`;
/** A way to another page, or to a file, that looks like a button. In a file of its own: a page without one fetches none of the router's link. */
export function ButtonLink({
  children,
  tone = 'plain',
  size = 'normal',
  label,
  href,
  download,
}: ButtonLook & { children: ReactNode; href: string; download?: boolean }) {
  if (download === true)
    return (
      <Download data-tone={tone} data-size={size} aria-label={label} href={href} download>
        {children}
      </Download>
    );
  return (
    <Anchor data-tone={tone} data-size={size} aria-label={label} href={href}>
      {children}
    </Anchor>
  );
}
