/** What sorting and heaps ask for, from what comes before what: below zero where the first does, zero where neither does. */
export const orderOf =
  <T>(before: (a: T, b: T) => boolean) =>
  (a: T, b: T): number =>
    before(a, b) ? -1 : before(b, a) ? 1 : 0;
