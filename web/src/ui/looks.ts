import { css } from 'styled-components';

/** A label above its field, and what is wrong with it below. */
export const labelled = css`
  label,
  .label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
  .error {
    color: var(--madder);
    font-size: 0.8125rem;
  }
`;
/** The box something is written into. */
export const writtenInto = css`
  min-height: 44px;
  min-width: 0;
  width: 100%;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--raised);
`;
/** What lies over the page at a control: lists, menus, explanations. */
export const overPage = css`
  background: var(--raised);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
`;
/** A row of such a list. */
export const rowOver = css`
  padding: 9px 12px;
  min-height: 40px;
  border-radius: 8px;
  cursor: pointer;
  outline: none;
  &[data-focused],
  &[data-open] {
    background: var(--sunk);
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
/** The platform's own control, lying unseen over what is drawn of it. */
export const unseen = css`
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  margin: 0;
  opacity: 0;
`;
/** A ring for who comes by keys. */
export const ring = css`
  outline: 2px solid var(--madder);
  outline-offset: 2px;
`;
/** A name that can be pressed, within a line of words. */
export const named = css`
  all: unset;
  cursor: pointer;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-color: var(--line);
  &:focus-visible {
    ${ring}
  }
`;
