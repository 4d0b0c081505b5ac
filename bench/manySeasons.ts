/**
 * Seasons of a house, year after year, for the benchmarks: each has some copies of the demo season, each with
 * a day of a thousand looks at frames every third copy, and photographs. Nothing is measured.
 */
import { demoSeason } from '../demo/season';
import { firstRevision, type AnyRecord, type Photo, type Scribe } from '../src/records';
import { combSeason } from './combSeason';

/** Copies of the demo that make up a year. */
export const COPIES_A_YEAR = 3;

const LOOKS_A_YEAR = 1000;
const PHOTOS_A_YEAR = 25;
const PHOTO_BYTES = 150_000;

/** The same records of another year, with identifiers of their own. */
function copied(records: readonly AnyRecord[], mark: string, yearsBefore: number): AnyRecord[] {
  const text = JSON.stringify(records)
    .replaceAll(/"(demo|b)-/g, `"${mark}-$1-`)
    .replaceAll(/"(20\d\d)-(\d\d)-(\d\d)/g, (_, year: string, month: string, day: string) => {
      const shifted = Number(year) - yearsBefore;
      const last = month === '02' && day === '29' ? '28' : day;
      return `"${shifted}-${month}-${last}`;
    })
    .replaceAll(/"code":"(\d\d)(\d{4}-[a-z])/g, (_, year: string, rest: string) => {
      return `"code":"${String(Number(year) - yearsBefore).padStart(2, '0')}${rest}${mark.at(-1)}`;
    });
  return JSON.parse(text) as AnyRecord[];
}

/** Bytes that no file can pack, as of a photograph. */
function noise(seed: number): string {
  let state = seed + 1;
  const bytes = Buffer.alloc(PHOTO_BYTES);
  for (let at = 0; at < PHOTO_BYTES; at += 1) {
    state = (state * 1103515245 + 12345) % 2147483648;
    bytes[at] = state >> 16;
  }
  return bytes.toString('base64');
}

function photosOf(records: readonly AnyRecord[], mark: string): Photo[] {
  const looks = records.filter((record) => record.kind === 'frame-check').slice(0, PHOTOS_A_YEAR);
  return looks.map((look, at) => {
    const scribe: Scribe = {
      newId: () => `${mark}-photo-${at}`,
      now: () => look.recordedAt,
      author: 'HH',
    };
    const { frameId, harvestId, day } = look.content;
    return firstRevision(
      scribe,
      'photo',
      { frameId, harvestId, day, side: 0, width: 1600, height: 1200, jpegBase64: noise(at) },
      frameId,
    );
  });
}

/**
 * Records of so many copies of the demo season, three a year back from a day, the first of each year with a
 * thousand looks at frames and 25 photographs.
 *
 * @param looks - at frames a year, where a thousand are too many
 */
export function manySeasons(copies: number, today: string, looks = LOOKS_A_YEAR): AnyRecord[] {
  const demo = demoSeason(today);
  const comb = combSeason(looks);
  return Array.from({ length: copies }, (_, copy) => {
    const year = Math.floor(copy / COPIES_A_YEAR);
    const mark = `y${year}${'abc'[copy % COPIES_A_YEAR]}`;
    const own = copied(demo, mark, year);
    if (copy % COPIES_A_YEAR !== 0) return own;
    const looks = copied(comb, mark, year);
    return [...own, ...looks, ...photosOf(looks, mark)];
  }).flat();
}
