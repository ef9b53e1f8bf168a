'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Search } from 'lucide-react';
import { Button, Key } from './button';
import { useHere } from './here';
import { useKey } from './keys';
import { anythingSaid, onFirstSaid } from './say';
import { WhitePage } from './white-page';
import { Mark } from './mark';

const Top = styled.header`
  display: flex;
  align-items: stretch;
  gap: 26px;
  height: 56px;
  padding: 0 28px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
  position: sticky;
  top: 0;
  z-index: 5;
  .brand {
    display: flex;
    align-items: center;
    gap: 10px;
    font: 500 1.375rem/1 var(--serif);
    font-variant-numeric: lining-nums;
    text-decoration: none;
    white-space: nowrap;
  }
  nav {
    display: flex;
    gap: 26px;
  }
  nav a {
    display: flex;
    align-items: center;
    text-decoration: none;
    color: var(--soft);
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
    padding: 0 1px;
  }
  nav a:hover {
    color: var(--ink);
  }
  nav a[aria-current='page'] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--madder);
  }
  .end {
    margin-left: auto;
    display: flex;
    align-items: center;
    gap: 6px;
    color: var(--soft);
    font-size: 0.875rem;
  }
  .end a {
    text-decoration: none;
    padding: 10px 8px;
  }
  @media (max-width: 47.5em) {
    padding: 0 14px;
    gap: 14px;
    .brand span,
    .end .venue,
    .end .keys,
    nav a[data-home] {
      display: none;
    }
    .end .word {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    nav {
      gap: 15px;
    }
    .end a {
      padding: 10px 4px;
    }
  }
  @media (max-width: 30em) {
    padding: 0 6px 0 12px;
    gap: 11px;
    nav {
      gap: 13px;
    }
    .end {
      gap: 0;
    }
    .end button {
      padding: 0;
      min-width: 40px;
    }
    .end kbd {
      display: none;
    }
    .white button::after {
      content: '◯';
      font-size: 1.25rem;
    }
  }
  /* Large text on a small screen: the bar takes the lines it needs and scrolls away. */
  @media (max-width: 18em) {
    position: static;
    height: auto;
    min-height: 56px;
    nav {
      flex-wrap: wrap;
      gap: 0 15px;
    }
  }
`;
const Skip = styled.a`
  position: absolute;
  left: -999px;
  &:focus {
    left: 12px;
    top: 8px;
    background: var(--raised);
    padding: 8px 14px;
    z-index: 30;
  }
`;
/** Asked for by one key, or when there is something to say; until then they weigh nothing. */
const KeysSheet = dynamic(() => import('./keys-sheet').then((module) => module.KeysSheet), { ssr: false });
const Toasts = dynamic(() => import('./toast').then((module) => module.Toasts), { ssr: false });
const FindSheet = dynamic(() => import('./find-sheet').then((module) => module.FindSheet), { ssr: false });
const entries = [
  ['/', 'Today'],
  ['/cellar', 'Cellar'],
  ['/flights', 'Flights'],
  ['/pairing', 'Table'],
  ['/notebook', 'Notebook'],
] as const;

/** The frame of every page: navigation, the white page, the list of keys. */
export function Frame({ keys = {}, children }: { keys?: Readonly<Record<string, string>>; children: ReactNode }) {
  const { venue } = useHere();
  const path = usePathname();
  const [white, setWhite] = useState(false);
  const [listing, setListing] = useState(false);
  const [finding, setFinding] = useState(false);
  const [said, setSaid] = useState(anythingSaid);
  useEffect(() => onFirstSaid(() => setSaid(true)), []);
  // What is typed before the sheet has come is not lost, and is not taken for a key of the page.
  const [early, setEarly] = useState('');
  useKey((key, event) => {
    if (finding) {
      if (key.length !== 1) return;
      event.preventDefault();
      setEarly((before) => before + key);
    } else if (key === 'g') {
      event.preventDefault();
      setEarly('');
      setFinding(true);
    } else if (key === 'w') setWhite((shown) => !shown);
    else if (key === '?') setListing((shown) => !shown);
    else if (key === 'Escape') {
      setWhite(false);
      setListing(false);
    }
  });
  const here = path.startsWith('/notes') ? '/notebook' : path.startsWith('/wines') ? '/cellar' : path;
  const within = (href: string) => (href === '/' ? here === '/' : here.startsWith(href));
  return (
    <>
      <Skip href="#main">Skip to the page</Skip>
      <Top>
        <Link className="brand" href="/" aria-label="Rose Compass: today">
          <Mark />
          <span>Rose Compass</span>
        </Link>
        <nav aria-label="Main">
          {entries.map(([href, label]) => (
            <Link key={href} href={href} aria-current={within(href) ? 'page' : undefined} data-home={href === '/' || undefined}>
              {label}
            </Link>
          ))}
        </nav>
        <div className="end">
          <Link className="venue" href="/settings">
            {venue}
          </Link>
          <Button tone="quiet" size="small" keys="g" onPress={() => setFinding(true)}>
            <Search size={17} aria-hidden /> <span className="word">Go to</span> <Key>g</Key>
          </Button>
          <span className="white">
            <Button tone="quiet" size="small" keys="w" onPress={() => setWhite(true)}>
              <span className="word">White page</span> <Key>w</Key>
            </Button>
          </span>
          <span className="keys">
            <Button tone="quiet" size="small" keys="?" onPress={() => setListing(!listing)}>
              Keys <Key>?</Key>
            </Button>
          </span>
        </div>
      </Top>
      <main id="main">{children}</main>
      {white && <WhitePage close={() => setWhite(false)} />}
      {listing && <KeysSheet keys={keys} close={() => setListing(false)} />}
      {finding && <FindSheet early={early} close={() => setFinding(false)} />}
      {said && <Toasts />}
    </>
  );
}
/** A page with a title and room around it. */
export const Page = styled.div`
  max-width: 1280px;
  margin: 0 auto;
  padding: 24px 34px 60px;
  > .title {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 8px 18px;
    margin-bottom: 16px;
  }
  > .title .actions {
    margin-left: auto;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
  }
  .soft {
    color: var(--soft);
  }
  .end {
    margin-top: 14px;
  }
  @media (max-width: 47.5em) {
    padding: 18px 16px 80px;
  }
`;
