/** A line as a linear network at the peak of the pulse: nodes joined by resistances, leaks to earth, one source between two nodes. */
import { inverse } from './inverse';
import type { Source } from './source';

/** Two nodes and the Ω between them. */
export interface Piece {
  readonly from: number;
  readonly to: number;
  readonly ohms: number;
}

/** From a node to true earth, Ω. */
export interface Leak {
  readonly node: number;
  readonly ohms: number;
}

/** Nodes are counted from 0. */
export interface Network {
  readonly nodes: number;
  readonly pieces: readonly Piece[];
  readonly leaks: readonly Leak[];
  /** Current comes out at `feed` and goes back in at `earth`, the electrode. */
  readonly source: Source & { readonly feed: number; readonly earth: number };
}

/** Volts against true earth at every node, kV, and what a current into one node does at another, Ω (symmetric). */
export interface Solved {
  readonly volts: readonly number[];
  readonly transfer: (at: number, by: number) => number;
}

/** A node that hangs on nothing lies at earth: so small a leak that nothing else feels it, S. */
const hangsOnNothing = 1e-12;

/** Kirchhoff's current law at every node, `Y·v = i`, by the inverse of `Y`: volts, and from the same matrix what a leak anywhere would do. */
export function solve({ nodes, pieces, leaks, source }: Network): Solved {
  const admittance = Array.from({ length: nodes }, () => Array<number>(nodes).fill(0));
  const add = (row: number, column: number, siemens: number) => {
    const at = admittance[row];
    if (at?.[column] === undefined) throw new Error('no such node');
    at[column] += siemens;
  };
  const join = (a: number, b: number, ohms: number) => {
    add(a, a, 1 / ohms);
    add(b, b, 1 / ohms);
    add(a, b, -1 / ohms);
    add(b, a, -1 / ohms);
  };
  for (let node = 0; node < nodes; node += 1) add(node, node, hangsOnNothing);
  for (const { from, to, ohms } of pieces) join(from, to, ohms);
  for (const { node, ohms } of leaks) add(node, node, 1 / ohms);
  const { feed, earth, open, within } = source;
  join(feed, earth, within);
  const transfer = inverse(admittance);
  const current = open / within;
  const volts = Array.from(
    { length: nodes },
    (_, node) => current * (transfer(node, feed) - transfer(node, earth)),
  );
  return { volts, transfer };
}

/** Volts at a node, kV, once a leak of so many Ω is at another: one more leak is a change of rank one. */
export function withLeak({ volts, transfer }: Solved, at: number, leak: Leak): number {
  const here = volts[at];
  const there = volts[leak.node];
  if (here === undefined || there === undefined) throw new Error('no such node');
  return here - (transfer(at, leak.node) * there) / (leak.ohms + transfer(leak.node, leak.node));
}
