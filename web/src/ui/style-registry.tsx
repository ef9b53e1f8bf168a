'use client';
import { useState, type ReactNode } from 'react';
import { useServerInsertedHTML } from 'next/navigation';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { GlobalStyle } from './theme';

/** Collects styles while the server renders, with the page's nonce. The meta tag is frozen at the first render: a later nonce would break the styles already there. */
export function StyleRegistry({ nonce, children }: { nonce: string; children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet());
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return <>{styles.map((style, i) => ({ ...style, key: i, props: { ...style.props, nonce } }))}</>;
  });
  const content = (
    <>
      <GlobalStyle />
      {children}
    </>
  );
  if (typeof window !== 'undefined') return content;
  return <StyleSheetManager sheet={sheet.instance}>{content}</StyleSheetManager>;
}

/** Where styled-components finds the nonce in the browser. */
export function NonceMeta({ nonce }: { nonce: string }) {
  const [frozen] = useState(nonce);
  return <meta property="csp-nonce" nonce={frozen} suppressHydrationWarning />;
}
