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
    font-size: 0.875rem;
    line-height: 1.4;
  }
  .line {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    font-size: 0.9375rem;
    font-weight: 650;
  }
  .verdict {
    font-size: 0.84375rem;
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
  .caution {
    color: var(--madder);
  }
  ol li {
    border: 0;
    padding: 2px 0;
  }
`;
