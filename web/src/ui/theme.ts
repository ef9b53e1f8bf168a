'use client';
import { createGlobalStyle } from 'styled-components';

/** Truly neutral surfaces: people judge wine next to this screen. The dim-room set follows the system and can be switched. */
const light = `
  --paper: #f7f7f6; --raised: #fdfdfd; --sunk: #efefee; --ink: #1c1e20; --soft: #5b5e61; --faint: #64676a; --line: #d6d7d6; --strong: #1c1e20; --on-strong: #fdfdfd;
  --madder: #9a2440; --madder-soft: #c48a96; --amber: #8f5a00; --sea: #23705f; --sea-soft: #c3d3cd; --facet-dark: #4a4d50; --facet-light: #b9bcbe; color-scheme: light;`;
const dim = `
  --paper: #141514; --raised: #1b1c1b; --sunk: #0e0f0e; --ink: #ecedec; --soft: #a9acab; --faint: #8f9291; --line: #353736; --strong: #ececeb; --on-strong: #141514;
  --madder: #e0738b; --madder-soft: #8f4657; --amber: #e0a13c; --sea: #6fbfa8; --sea-soft: #2f4a42; --facet-dark: #c9cccb; --facet-light: #6d706f; color-scheme: dark;`;

export const GlobalStyle = createGlobalStyle`
  :root { ${light} --serif: var(--font-alegreya-more), var(--font-alegreya), Georgia, serif; --sans: var(--font-source-more), var(--font-source), system-ui, sans-serif; }
  :root:has([data-letters='later']) { --serif: 'alegreya Fallback', Georgia, serif; --sans: 'source Fallback', system-ui, sans-serif; }
  @media (prefers-color-scheme: dark) { :root:not([data-room='light']) { ${dim} } }
  :root[data-room='dim'] { ${dim} }
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; scroll-padding-top: 72px; }
  body { margin: 0; background: var(--paper); color: var(--ink); font: 400 0.9375rem/1.5 var(--sans); font-variant-numeric: tabular-nums lining-nums; }
  h1, h2, h3 { font-family: var(--serif); font-weight: 500; line-height: 1.15; margin: 0; font-variant-numeric: lining-nums; letter-spacing: -0.005em; }
  h1 { font-size: 2.5rem; } h2 { font-size: 1.625rem; } h3 { font-size: 1.25rem; }
  p { margin: 0; }
  a { color: inherit; text-underline-offset: 3px; }
  button, input, select, textarea { font: inherit; color: inherit; }
  ::selection { background: var(--madder); color: #fff; }
  :focus-visible { outline: 2px solid var(--madder); outline-offset: 2px; border-radius: 4px; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { transition-duration: 0s !important; animation-duration: 0s !important; } }
  @media (max-width: 40em) { h1 { font-size: 1.875rem; } body { font-size: 1rem; } }
  @media print { body { background: #fff; } }
`;
