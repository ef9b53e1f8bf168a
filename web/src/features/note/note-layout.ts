'use client';
import styled from 'styled-components';

/** Three columns on a desk, one on a phone. */
export const Lay = styled.div`
  .plain {
    text-decoration: none;
  }
  .opening {
    display: inline-block;
    line-height: 24px;
  }
  .state {
    margin-top: 4px;
  }
  display: grid;
  grid-template-columns: 306px minmax(0, 1fr) 330px;
  min-height: calc(100vh - 56px);
  > aside {
    padding: 22px 24px;
  }
  > aside:first-child {
    border-right: 1px solid var(--line);
  }
  > aside:last-child {
    border-left: 1px solid var(--line);
    background: var(--raised);
  }
  > section {
    padding: 22px 34px 60px;
    min-width: 0;
  }
  h1 {
    font-size: 1.875rem;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .compass {
    display: grid;
    place-items: center;
    margin: 14px 0;
    min-height: 252px;
  }
  .phone-only {
    display: none;
    gap: 10px;
    align-items: center;
    margin-left: auto;
  }
  .head {
    display: flex;
    align-items: center;
    gap: 10px;
  }
  .look {
    display: flex;
    gap: 14px;
    align-items: center;
    margin: 6px 0 16px;
    font-size: 0.875rem;
  }
  @media (max-width: 70em) {
    grid-template-columns: 250px minmax(0, 1fr);
    > aside:last-child {
      grid-column: 1 / -1;
      border-left: 0;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    display: flex;
    flex-direction: column;
    padding-bottom: 84px;
    > aside:first-child {
      border: 0;
      padding: 14px 16px 0;
    }
    > section {
      padding: 10px 16px 20px;
    }
    > aside:last-child {
      padding: 18px 16px;
    }
    .compass,
    .desk-only {
      display: none;
    }
    .phone-only {
      display: flex;
    }
    h1 {
      font-size: 1.625rem;
    }
  }
`;
/** The quarters, each with how much of it was looked at. */
export const TabStrip = styled.div`
  > [role='tablist'] {
    display: flex;
    gap: 6px;
    margin: 0 0 16px;
    flex-wrap: wrap;
    border-bottom: 1px solid var(--line);
    padding-bottom: 12px;
    [role='tab'] {
      padding: 8px 10px;
      min-height: 44px;
      cursor: pointer;
      color: var(--soft);
      border-radius: 8px;
      outline: none;
      display: grid;
      gap: 4px;
      font-size: 0.9375rem;
    }
    [role='tab'][data-focus-visible] {
      outline: 2px solid var(--madder);
      outline-offset: 2px;
    }
    [role='tab'][data-selected] {
      color: var(--madder);
      font-weight: 650;
    }
    i {
      display: block;
      height: 4px;
      border-radius: 2px;
      background: var(--line);
      overflow: hidden;
      min-width: 60px;
    }
    i b {
      display: block;
      height: 100%;
      background: var(--ink);
    }
    [role='tab'][data-selected] i b {
      background: var(--madder);
    }
    @media (max-width: 47.5em) {
      display: grid;
      grid-template-columns: repeat(5, 1fr);
      gap: 4px;
      [role='tab'] {
        padding: 6px 0;
        font-size: 0.8125rem;
      }
      i {
        min-width: 0;
      }
      kbd {
        display: none;
      }
    }
    @media (max-width: 18em) {
      display: flex;
      gap: 4px 12px;
    }
  }
  > [role='tabpanel'] {
    outline: none;
  }
`;
/** Undo and the way on; at the thumb on a phone. */
export const Bar = styled.div`
  display: flex;
  gap: 10px;
  margin-top: 22px;
  align-items: center;
  @media (max-width: 18em) {
    flex-wrap: wrap;
  }
  @media (max-width: 47.5em) {
    position: fixed;
    left: 0;
    right: 0;
    bottom: 0;
    margin: 0;
    padding: 10px 16px calc(10px + env(safe-area-inset-bottom));
    background: var(--paper);
    border-top: 1px solid var(--line);
    z-index: 4;
    > :last-child {
      flex: 1;
    }
  }
`;
/** A part of what stands beside the record: the draft, the deduction, what was expected. */
export const Panel = styled.section`
  border-top: 1px solid var(--line);
  margin-top: 18px;
  padding-top: 14px;
  h3 {
    margin: 0 0 8px;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;
