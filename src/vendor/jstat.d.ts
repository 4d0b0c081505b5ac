/** The parts of jstat (no types of its own) that the core uses. */
declare module 'jstat' {
  interface Distribution1 {
    cdf(x: number, a: number): number;
    inv(p: number, a: number): number;
  }
  interface Distribution2 {
    cdf(x: number, a: number, b: number): number;
    inv(p: number, a: number, b: number): number;
  }
  export const jStat: {
    normal: Distribution2;
    studentt: Distribution1;
    cholesky(matrix: number[][]): number[][];
    inv(matrix: number[][]): number[][];
  };
  const jstat: { jStat: typeof jStat };
  export default jstat;
}
