/** The parts of fft.js (no types of its own) that the core uses. */
declare module 'fft.js' {
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    transform(out: number[], data: readonly number[]): void;
  }
}
