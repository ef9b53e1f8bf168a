import type { Metadata, Viewport } from 'next';
import localFont from 'next/font/local';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { NonceMeta, StyleRegistry } from '@/ui/style-registry';

const alegreya = localFont({
  variable: '--font-alegreya',
  display: 'swap',
  // Asked for when a page draws with it: a guest's page does so only after its first question.
  preload: false,
  adjustFontFallback: 'Times New Roman',
  src: [
    { path: '../../../node_modules/@fontsource-variable/alegreya/files/alegreya-latin-wght-normal.woff2', weight: '400 900', style: 'normal' },
    { path: '../../../node_modules/@fontsource-variable/alegreya/files/alegreya-latin-wght-italic.woff2', weight: '400 900', style: 'italic' },
  ],
});
const source = localFont({
  variable: '--font-source',
  display: 'swap',
  preload: false,
  src: [{ path: '../../../node_modules/@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2', weight: '200 900', style: 'normal' }],
});
/** Letters of central European and Turkish names; asked for only when a page has one. */
const alegreyaMore = localFont({
  variable: '--font-alegreya-more',
  display: 'swap',
  preload: false,
  adjustFontFallback: false,
  declarations: [
    { prop: 'unicode-range', value: 'U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+1E00-1E9F, U+1EF2-1EFF, U+2C60-2C7F, U+A720-A7FF' },
  ],
  src: [
    { path: '../../../node_modules/@fontsource-variable/alegreya/files/alegreya-latin-ext-wght-normal.woff2', weight: '400 900', style: 'normal' },
    { path: '../../../node_modules/@fontsource-variable/alegreya/files/alegreya-latin-ext-wght-italic.woff2', weight: '400 900', style: 'italic' },
  ],
});
const sourceMore = localFont({
  variable: '--font-source-more',
  display: 'swap',
  preload: false,
  adjustFontFallback: false,
  declarations: [
    { prop: 'unicode-range', value: 'U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+1E00-1E9F, U+1EF2-1EFF, U+2C60-2C7F, U+A720-A7FF' },
  ],
  src: [
    { path: '../../../node_modules/@fontsource-variable/source-sans-3/files/source-sans-3-latin-ext-wght-normal.woff2', weight: '200 900', style: 'normal' },
  ],
});

export const metadata: Metadata = {
  title: { default: 'Rose Compass', template: '%s · Rose Compass' },
  description: 'Plan, taste, score and pair: a compass for people who lead wine tastings.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#f7f7f6' },
    { media: '(prefers-color-scheme: dark)', color: '#141514' },
  ],
};

export default async function Layout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? '';
  return (
    <html lang="en-GB" className={`${alegreya.variable} ${source.variable} ${alegreyaMore.variable} ${sourceMore.variable}`} suppressHydrationWarning>
      <head>
        <NonceMeta nonce={nonce} />
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: "try{var r=localStorage.getItem('room');if(r)document.documentElement.dataset.room=r}catch(e){}" }}
        />
      </head>
      <body>
        <StyleRegistry nonce={nonce}>{children}</StyleRegistry>
      </body>
    </html>
  );
}
