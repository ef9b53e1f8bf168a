'use client';
import styled from 'styled-components';

/** What is on, and beside it what is next; one column on a phone, with the way on at the thumb. */
export const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 366px;
  min-height: calc(100vh - 56px);
  > section {
    padding: 18px 34px 24px;
    display: flex;
    flex-direction: column;
    min-width: 0;
    position: sticky;
    top: 56px;
    height: calc(100vh - 56px);
    overflow-y: auto;
  }
  > aside {
    border-left: 1px solid var(--line);
    padding: 18px 26px 40px;
    display: grid;
    gap: 26px;
    align-content: start;
  }
  aside h2 {
    font-size: 1.25rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 8px;
    margin-bottom: 4px;
  }
  aside dl {
    margin: 0;
  }
  aside dl div {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 12px;
    padding: 10px 0;
    border-bottom: 1px solid var(--line);
  }
  aside dd {
    margin: 0;
    color: var(--soft);
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 4px 18px;
    color: var(--soft);
  }
  .late {
    color: var(--amber);
    font-weight: 600;
  }
  .main {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 18px;
    margin: 10px 0 16px;
    flex-wrap: wrap;
  }
  .main h1 {
    font-size: 3.25rem;
  }
  .main h1 span {
    font: 400 1.375rem var(--sans);
    margin-left: 12px;
  }
  .time {
    font: 500 2.5rem/1 var(--serif);
    white-space: nowrap;
  }
  .time small {
    font: 400 0.9375rem var(--sans);
    color: var(--soft);
    margin-left: 10px;
  }
  .say {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 28px;
    margin: 18px 0;
  }
  .say p {
    font: 500 1.3125rem/1.35 var(--serif);
  }
  .say small,
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    position: sticky;
    bottom: -24px;
    margin: auto -34px -24px;
    padding: 18px 34px 24px;
    background: var(--paper);
  }
  .acts button {
    min-height: 60px;
    font-size: 1.0625rem;
  }
  .acts .go {
    margin-left: auto;
  }
  .acts .go button {
    min-width: 240px;
  }
  @media (max-width: 62em) {
    grid-template-columns: minmax(0, 1fr);
    > section {
      position: static;
      height: auto;
    }
    > aside {
      border-left: 0;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    > section {
      padding: 12px 16px 120px;
    }
    .main h1 {
      font-size: 2.375rem;
    }
    .main h1 span {
      display: block;
      margin: 4px 0 0;
      font-size: 1.125rem;
    }
    .say {
      grid-template-columns: minmax(0, 1fr);
      gap: 14px;
    }
    .acts {
      position: fixed;
      left: 0;
      right: 0;
      bottom: 0;
      margin: 0;
      background: var(--paper);
      border-top: 1px solid var(--line);
      padding: 10px 12px calc(10px + env(safe-area-inset-bottom));
      z-index: 4;
      gap: 8px;
    }
    .acts button {
      min-height: 52px;
      padding: 0 12px;
      font-size: 0.9375rem;
    }
    .acts .go {
      order: -1;
      width: 100%;
    }
    .acts .go button {
      width: 100%;
    }
    .acts kbd {
      display: none;
    }
  }
`;
