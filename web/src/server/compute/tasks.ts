import { drained } from '@rose/core/solver/solver';
import { solvers, type SolverInput, type SolverOutput, type Solvers } from '@rose/knowledge/solvers/index';
import type { PaperId, PrintKind } from '../../contract/prints';
import { drawPrint, type FactsOf } from '../print/kinds';
import type { Foot } from '../print/sheets';

interface Drawing {
  readonly kind: PrintKind;
  readonly facts: FactsOf[PrintKind];
  readonly paper: PaperId;
  readonly foot: Foot;
}
/** What is too long for the event loop: the solvers pages ask their workers for, and the drawing of prints. */
export interface Tasks {
  readonly solve: { readonly [K in keyof Solvers]: { readonly input: SolverInput<K>; readonly output: SolverOutput<K> } };
  readonly print: { readonly input: Drawing; readonly output: Uint8Array };
}
export type Asked = { readonly kind: 'solve'; readonly solver: keyof Solvers; readonly input: unknown } | { readonly kind: 'print'; readonly input: Drawing };

/** Does a task where it is called: in a thread of the pool, or in a test on the spot. */
export async function perform(asked: Asked): Promise<unknown> {
  if (asked.kind === 'print') return drawPrint(asked.input.kind, asked.input.facts, asked.input.paper, asked.input.foot);
  // The pool's own functions are typed by the solver; here its input is what they were given.
  return drained(solvers[asked.solver](asked.input as never) as Generator<number, unknown>);
}
