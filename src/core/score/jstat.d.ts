/** As much of the package as is used: it ships no types. */
declare module 'jstat' {
  export const jStat: {
    /** Both parameters above zero; `p` from 0 to 1. */
    readonly beta: { inv(p: number, alpha: number, beta: number): number };
    /** Shape and scale above zero; `p` from 0 to 1. */
    readonly gamma: { inv(p: number, shape: number, scale: number): number };
    readonly normal: {
      pdf(x: number, mean: number, deviation: number): number;
    };
  };
}
