/** As much of the package as is used: it ships no types. */
declare module 'jstat' {
  export const jStat: {
    /** Shape and scale above zero; `p` from 0 to 1. */
    readonly gamma: { inv(p: number, shape: number, scale: number): number };
  };
}
