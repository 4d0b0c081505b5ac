import { describe, expect, test } from '@jest/globals';
import { demoSeason } from '../../demo/season';
import { current, type Blend } from '../records';
import { SAMPLES, brokenBy } from './test/edgeSeason';

describe('what the schemas accept, the computation accepts', () => {
  test.each(SAMPLES)('a $kind with any field at its edge takes no page down', ({ edges }) => {
    expect(brokenBy(edges)).toEqual([]);
  });

  test('lots that were poured into themselves, or in a ring, take no page down', () => {
    const season = current(demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00.000Z')));
    const blend = season.find((record) => record.kind === 'blend');
    if (blend?.kind !== 'blend') throw new Error('no blend');
    const [tank] = blend.content.tanks;
    if (!tank) throw new Error('no tank');
    const [from = '', other = ''] = [...new Set(tank.pours.map(({ lotId }) => lotId))];
    const pouredInto = (lotId: string, sources: readonly string[]) => ({
      ...tank,
      lotId,
      pours: tank.pours.map((pour, at) => ({ ...pour, lotId: sources[at % sources.length] ?? '' })),
    });
    const ring = (tanks: Blend['content']['tanks']): Blend => ({
      ...blend,
      content: { ...blend.content, tanks },
    });
    expect(other).not.toBe('');
    expect(
      brokenBy([
        { says: 'itself', record: ring([pouredInto(from, [from])]) },
        { says: 'a ring', record: ring([pouredInto(from, [other]), pouredInto(other, [from])]) },
      ]),
    ).toEqual([]);
  });
});
