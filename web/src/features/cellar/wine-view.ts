import type { WineDocument } from '@rose/core/wine/facts';
import type { ClaimView } from '@/server/cellar/view';

export interface WineView {
  readonly id: string;
  readonly revision: number;
  readonly document: WineDocument;
  readonly styleName: string;
  readonly style: { id: string; name: string; why: string };
  readonly law: readonly ClaimView[];
  readonly profile: Readonly<Record<string, { value: number; from: 'tasted' | 'facts' | 'style'; why: string }>>;
  readonly expected: Readonly<Record<string, number>>;
  readonly stops: readonly string[];
  readonly missing: readonly { id: string; label: string }[];
  readonly notes: number;
  readonly age: number | null;
  readonly finish: { readonly median: number | null; readonly notes: number; readonly brokenOff: number; readonly word: string } | null;
  readonly window: {
    readonly from: readonly [number, number];
    readonly until: readonly [number, number];
    readonly doubt: string;
    readonly because: readonly { readonly percent: number; readonly text: string }[];
  } | null;
}
