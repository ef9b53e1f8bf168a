'use client';
import styled from 'styled-components';
import { labelled, writtenInto } from './looks';

/** How a field with a list under it looks. */
export const ComboLook = styled.div`
  min-width: 0;
  > div {
    display: grid;
    gap: 4px;
  }
  ${labelled}
  .box {
    position: relative;
  }
  input {
    ${writtenInto}
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
`;
