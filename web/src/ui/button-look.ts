import { css } from 'styled-components';

/** How a button looks, and a link that is one. */
export const buttonLook = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 18px;
  border-radius: 10px;
  border: 1px solid var(--line);
  background: var(--raised);
  color: var(--ink);
  font: 600 0.9375rem/1.2 var(--sans);
  text-decoration: none;
  cursor: pointer;
  white-space: nowrap;
  @media (max-width: 18em) {
    white-space: normal;
  }
  user-select: none;
  transition:
    background 0.12s,
    border-color 0.12s;
  &:hover {
    border-color: var(--soft);
  }
  &[data-tone='strong'] {
    background: var(--strong);
    border-color: var(--strong);
    color: var(--on-strong);
  }
  &[data-tone='quiet'] {
    background: transparent;
    border-color: transparent;
    padding: 0 8px;
    font-weight: 500;
  }
  &[data-tone='quiet']:hover {
    background: var(--sunk);
  }
  &[data-tone='danger'] {
    color: var(--madder);
  }
  &[data-size='small'] {
    min-height: 36px;
    padding: 0 12px;
    font-size: 0.875rem;
    border-radius: 18px;
    font-weight: 500;
  }
  &[data-pressed='true'] {
    border-color: var(--madder);
    color: var(--madder);
    box-shadow: inset 0 0 0 1px var(--madder);
  }
  &:disabled {
    opacity: 0.5;
    cursor: default;
  }
  @media (pointer: coarse) {
    &[data-size='small'] {
      min-height: 44px;
    }
  }
`;

/** What a button and a link that looks like one take alike. */
export interface ButtonLook {
  readonly tone?: 'plain' | 'strong' | 'quiet' | 'danger';
  readonly size?: 'normal' | 'small';
  readonly label?: string;
}
