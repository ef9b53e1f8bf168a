import styled from 'styled-components';

/** A ruled list of findings, each with its verdict and source. */
export const Entries = styled.ul`
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    padding: 9px 0 10px;
    border-bottom: 1px solid var(--line);
    font-size: 14px;
    line-height: 1.4;
  }
  .line {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    font-size: 15px;
    font-weight: 650;
  }
  .verdict {
    font-size: 13.5px;
    white-space: nowrap;
  }
  .meets {
    color: var(--sea);
  }
  .fails {
    color: var(--madder);
  }
  .unknown {
    color: var(--amber);
  }
  .source {
    color: var(--soft);
  }
`;
