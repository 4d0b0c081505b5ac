import { describe, expect, test } from '@jest/globals';
import { normalQuantile } from '../stats/normal';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { watchedLevel } from './watchedLevel';

/** Share of rows of forty readings at the limit that are accepted at any look. */
function acceptedAtAnyLook(sharedShare: number, factor: number, rows: number): number {
  const draw = normalDraws(seededRandom(8));
  const [shared, own] = [Math.sqrt(sharedShare), Math.sqrt(1 - sharedShare)];
  let accepted = 0;
  for (let row = 0; row < rows; row += 1) {
    const common = shared * draw();
    let sum = 0;
    for (let look = 1; look <= 40; look += 1) {
      sum += own * draw();
      const spread = Math.sqrt(sharedShare + (1 - sharedShare) / look);
      if ((common + sum / look) / spread > -factor) continue;
      accepted += 1;
      break;
    }
  }
  return accepted / rows;
}

describe('a decision that is looked at after every reading', () => {
  test.each([0, 0.25, 0.5, 0.75, 0.95])('of a shared %d: 5 in 100 over all looks', (share) => {
    const factor = normalQuantile(watchedLevel(share));
    const found = acceptedAtAnyLook(share, factor, 6000);
    expect(found).toBeGreaterThan(0.04);
    expect(found).toBeLessThan(0.06);
  });

  test('looking at 95 in 100 each time accepts far more often', () => {
    expect(acceptedAtAnyLook(0.1, normalQuantile(0.95), 3000)).toBeGreaterThan(0.15);
  });

  test('where all is shared, looking again costs nothing; nonsense is refused', () => {
    expect(watchedLevel(1)).toBeCloseTo(0.95, 4);
    expect(watchedLevel(0)).toBeGreaterThan(watchedLevel(0.5));
    expect(() => watchedLevel(1.2)).toThrow('sharedShare');
    expect(() => watchedLevel(NaN)).toThrow('sharedShare');
  });
});
