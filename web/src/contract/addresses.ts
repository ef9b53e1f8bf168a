import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import type { contract } from '.';
import type { Contract } from './contract';

/** Where a call goes. What it takes and answers is known to the compiler alone: no schema reaches the browser. */
export interface Address<C extends Pick<Contract, 'method' | 'path' | 'input' | 'output'>> {
  readonly method: C['method'];
  readonly path: C['path'];
  readonly files?: readonly string[];
  readonly takes?: Frozen<z.input<C['input']>>;
  readonly answers?: Frozen<z.output<C['output']>>;
}
type Said = typeof contract;
/** The addresses of the whole contract: one that is missing, or leads elsewhere than the contract says, does not compile. */
export type Addresses = { readonly [A in keyof Said]: { readonly [V in keyof Said[A]]: Said[A][V] extends Contract ? Address<Said[A][V]> : never } };
