import { describe, expect, test } from '@jest/globals';
import { blockSentence, residueBlocks, type CombStay, type Given } from './residueBlocks';
import { inEnglish } from '../test/inEnglish';

const strip: Given = {
  id: 'g1',
  kind: 'treatment',
  name: 'a thymol strip',
  colonyIds: ['7'],
  fromDay: 100,
  toDay: 121,
  boxesOn: true,
  waitDays: 14,
};
const stay = (
  fromDay: number | null,
  toDay: number | null,
  change: Partial<CombStay> = {},
): CombStay => ({
  colonyId: '7',
  fromDay,
  toDay,
  as: 'honey',
  ...change,
});
const why = (stays: CombStay | CombStay[], given: Given = strip) =>
  residueBlocks([stays].flat(), [given])[0]?.why ?? 'free';

describe('comb and what was given to its hive', () => {
  test.each<[string, CombStay, string]>([
    ['out the day the treatment goes in', stay(80, 100), 'free'],
    ['out before it', stay(80, 90), 'free'],
    ['on throughout', stay(80, null), 'during'],
    ['on for its last day', stay(121, 130), 'during'],
    ['put on within the waiting time', stay(125, null), 'waiting'],
    ['put on the last day of waiting', stay(135, null), 'waiting'],
    ['put on after it', stay(136, null), 'free'],
    ['on another hive', stay(80, null, { colonyId: '8' }), 'free'],
    ['since nobody knows when', stay(null, null), 'during'],
  ])('%s', (_name, combStay, expected) => {
    expect(why(combStay)).toBe(expected);
  });

  test('boxes that were off meanwhile are free, if put back after the waiting time', () => {
    const off = { ...strip, boxesOn: false };
    expect(why([stay(80, 99), stay(140, null)], off)).toBe('free');
    expect(why([stay(80, 99), stay(122, null)], off)).toBe('waiting');
  });

  test('former brood comb inherits what its colony was given, boxes on or off', () => {
    expect(why(stay(80, 150, { as: 'brood' }), { ...strip, boxesOn: false })).toBe('during');
  });

  test('a frame moved in from a treated hive brings it along', () => {
    expect(why([stay(80, 110), stay(110, null, { colonyId: '9' })])).toBe('during');
  });

  test('one that goes on has no end', () => {
    expect(why(stay(400, null), { ...strip, toDay: null })).toBe('during');
  });

  test('sentences name the product and who decides', () => {
    const feed = { ...strip, kind: 'feed', name: 'syrup', waitDays: 0 } as const;
    const [fed] = residueBlocks([stay(110, null)], [feed]);
    expect(inEnglish(blockSentence(fed!))).toBe(
      'On the hive while syrup was fed: it may contain syrup, so it is not honey for people.',
    );
    const [treated] = residueBlocks([stay(125, null)], [strip]);
    expect(inEnglish(blockSentence(treated!))).toContain(
      'within the waiting time of a thymol strip: the label decides',
    );
  });
});
