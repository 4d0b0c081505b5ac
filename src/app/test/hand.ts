/** Taps and typed characters of an act, counted as a person makes them, in a browser as in a walk. */
export class Hand {
  taps = 0;
  typed = 0;

  async tap(on: { click(): Promise<void> }): Promise<void> {
    this.taps += 1;
    await on.click();
  }

  async type(into: { fill(text: string): Promise<void> }, text: string): Promise<void> {
    this.typed += text.length;
    await into.fill(text);
  }
}
