'use client';
import styled from 'styled-components';

/** How a field with a list under it looks. */
export const ComboLook = styled.div`
  min-width: 0;
  > div {
    display: grid;
    gap: 4px;
  }
  label,
  .label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
  .box {
    position: relative;
  }
  input {
    min-height: 44px;
    min-width: 0;
    width: 100%;
    padding: 8px 12px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
  .box input {
    padding-right: 40px;
  }
  .box button {
    position: absolute;
    inset: 0 0 0 auto;
    width: 40px;
    border: 0;
    background: transparent;
    color: var(--soft);
    cursor: pointer;
  }
  .error {
    color: var(--madder);
    font-size: 0.8125rem;
  }
`;
